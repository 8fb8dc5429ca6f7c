import type { Schemas } from '../api/client';
import css from '../stages/tangle/tangle.module.css';
import { msg } from '../stages/tangle/words';

const WIDE = 360;
const HIGH = 176;
const R = 30;
const SECTION_R = 52;

/** The cut seen from the butt: where it rolls and where to stand; beside it the section with the cuts in their order. */
export function TangleEnd({ cut }: { cut: Schemas['TangleCut'] }) {
  const e = cut.end;
  const lines = drawn(cut);
  const left = e.downhill === 'LEFT';
  const deg = e.downhill ? (left ? -e.acrossDeg : e.acrossDeg) : 0;
  // the person and the side it rolls to change places with the slope
  const stand = left ? 140 : 24;
  const never = left ? 24 : 140;
  const words = e.downhill
    ? msg('endRolls', { side: e.downhill, across: e.said.acrossDeg })
    : msg('endLevel', { across: e.said.acrossDeg });
  return (
    <div className={css.sideBox}>
      <svg className={`${css.side} own`} viewBox={`0 0 ${WIDE} ${HIGH}`} role="img" aria-label={words}>
        <text x={4} y={14} fontSize={14} fontWeight={700} fill="var(--ink)">
          {msg('seenFromButt')}
        </text>
        <text x={4} y={30} fontSize={12} fill="var(--mute)">
          {e.downhill ? msg('groundAcross', { across: e.said.acrossDeg }) : msg('levelAcross')}
        </text>
        <g transform={`rotate(${deg} 90 128)`}>
          <line x1={4} x2={176} y1={128} y2={128} stroke="var(--ink)" strokeWidth={2.5} />
          <circle cx={90} cy={128 - R} r={R} fill="var(--wood)" stroke="var(--ink)" strokeWidth={2} />
          {cut.squeeze === 'TOP_BIND' && <Band top />}
          {cut.squeeze === 'BOTTOM_BIND' && <Band />}
          {e.downhill ? (
            <>
              <path
                d={left ? 'M56 96c-14 2-22 10-26 20' : 'M124 96c14 2 22 10 26 20'}
                fill="none"
                stroke="var(--ink)"
                strokeWidth={2.5}
              />
              <path d={`M${never - 9} 110l18 16m0-16l-18 16`} stroke="var(--keep)" strokeWidth={4} />
              <Feet x={stand} />
            </>
          ) : (
            <>
              <Feet x={24} />
              <Feet x={140} />
            </>
          )}
        </g>
        <text x={4} y={168} fontSize={12} fontWeight={700} fill={left ? 'var(--keep)' : 'var(--ink)'}>
          {e.downhill ? (left ? msg('neverRolls') : msg('standUphill')) : msg('standEither')}
        </text>
        {e.downhill && (
          <text
            x={176}
            y={168}
            fontSize={12}
            fontWeight={700}
            textAnchor="end"
            fill={left ? 'var(--ink)' : 'var(--keep)'}
          >
            {left ? msg('standUphill') : msg('neverRolls')}
          </text>
        )}
        {lines.length > 0 && <Section cut={cut} lines={lines} />}
      </svg>
    </div>
  );
}

/** The squeezed side of the section. */
function Band({ top }: { top?: boolean }) {
  const y = 128 - R;
  return (
    <path
      d={top ? `M${90 - R} ${y}a${R} ${R} 0 0 1 ${2 * R} 0` : `M${90 - R} ${y}a${R} ${R} 0 0 0 ${2 * R} 0`}
      fill="none"
      stroke="var(--ink)"
      strokeWidth={8}
    />
  );
}

function Feet({ x }: { x: number }) {
  return (
    <g fill="var(--esc)">
      <ellipse cx={x} cy={117} rx={4} ry={9} />
      <ellipse cx={x + 13} cy={117} rx={4} ry={9} />
    </g>
  );
}

/** What of the cuts can be drawn in the section: those with a side and a depth. */
const drawn = (cut: Schemas['TangleCut']) =>
  cut.noHandCut || cut.voided
    ? []
    : cut.sequence
        .map((s, i) => ({ n: i + 1, side: s.side, rel: s.depthM === undefined ? undefined : s.depthM / cut.dM }))
        .filter((s) => s.side !== undefined && s.rel !== undefined && s.rel < 1);

/** The cuts with a side and a depth, as lines across the section. */
function Section({ cut, lines }: { cut: Schemas['TangleCut']; lines: ReturnType<typeof drawn> }) {
  const [cx, cy] = [276, 96];
  return (
    <>
      <text x={212} y={14} fontSize={14} fontWeight={700} fill="var(--ink)">
        {msg('theCut', { d: cut.said.dM })}
      </text>
      <circle cx={cx} cy={cy} r={SECTION_R} fill="var(--wood)" stroke="var(--ink)" strokeWidth={2.5} />
      {lines.map((l) => {
        const y =
          l.side === 'TOP' ? -SECTION_R + 2 * SECTION_R * (l.rel ?? 0) : SECTION_R - 2 * SECTION_R * (l.rel ?? 0);
        const half = Math.sqrt(Math.max(0, SECTION_R ** 2 - y ** 2));
        const out = l.n % 2 === 1 ? 1 : -1;
        return (
          <g key={l.n}>
            <line x1={cx - half} x2={cx + half} y1={cy + y} y2={cy + y} stroke="var(--ink)" strokeWidth={2} />
            <circle cx={cx + out * (SECTION_R + 14)} cy={cy + y} r={10} fill="var(--ink)" />
            <text
              x={cx + out * (SECTION_R + 14)}
              y={cy + y + 4.5}
              fontSize={13}
              fontWeight={700}
              textAnchor="middle"
              fill="var(--paper)"
            >
              {l.n}
            </text>
          </g>
        );
      })}
    </>
  );
}
