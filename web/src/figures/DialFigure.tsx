import type { Schemas } from '../api/client';
import { msg } from './words';

const point = (deg: number, r: number): string =>
  `${r * Math.sin((deg * Math.PI) / 180)} ${-r * Math.cos((deg * Math.PI) / 180)}`;
const INNER = 71;
const OUTER = 93;

export const dialWords = (): Record<Schemas['DialRun']['state'], string> => ({
  OPEN: msg('open'),
  OPEN_WITH_PULL: msg('openWithAPull'),
  OPEN_WITH_GUY: msg('openWithAGuy'),
  COSTLY: msg('costly'),
  BLOCKED: msg('blocked'),
});

function band(fromDeg: number, toDeg: number): string {
  const big = toDeg - fromDeg > 180 ? 1 : 0;
  return toDeg - fromDeg >= 360
    ? `M${point(0, INNER)}A${INNER} ${INNER} 0 1 1 ${point(180, INNER)}A${INNER} ${INNER} 0 1 1 ${point(360, INNER)}M${point(0, OUTER)}A${OUTER} ${OUTER} 0 1 1 ${point(180, OUTER)}A${OUTER} ${OUTER} 0 1 1 ${point(360, OUTER)}Z`
    : `M${point(fromDeg, INNER)}A${INNER} ${INNER} 0 ${big} 1 ${point(toDeg, INNER)}L${point(toDeg, OUTER)}A${OUTER} ${OUTER} 0 ${big} 0 ${point(fromDeg, OUTER)}Z`;
}

const every = (r: Schemas['DialRun'], deg: number): number[] =>
  Array.from({ length: Math.floor((r.toDeg - r.fromDeg) / deg) }, (_, i) => r.fromDeg + deg * (i + 0.5));

function RunShape({ r }: { r: Schemas['DialRun'] }) {
  const d = band(r.fromDeg, r.toDeg);
  if (r.state === 'BLOCKED') return <path d={d} fill="var(--ink)" fillRule="evenodd" />;
  if (r.state === 'COSTLY')
    return (
      <path
        d={every(r, 2)
          .map((a) => `M${point(a, INNER)}L${point(a, 86)}`)
          .join('')}
        stroke="var(--ink)"
        strokeWidth="1.5"
      />
    );
  if (r.state === 'OPEN_WITH_PULL')
    return (
      <>
        <path
          d={d}
          fill="var(--panel)"
          fillRule="evenodd"
          stroke="var(--ink)"
          strokeWidth="1.2"
          strokeDasharray="5 3"
        />
        <path
          d={every(r, 8)
            .map((a) => `M${point(a - 2, INNER + 4)}L${point(a, OUTER - 3)}L${point(a + 2, INNER + 4)}`)
            .join('')}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      </>
    );
  if (r.state === 'OPEN_WITH_GUY')
    return (
      <>
        <path d={d} fill="var(--panel)" fillRule="evenodd" stroke="var(--ink)" strokeWidth="1.2" />
        <path
          d={every(r, 6)
            .map(
              (a) =>
                `M${point(a - 2, INNER + 3)}L${point(a + 2, OUTER - 3)}M${point(a + 2, INNER + 3)}L${point(a - 2, OUTER - 3)}`,
            )
            .join('')}
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      </>
    );
  return <path d={d} fill="var(--panel)" fillRule="evenodd" stroke="var(--act)" strokeWidth="2" />;
}

/** What each shape of the dial means. */
export function DialLegend() {
  return (
    <div className="legend" aria-label={msg('legendOfTheDial')}>
      <span>
        <svg width="24" height="12">
          <rect width="24" height="12" fill="var(--ink)" />
        </svg>{' '}
        {msg('blocked')}
      </span>
      <span>
        <svg width="24" height="12">
          <path d="M2 0v12M7 0v12M12 0v12M17 0v12M22 0v12" stroke="var(--ink)" strokeWidth="1.5" />
        </svg>{' '}
        {msg('costly')}
      </span>
      <span>
        <svg width="24" height="12">
          <rect x=".5" y=".5" width="23" height="11" fill="var(--panel)" stroke="var(--ink)" />
          <path d="M4 11 12 1M12 11 4 1M12 11 20 1M20 11 12 1" stroke="var(--ink)" strokeWidth="1.3" />
        </svg>{' '}
        {msg('withAGuy')}
      </span>
      <span>
        <svg width="24" height="12">
          <rect x=".5" y=".5" width="23" height="11" fill="var(--panel)" stroke="var(--ink)" strokeDasharray="4 2" />
          <path d="M4 11 8 2l4 9M12 11l4-9 4 9" stroke="var(--ink)" strokeWidth="1.3" fill="none" />
        </svg>{' '}
        {msg('withAPull')}
      </span>
      <span>
        <svg width="24" height="12">
          <rect x="1" y="1" width="22" height="10" fill="var(--panel)" stroke="var(--act)" strokeWidth="2" />
        </svg>{' '}
        {msg('open')}
      </span>
    </div>
  );
}

/** The dial on its own, north up: solid blocked, teeth costly, crosses with a guy, arrows with a pull, open channel. */
export function DialFigure({ dial, layDeg }: { dial: Schemas['DialView']; layDeg?: number }) {
  const parts = [
    [dial.openDeg, msg('open')],
    [dial.pullDeg, msg('openWithAPull')],
    [dial.guyDeg, msg('openWithAGuy')],
    [dial.costlyDeg, msg('costly')],
    [dial.blockedDeg, msg('blocked')],
  ]
    .filter(([deg]) => Number(deg) > 0)
    .map(([deg, w]) => `${deg}° ${w}`)
    .join(', ');
  return (
    <figure>
      <svg viewBox="-120 -120 240 240" width="220" height="220" role="img" aria-label={msg('dial', { parts })}>
        {dial.runs.map((r) => (
          <RunShape key={r.fromDeg} r={r} />
        ))}
        {['N', 'E', 'S', 'W'].map((w, i) => (
          <text
            key={w}
            x={108 * Math.sin((i * Math.PI) / 2)}
            y={-108 * Math.cos((i * Math.PI) / 2) + 5}
            textAnchor="middle"
            className="b"
          >
            {w}
          </text>
        ))}
        {layDeg !== undefined && (
          <g transform={`rotate(${layDeg})`} stroke="var(--lay)" fill="var(--lay)">
            <path d="M0-8V-58" strokeWidth="5" />
            <path d="M-10-52 0-70 10-52Z" stroke="none" />
          </g>
        )}
        <circle r="6" fill="var(--panel)" stroke="var(--ink)" strokeWidth="3" />
      </svg>
      <figcaption className="s">{msg('solidIsBlockedTeeth', { parts })}</figcaption>
    </figure>
  );
}
