import { azimuth } from '../units/format';
import { useUnits } from '../units/useUnits';
import type { PlanScene } from './scene';
import css from './plan.module.css';
import { msg } from './words';

/** North, the slope, and how long a length on the plan is. */
export function PlanMarks({ scene, resolution }: { scene: PlanScene; resolution: number }) {
  const feet = useUnits() === 'feet';
  const unit = feet ? 0.3048 : 1;
  const length = [1, 2, 5, 10, 20, 50, 100].find((n) => (n * unit) / resolution >= 80) ?? 200;
  const bar = length * unit;
  const areas = scene.stage === 'tangle' ? (scene.tangle?.areas ?? []) : [];
  return (
    <>
      {areas.length > 0 && (
        // a narrow plan looks at the stems alone: their rings go beyond it
        <p className={css.rings} data-over>
          {areas.map((a) => (
            <b key={a.hung}>
              {a.hung}: {msg('namedPeopleOnly', { keepOutM: a.said.keepOutM })}
            </b>
          ))}
        </p>
      )}
      <svg className="north" width="190" height="64" aria-hidden="true">
        <g transform="translate(14 30)">
          <path d="M0-26 7 8 0 3-7 8Z" fill="var(--ink)" />
          <text y="26" textAnchor="middle" className="b h">
            N
          </text>
        </g>
        {scene.slopeDeg > 0 && (
          <g transform="translate(52 26)">
            <g transform={`rotate(${scene.downhillDeg})`}>
              <path d="M0 18V-12M-9 12h18M-6 3h12" stroke="var(--ink)" strokeWidth="2" fill="none" />
              <path d="M-6-10 0-22 6-10Z" fill="var(--ink)" />
            </g>
            <text x="22" y="2" className="h">
              {msg('degreesDown', { slopeDeg: scene.slopeDeg })}
            </text>
            <text x="22" y="18" className="h mu">
              {msg('toDegrees', { downhillDeg: azimuth(scene.downhillDeg) })}
            </text>
          </g>
        )}
      </svg>
      <svg
        className="scale"
        width={bar / resolution + 40}
        height="26"
        aria-label={`${length} ${feet ? msg('feet') : msg('metres')}`}
      >
        <path
          d={`M4 20h${bar / resolution}M4 14v12M${4 + bar / resolution} 14v12`}
          stroke="var(--ink)"
          strokeWidth="2"
        />
        <text x={4} y="11" className="h m">
          0
        </text>
        <text x={4 + bar / resolution} y="11" className="h m" textAnchor="middle">
          {length} {feet ? 'ft' : 'm'}
        </text>
      </svg>
    </>
  );
}
