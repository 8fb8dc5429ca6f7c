import { useId } from 'react';
import type { Schemas } from '../api/client';
import { frame, mm, notch, xy } from './drawing';
import css from './stump.module.css';

type Props = {
  drawn: Schemas['StumpDrawn'];
  sketch: Schemas['HingeSketch'];
  label: string;
  lay: string;
  /** Which way it fell, off the lay. */
  fell?: { deg: number; words: string };
  left?: string;
  right?: string;
  sectors?: Schemas['SectorSpot'][];
};

/** A stump from above, the lay up: notch, hinge, what is left of a strap, what the wood looks like. */
export function Stump({ drawn: d, sketch: s, label, lay, fell, left, right, sectors = [] }: Props) {
  const id = useId();
  const f = frame(d);
  const [rx, ry] = [mm(d.dAcrossM) / 2, mm(d.dAlongM) / 2];
  const px = f.width / 300;
  const font = { fontSize: 17 * px };
  const arrow = (deg: number, colour: string, words: string, aside: number) => (
    <g>
      <g transform={`rotate(${deg})`}>
        <path d={`M0 ${-ry - 3 * px}V${f.top + 12 * px}`} stroke={colour} strokeWidth={4 * px} />
        <path d={`M0 ${f.top + 2 * px}l${7 * px} ${14 * px}h${-14 * px}Z`} fill={colour} />
      </g>
      <text x={aside * px} y={f.top + 24 * px} fill={colour} textAnchor={aside < 0 ? 'end' : 'start'} style={font}>
        {words}
      </text>
    </g>
  );
  const mid = (p: Schemas['StumpPoint'], q: Schemas['StumpPoint']) => -mm((p.forwardM + q.forwardM) / 2) + 6 * px;
  return (
    <svg
      viewBox={`${f.left} ${f.top} ${f.width} ${f.height}`}
      role="img"
      aria-label={label}
      className={`own ${css.stump}`}
    >
      <clipPath id={id}>
        <ellipse rx={rx} ry={ry} />
      </clipPath>
      <ellipse rx={rx} ry={ry} className={css.wood} />
      <g clipPath={`url(#${id})`}>
        <path d={notch(d, s)} className={css.notch} />
        <polygon points={s.hinge.map(xy).join(' ')} className={css.hinge} strokeWidth={3 * px} />
        {s.strapM !== undefined && (
          <path d={`M${-rx} ${ry - mm(s.strapM)}H${rx}`} className={css.strap} strokeWidth={3 * px} />
        )}
      </g>
      <ellipse rx={rx} ry={ry} className={css.bark} strokeWidth={5 * px} />
      {fell && Math.abs(fell.deg) >= 2 && arrow(fell.deg, 'var(--ink)', fell.words, fell.deg > 0 ? 40 : -40)}
      {arrow(0, 'var(--lay)', lay, (fell?.deg ?? 0) > 0 ? -14 : 14)}
      <text x={-rx - 8 * px} y={mid(s.hinge[0], s.hinge[3])} textAnchor="end" className={css.b} style={font}>
        {left}
      </text>
      <text x={rx + 8 * px} y={mid(s.hinge[1], s.hinge[2])} className={css.b} style={font}>
        {right}
      </text>
      {sectors.map((x, i) => (
        <g key={x.sector}>
          <circle cx={mm(x.at.rightM)} cy={-mm(x.at.forwardM)} r={11 * px} className={css.spot} strokeWidth={2 * px} />
          <text
            x={mm(x.at.rightM)}
            y={-mm(x.at.forwardM) + 5.5 * px}
            textAnchor="middle"
            className={css.b}
            style={{ fontSize: 15 * px }}
          >
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  );
}
