import type { Schemas } from '../../api/client';
import css from './logbook.module.css';
import { msg } from './words';

type Fall = Schemas['FallView'];
const MOST = 3;
const BIN = 0.3;
const PX = 70;

/** How unusual each fall was: dots piled over the times of the usual error, right of the middle those that fell right. */
export function Strip({ falls }: { falls: Fall[] }) {
  const known = falls.filter((f) => f.times !== undefined);
  const piles = new Map<number, Fall[]>();
  for (const f of known) {
    const clipped = Math.max(-MOST - BIN, Math.min(MOST + BIN, f.times ?? 0));
    const bin = Math.round(clipped / BIN);
    piles.set(bin, [...(piles.get(bin) ?? []), f]);
  }
  const tall = Math.max(3, ...[...piles.values()].map((p) => p.length));
  const height = tall * 15 + 8;
  const dots = known.map((f) =>
    msg('dotSaid', { stem: f.stem, miss: `${f.said.times ?? ''} ×`, right: (f.times ?? 0) >= 0 ? 'yes' : 'no' }),
  );
  return (
    <svg
      className={css.strip}
      viewBox={`${-(MOST + 0.7) * PX} ${-height} ${2 * (MOST + 0.7) * PX} ${height + 24}`}
      role="img"
      aria-label={msg('stripSaid', { count: known.length, dots: dots.join('; ') })}
    >
      <rect x={-2 * PX} y={-height} width={4 * PX} height={height} className={css.usual} />
      <path d={`M${-(MOST + 0.6) * PX} 0H${(MOST + 0.6) * PX}`} className={css.axis} />
      {[-3, -2, -1, 0, 1, 2, 3].map((z) => (
        <text key={z} x={z * PX} y={18} textAnchor="middle" className={css.small}>
          {z > 0 ? `+${z}` : z}
        </text>
      ))}
      {[...piles].flatMap(([bin, pile]) =>
        pile.map((f, i) => (
          <circle
            key={f.jobId + f.stem}
            cx={bin * BIN * PX}
            cy={-9 - i * 15}
            r={7}
            className={f.inside === false ? css.outside : css.dot}
          />
        )),
      )}
    </svg>
  );
}
