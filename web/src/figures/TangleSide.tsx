import type { Schemas } from '../api/client';
import css from '../stages/tangle/tangle.module.css';
import { said } from '../stages/tangle/terms';
import { touched } from '../stages/tangle/touched';
import { msg } from '../stages/tangle/words';

type P = { alongM: number; heightM: number };
const WIDE = 360;
const AIR_M = 1.2;
const BELOW_PX = 46;
const BAND: Record<Schemas['TangledStem']['edges'][number]['severity'], number> = {
  NEUTRAL: 0,
  LOW: 2,
  MODERATE: 4,
  HIGH: 6,
  EXTREME: 8,
};

/** A stem from the side, to scale: its rests with their loads, the squeezed side solid, the stretched side open. */
export function TangleSide({ stem, cut }: { stem: Schemas['TangledStem']; cut?: Schemas['TangleCut'] }) {
  const s = stem.side;
  if (!s) return null;
  const scale = (WIDE - 40) / Math.max(1, s.widthM);
  const ghosts = cut ? [...cut.butt.outline, ...cut.tip.outline] : [];
  const high = (Math.max(s.heightM, ...ghosts.map((p) => p.heightM)) + AIR_M) * scale;
  const at = (p: P): [number, number] => [20 + p.alongM * scale, high - p.heightM * scale];
  const path = (points: P[]) => points.map((p) => at(p).join()).join(' ');
  const line = (a?: P, b?: P) => (a && b ? { x1: at(a)[0], y1: at(a)[1], x2: at(b)[0], y2: at(b)[1] } : {});
  return (
    <div className={css.sideBox}>
      <svg
        className={css.side}
        viewBox={`0 0 ${WIDE} ${high + BELOW_PX}`}
        role="img"
        aria-label={msg('fromTheSide', {
          stem: stem.label,
          angle: stem.pose?.said.angleDeg ?? '',
          length: stem.pose?.said.lengthM ?? '',
        })}
      >
        <line x1={0} x2={WIDE} y1={high} y2={high} stroke="var(--ink)" strokeWidth={2.5} />
        <polygon points={path(s.outline)} fill="var(--wood)" stroke="var(--ink)" strokeWidth={1.5} />
        {s.hidden.length > 0 && (
          <polygon points={path(s.hidden)} fill="var(--paper)" stroke="var(--ink)" strokeDasharray="2 3" />
        )}
        {stem.edges.map((e) => {
          const w = BAND[e.severity];
          const top = line(e.top[0], e.top[1]);
          const bottom = line(e.bottom[0], e.bottom[1]);
          if (e.squeeze === 'UNCERTAIN')
            return <line key={e.fromM} {...top} stroke="var(--slate)" strokeWidth={6} strokeDasharray="3 3" />;
          if (w === 0 || (e.squeeze !== 'TOP_BIND' && e.squeeze !== 'BOTTOM_BIND')) return null;
          const squeezed = e.squeeze === 'TOP_BIND' ? top : bottom;
          const stretched = e.squeeze === 'TOP_BIND' ? bottom : top;
          return (
            <g key={e.fromM}>
              <line {...squeezed} stroke="var(--ink)" strokeWidth={w} />
              <line {...stretched} stroke="var(--ink)" strokeWidth={1} strokeDasharray="5 3" />
            </g>
          );
        })}
        {cut && (
          <>
            {[cut.butt, cut.tip].map((p, i) =>
              p.outline.length > 0 && p.act !== 'STAYS' ? (
                <polygon
                  key={i === 0 ? 'butt' : 'tip'}
                  points={path(p.outline)}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth={1.5}
                  strokeDasharray="6 4"
                />
              ) : null,
            )}
            {cut.face[0] && (
              <g>
                <line
                  x1={at(cut.face[0])[0]}
                  x2={at(cut.face[0])[0]}
                  y1={at(cut.face[0])[1] - 30}
                  y2={at(cut.face[0])[1]}
                  stroke="var(--ink)"
                  strokeWidth={1.5}
                  strokeDasharray="2 3"
                />
                <path d={`M${at(cut.face[0])[0] - 8} ${at(cut.face[0])[1] - 40}h16l-8 10z`} fill="var(--keep)" />
                <text
                  x={at(cut.face[0])[0]}
                  y={at(cut.face[0])[1] - 46}
                  fontSize={15}
                  fontWeight={700}
                  textAnchor="middle"
                  fill="var(--ink)"
                >
                  {cut.said.xM}
                </text>
              </g>
            )}
            <line {...line(cut.face[0], cut.face[1])} stroke="var(--keep)" strokeWidth={5} />
          </>
        )}
        {stem.rests.map((r, i) => {
          const p = s.rests[i];
          if (!p) return null;
          const [x, y] = at(p);
          return (
            <g key={r.id}>
              <line x1={x} x2={x} y1={y} y2={high + 14} stroke="var(--ink)" strokeDasharray="2 3" />
              <circle cx={x} cy={y} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={3} />
              <text
                x={Math.min(WIDE - 4, Math.max(4, x))}
                y={high + 24}
                fontSize={13}
                fontWeight={700}
                textAnchor={x > WIDE / 2 ? 'end' : 'start'}
                fill="var(--ink)"
              >
                ↓ {r.said.loadKg ?? msg('notKnown')}
              </text>
              <text
                x={Math.min(WIDE - 4, Math.max(4, x))}
                y={high + 40}
                fontSize={12}
                textAnchor={x > WIDE / 2 ? 'end' : 'start'}
                fill="var(--mute)"
              >
                {touched(stem, r)}, {said('Rest.Certainty', r.certainty)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
