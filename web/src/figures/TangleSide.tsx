import type { Schemas } from '../api/client';
import css from '../stages/tangle/tangle.module.css';
import { said } from '../stages/tangle/terms';
import { touched } from '../stages/tangle/touched';
import { msg } from '../stages/tangle/words';

type Stem = Schemas['TangledStem'];
type Edge = Stem['edges'][number];
type Cut = Schemas['TangleCut'];
type P = { alongM: number; heightM: number };
type At = (p: P) => [number, number];

const NARROW = 360;
const AIR_M = 1.2;
const BELOW_PX = 46;
const ROW_PX = 34;
const BESIDE_PX = 190;
const BESIDE_WIDE_PX = 150;
const BAND: Record<Edge['severity'], number> = { NEUTRAL: 0, LOW: 2, MODERATE: 4, HIGH: 6, EXTREME: 8 };

/** How large a side view is: its width and the greatest height of what stands above ground, pixels. */
export type SideSize = { wide: number; most: number };

/** Where things are drawn. The strip below the figure has the same scale. */
export function sideScale(stem: Stem, cut: Cut | undefined, size?: SideSize) {
  const wide = size?.wide ?? NARROW;
  const pad = size ? 44 : 20;
  const s = stem.side;
  const ghosts = cut ? [...cut.butt.outline, ...cut.tip.outline] : [];
  const highM = Math.max(s?.heightM ?? 0, ...ghosts.map((p) => p.heightM)) + AIR_M;
  const scale = Math.min((wide - 2 * pad) / Math.max(1, s?.widthM ?? 1), size ? size.most / highM : Infinity);
  const high = highM * scale + (size ? 30 : 0);
  const at: At = (p) => [pad + p.alongM * scale, high - p.heightM * scale];
  return { wide, high, at };
}

/**
 * A stem from the side, to scale: its rests with their loads, the squeezed side solid, the stretched side open. With a
 * size it is drawn across the whole width, with words beside what they say.
 */
