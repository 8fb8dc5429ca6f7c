import { useLays, useStems } from '../api/job';
import { usePlanTools } from '../plan/planTools';
import { azimuth } from '../units/format';
import { msg } from './words';

const SIZE = 210;
const C = SIZE / 2;
const R = 62;
const LOW_M = 2;
const at = (deg: number, r: number): [number, number] => [
  C + r * Math.sin((deg * Math.PI) / 180),
  C - r * Math.cos((deg * Math.PI) / 180),
];
const arc = (from: number, to: number, r: number): string =>
  `M${at(from, r).join()}A${r} ${r} 0 0 1 ${at(to, r).join()}`;

/** The foot of the stem seen from above, to scale: probed walls, faults below two metres, the lay. Tapping it begins a fault on that side. */
export default function BaseFigure({ job }: { job: string }) {
  const tools = usePlanTools();
  const s = useStems(job).data?.find((x) => x.id === tools.stem);
  const lay = useLays(job).data?.find((l) => l.stemId === tools.stem);
  if (!s?.diameter) return null;
  const perMetre = (2 * R) / s.diameter.value;
  const low = s.defects.filter((d) => d.fromM <= LOW_M && !d.setAside);
  const number = (id: string) => [...s.defects].sort((a, b) => a.fromM - b.fromM).findIndex((d) => d.id === id) + 1;
  const tap = (e: React.MouseEvent<SVGSVGElement>) => {
    const box = e.currentTarget.getBoundingClientRect();
    const x = ((e.clientX - box.left) / box.width) * SIZE - C;
    const y = ((e.clientY - box.top) / box.height) * SIZE - C;
    const deg = (Math.round((Math.atan2(x, -y) * 180) / Math.PI) + 360) % 360;
    window.dispatchEvent(new CustomEvent('antevid-defect', { detail: { fromM: 0.3, faceDeg: deg } }));
  };
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      width={SIZE}
      height={SIZE}
      className="base"
      role="img"
      aria-label={msg('footOfFromAbove', { label: s.label })}
      data-testid="base-figure"
      onClick={tap}
    >
      <circle
        cx={C}
        cy={C}
        r={R}
        fill={s.walls.length > 0 ? 'var(--bored)' : 'var(--wood)'}
        stroke="var(--ink)"
        strokeWidth="3"
      />
      {s.walls.map((w, i) => {
        const depth = Math.max(2, Math.min(R, w.thicknessM * perMetre));
        return (
          <path
            key={i}
            d={arc(w.azimuthDeg - 15, w.azimuthDeg + 15, R - depth / 2)}
            stroke="var(--wood)"
            strokeWidth={depth}
            fill="none"
            opacity={w.accepted ? 1 : 0.5}
          />
        );
      })}
      {s.walls.map((w, i) => (
        <text
          key={i}
          x={at(w.azimuthDeg, R - 16)[0]}
          y={at(w.azimuthDeg, R - 16)[1] + 4}
          textAnchor="middle"
          className="m h"
        >
          {w.said.thicknessM}
        </text>
      ))}
      {low.map((d) => (
        <g key={d.id}>
          <path d={arc(d.faceDeg - 22, d.faceDeg + 22, R)} stroke="var(--keep)" strokeWidth="7" fill="none" />
          <text x={at(d.faceDeg, R + 15)[0]} y={at(d.faceDeg, R + 15)[1] + 4} textAnchor="middle" className="b h">
            D{number(d.id)}
          </text>
        </g>
      ))}
      {lay && (
        <>
          <path
            d={`M${at(lay.choice.layDeg, R + 4).join()}L${at(lay.choice.layDeg, R + 26).join()}`}
            stroke="var(--lay)"
            strokeWidth="4.5"
          />
          <path
            d={`M${at(lay.choice.layDeg - 90, R - 10).join()}L${at(lay.choice.layDeg - 90, R + 6).join()}M${at(lay.choice.layDeg + 90, R - 10).join()}L${at(lay.choice.layDeg + 90, R + 6).join()}`}
            stroke="var(--lay)"
            strokeWidth="2"
          />
        </>
      )}
      {['N', 'E', 'S', 'W'].map((w, i) => (
        <text key={w} x={at(i * 90, R + 34)[0]} y={at(i * 90, R + 34)[1] + 4} textAnchor="middle" className="mu">
          {w}
        </text>
      ))}
      {[msg('footFrom'), msg('above'), lay ? msg('layDegrees', { layDeg: azimuth(lay.choice.layDeg) }) : '', '']
        .filter(Boolean)
        .map((t, i) => (
          <text key={t} x="0" y={12 + 16 * i} className="mu">
            {t}
          </text>
        ))}
    </svg>
  );
}
