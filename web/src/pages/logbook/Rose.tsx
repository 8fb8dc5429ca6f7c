import type { Schemas } from '../../api/client';
import css from './logbook.module.css';
import { msg } from './words';

type Fall = Schemas['FallView'];
const RING_DEG = 2;
const HALF = 190;

/** Each tip seen along its predicted direction: right and left of it, longer and shorter than expected. */
export function Rose({ falls }: { falls: Fall[] }) {
  const far = Math.max(10, ...falls.map((f) => Math.hypot(f.missDeg ?? 0, f.alongDeg ?? 0)));
  const rings = Math.ceil(far / RING_DEG);
  const at = (deg: number) => (deg / (rings * RING_DEG)) * (HALF - 16);
  const dots = falls.map((f) =>
    msg('dotSaid', { stem: f.stem, miss: f.said.missDeg ?? '', right: (f.missDeg ?? 0) >= 0 ? 'yes' : 'no' }),
  );
  return (
    <svg
      className={css.rose}
      viewBox={`${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`}
      role="img"
      aria-label={msg('roseSaid', { count: falls.length, dots: dots.join('; ') })}
    >
      {Array.from({ length: rings }, (_, i) => (
        <circle key={i} r={at((i + 1) * RING_DEG)} className={css.ring} />
      ))}
      <path d={`M${-HALF} 0H${HALF}`} className={css.ring} />
      <path d={`M0 ${HALF}V${16 - HALF}m-7 10 7-14 7 14z`} className={css.predicted} />
      {Array.from({ length: Math.floor((rings - 1) / 2) }, (_, i) => (i + 1) * 2 * RING_DEG).map((deg) => (
        <text key={deg} x={-at(deg) * 0.7 - 3} y={at(deg) * 0.7 + 12} className={css.small}>
          {deg}°
        </text>
      ))}
      <text x={-HALF + 2} y={-6} className={css.small}>
        {msg('left')}
      </text>
      <text x={HALF - 2} y={-6} textAnchor="end" className={css.small}>
        {msg('right')}
      </text>
      <text x={8} y={-HALF + 34} className={css.small}>
        {msg('longer')}
      </text>
      <text x={8} y={HALF - 22} className={css.small}>
        {msg('shorter')}
      </text>
      {falls.map((f) => (
        <circle
          key={f.jobId + f.stem}
          cx={at(f.missDeg ?? 0)}
          cy={-at(f.alongDeg ?? 0)}
          r={f.inside === false ? 8 : 7}
          className={f.inside === false ? css.outside : css.dot}
        />
      ))}
      {falls
        .filter((f) => f.inside === false)
        .map((f) => (
          <text
            key={f.jobId + f.stem}
            x={at(f.missDeg ?? 0)}
            y={-at(f.alongDeg ?? 0) + 24}
            textAnchor={(f.missDeg ?? 0) >= 0 ? 'end' : 'start'}
            className={css.named}
          >
            {f.stem} {f.said.missDeg}
          </text>
        ))}
    </svg>
  );
}