export function TangleSide({
  stem,
  cut,
  size,
  better,
}: {
  stem: Stem;
  cut?: Cut;
  size?: SideSize;
  better?: Schemas['GoodCut'];
}) {
  const s = stem.side;
  if (!s) return null;
  const { wide, high, at } = sideScale(stem, cut, size);
  const big = size !== undefined;
  const best = better && stem.edges.find((x) => better.xM >= x.fromM && better.xM <= x.toM);
  // words of rests that stand close to each other go into two rows
  const rows = s.rests.reduce<number[]>(
    (all, p, i) => [
      ...all,
      i > 0 && all[i - 1] === 0 && at(p)[0] - at(s.rests[i - 1])[0] < (big ? BESIDE_WIDE_PX : BESIDE_PX) ? 1 : 0,
    ],
    [],
  );
  const path = (points: P[]) => points.map((p) => at(p).join()).join(' ');
  return (
    <div className={big ? css.sideWide : css.sideBox}>
      <svg
        className={`${css.side} own`}
        viewBox={`0 0 ${wide} ${high + BELOW_PX + (rows.includes(1) ? ROW_PX : 0)}`}
        role="img"
        aria-label={msg('fromTheSide', {
          stem: stem.label,
          angle: stem.pose?.said.angleDeg ?? '',
          length: stem.pose?.said.lengthM ?? '',
        })}
      >
        <line x1={0} x2={wide} y1={high} y2={high} stroke="var(--ink)" strokeWidth={2.5} />
        <polygon points={path(s.outline)} fill="var(--wood)" stroke="var(--ink)" strokeWidth={1.5} />
        {s.hidden.length > 0 && (
          <polygon points={path(s.hidden)} fill="var(--paper)" stroke="var(--ink)" strokeDasharray="2 3" />
        )}
        {stem.edges.map((e) => (
          <Band key={e.fromM} e={e} at={at} />
        ))}
        {big && <Runs edges={stem.edges} at={at} />}
        {big && <Ends stem={stem} at={at} />}
        {best?.top[0] && better && <Better at={at(best.top[0])} words={better.said.xM} />}
        {cut && <TheCut cut={cut} at={at} big={big} path={path} />}
        {stem.rests.map((r, i) => {
          const p = s.rests[i];
          if (!p) return null;
          const [x, y] = at(p);
          const row = high + (rows[i] ?? 0) * ROW_PX;
          const to = Math.min(wide - 4, Math.max(4, x));
          const anchor = x > wide / 2 ? 'end' : 'start';
          return (
            <g key={r.id}>
              <line x1={x} x2={x} y1={y} y2={row + 14} stroke="var(--ink)" strokeDasharray="2 3" />
              <circle cx={x} cy={y} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={3} />
              <text x={to} y={row + 24} fontSize={big ? 16 : 13} fontWeight={700} textAnchor={anchor}>
                ↓ {r.said.loadKg ?? msg('notKnown')}
              </text>
              <text x={to} y={row + 40} fontSize={12} textAnchor={anchor} fill="var(--mute)">
                {touched(r)}, {said('Rest.Certainty', r.certainty)}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}

const line = (at: At, a?: P, b?: P) =>
  a && b ? { x1: at(a)[0], y1: at(a)[1], x2: at(b)[0], y2: at(b)[1] } : undefined;

/** A stretch of the stem: the squeezed side solid and as thick as it binds hard, the stretched side open. */
function Band({ e, at }: { e: Edge; at: At }) {
  const w = BAND[e.severity];
  const top = line(at, e.top[0], e.top[1]);
  const bottom = line(at, e.bottom[0], e.bottom[1]);
  if (!top || !bottom) return null;
  if (e.squeeze === 'UNCERTAIN') return <line {...top} stroke="var(--slate)" strokeWidth={6} strokeDasharray="3 3" />;
  if (w === 0 || (e.squeeze !== 'TOP_BIND' && e.squeeze !== 'BOTTOM_BIND')) return null;
  const squeezed = e.squeeze === 'TOP_BIND' ? top : bottom;
  const stretched = e.squeeze === 'TOP_BIND' ? bottom : top;
  return (
    <g>
      <line {...squeezed} stroke="var(--ink)" strokeWidth={w} />
      <line {...stretched} stroke="var(--ink)" strokeWidth={1} strokeDasharray="5 3" />
    </g>
  );
}

type Run = { squeeze: Edge['squeeze']; edges: Edge[] };

/** Stretches beside each other that are squeezed alike. */
function runs(edges: Edge[]): Run[] {
  const all: Run[] = [];
  for (const e of edges) {
    if (e.severity === 'NEUTRAL' && e.squeeze !== 'UNCERTAIN') continue;
    const last = all.at(-1);
    const beside = last?.edges.at(-1);
    if (last && last.squeeze === e.squeeze && beside && Math.abs(beside.toM - e.fromM) < 0.01) last.edges.push(e);
    else all.push({ squeeze: e.squeeze, edges: [e] });
  }
  return all.filter((r) => r.edges.length > 2);
}

/** What each long stretch says: arrows that meet where it is squeezed, that part where it is stretched. */
function Runs({ edges, at }: { edges: Edge[]; at: At }) {
  return (
    <>
      {runs(edges).map((r) => {
        const mid = r.edges[Math.floor(r.edges.length / 2)];
        const top = mid?.top[0] && at(mid.top[0]);
        const bottom = mid?.bottom[0] && at(mid.bottom[0]);
        const end = mid?.top[1] && at(mid.top[1]);
        if (!mid || !top || !bottom || !end) return null;
        const turn = (Math.atan2(end[1] - top[1], end[0] - top[0]) * 180) / Math.PI;
        if (r.squeeze === 'UNCERTAIN')
          return (
            <g key={mid.fromM} transform={`translate(${top.join()}) rotate(${turn})`}>
              <circle cy={-16} r={10} fill="var(--paper)" stroke="var(--slate)" strokeWidth={2} />
              <text y={-11} fontSize={14} fontWeight={700} textAnchor="middle">
                ?
              </text>
              <text y={-32} fontSize={13} fontWeight={700} textAnchor="middle">
                {msg('notKnown')}
              </text>
            </g>
          );
        if (r.squeeze !== 'TOP_BIND' && r.squeeze !== 'BOTTOM_BIND') return null;
        const above = r.squeeze === 'TOP_BIND';
        return (
          <g key={mid.fromM}>
            <g transform={`translate(${top.join()}) rotate(${turn})`}>
              <Arrows meet={above} y={above ? -8 : -6} />
              <text y={-18} fontSize={13} fontWeight={700} textAnchor="middle">
                {msg(above ? 'squeezedHere' : 'stretchedHere')}
              </text>
            </g>
            <g transform={`translate(${bottom.join()}) rotate(${turn})`}>
              <Arrows meet={!above} y={above ? 6 : 8} />
              <text y={26} fontSize={13} fontWeight={700} textAnchor="middle">
                {msg(above ? 'stretchedHere' : 'squeezedHere')}
              </text>
            </g>
          </g>
        );
      })}
    </>
  );
}

function Arrows({ meet, y }: { meet: boolean; y: number }) {
  const d = meet
    ? `M-22 ${y - 5}l16 5-16 5zM22 ${y - 5}l-16 5 16 5z`
    : `M-6 ${y - 5}l-16 5 16 5zM6 ${y - 5}l16 5-16 5z`;
  return <path d={d} fill={meet ? 'var(--ink)' : 'var(--paper)'} stroke="var(--ink)" strokeWidth={1.5} />;
}

/** How high both ends are. */
function Ends({ stem, at }: { stem: Stem; at: At }) {
  const [top, tip] = [stem.side?.outline[0], stem.side?.outline[1]];
  if (!top || !tip || !stem.pose) return null;
  return (
    <>
      <text x={at(top)[0]} y={at(top)[1] - 12} fontSize={13} fontWeight={700} textAnchor="middle">
        {stem.pose.butt.said.heightM}
      </text>
      <text x={at(tip)[0] + 8} y={at(tip)[1] + 4} fontSize={13} fontWeight={700}>
        {stem.pose.tip.said.heightM}
      </text>
    </>
  );
}

function Better({ at: [x, y], words }: { at: [number, number]; words: string }) {
  return (
    <g>
      <line x1={x} x2={x} y1={y - 34} y2={y} stroke="var(--esc)" strokeWidth={2} strokeDasharray="2 3" />
      <text x={x} y={y - 54} fontSize={14} fontWeight={700} textAnchor="middle" fill="var(--esc)">
        {words}
      </text>
      <text x={x} y={y - 40} fontSize={12} textAnchor="middle" fill="var(--esc)">
        {msg('betterHere')}
      </text>
    </g>
  );
}

/** The cut with both parts as they are afterwards. */
function TheCut({ cut, at, big, path }: { cut: Cut; at: At; big: boolean; path: (points: P[]) => string }) {
  const face = cut.face[0] && at(cut.face[0]);
  return (
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
      {face && (
        <g>
          <line
            x1={face[0]}
            x2={face[0]}
            y1={face[1] - (big ? 62 : 30)}
            y2={face[1]}
            stroke="var(--ink)"
            strokeWidth={1.5}
            strokeDasharray="2 3"
          />
          <path d={`M${face[0] - 8} ${face[1] - (big ? 66 : 40)}h16l-8 10z`} fill="var(--keep)" />
          <text x={face[0]} y={face[1] - (big ? 72 : 46)} fontSize={big ? 20 : 15} fontWeight={700} textAnchor="middle">
            {cut.said.xM}
          </text>
        </g>
      )}
      <line {...line(at, cut.face[0], cut.face[1])} stroke="var(--keep)" strokeWidth={5} />
    </>
  );
}
