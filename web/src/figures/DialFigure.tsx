import type { Schemas } from '../api/client';

const point = (deg: number, r: number): string => `${r * Math.sin((deg * Math.PI) / 180)} ${-r * Math.cos((deg * Math.PI) / 180)}`;

/** The dial on its own, north up: solid blocked, teeth costly, open channel. */
export function DialFigure({ dial }: { dial: Schemas['DialView'] }) {
  return (
    <figure>
      <svg viewBox="-120 -120 240 240" width="220" height="220" role="img" aria-label={`Dial: ${dial.openDeg} degrees open, ${dial.costlyDeg} costly, ${dial.blockedDeg} blocked`}>
        {dial.runs.map((r) => {
          const whole = r.toDeg - r.fromDeg >= 360;
          const big = r.toDeg - r.fromDeg > 180 ? 1 : 0;
          if (whole) return <circle key={r.fromDeg} r="82" fill="none" strokeWidth="22" stroke={r.state === 'BLOCKED' ? 'var(--ink)' : 'var(--line)'} />;
          const d = `M${point(r.fromDeg, 71)}A71 71 0 ${big} 1 ${point(r.toDeg, 71)}L${point(r.toDeg, 93)}A93 93 0 ${big} 0 ${point(r.fromDeg, 93)}Z`;
          if (r.state === 'COSTLY') return <g key={r.fromDeg}>{Array.from({ length: Math.floor((r.toDeg - r.fromDeg) / 2) }, (_, i) => <path key={i} d={`M${point(r.fromDeg + 1 + 2 * i, 71)}L${point(r.fromDeg + 1 + 2 * i, 86)}`} stroke="var(--ink)" strokeWidth="1.5" />)}</g>;
          return <path key={r.fromDeg} d={d} fill={r.state === 'BLOCKED' ? 'var(--ink)' : 'var(--panel)'} stroke={r.state === 'OPEN' ? 'var(--act)' : 'none'} strokeWidth="2" />;
        })}
        {['N', 'E', 'S', 'W'].map((w, i) => <text key={w} x={108 * Math.sin((i * Math.PI) / 2)} y={-108 * Math.cos((i * Math.PI) / 2) + 5} textAnchor="middle" className="b">{w}</text>)}
        <circle r="6" fill="var(--panel)" stroke="var(--ink)" strokeWidth="3" />
      </svg>
      <figcaption className="s">{dial.openDeg}° open, {dial.costlyDeg}° costly, {dial.blockedDeg}° blocked. Solid is blocked, teeth costly, white open.</figcaption>
    </figure>
  );
}
