import css from './takedown.module.css';

type At = { x: number; y: number };
type Props = {
  feet: At;
  tieIn: At;
  lanyard: At;
  /** Pixels a metre. */
  scale: number;
};

/** Parts of a body of 1.75 m, metres above the feet. */
const HEAD = 1.62;
const SHOULDER = 1.4;
const HIP = 0.95;
const HAND = 1.15;
const STRIDE = 0.18;

/** Whoever cuts, to scale: body, lanyard round the stem, life line to where it is tied. */
export function ClimberMark({ feet, tieIn, lanyard, scale }: Props) {
  const up = (m: number, out = 0) => ({ x: feet.x + out * scale, y: feet.y - m * scale });
  const towards = Math.sign(lanyard.x - feet.x) || 1;
  const head = up(HEAD);
  const shoulder = up(SHOULDER);
  const hip = up(HIP);
  const hand = up(HAND, towards * 0.45);
  const line = (...ps: At[]) => ps.map((p) => `${p.x},${p.y}`).join(' ');
  return (
    <g className={css.climber}>
      <polyline points={line(hip, lanyard)} className={css.lanyard} />
      <polyline points={line(hip, tieIn)} className={css.life} />
      <circle cx={tieIn.x} cy={tieIn.y} r={4} className={css.tieIn} />
      <circle cx={head.x} cy={head.y} r={Math.max(3, 0.13 * scale)} />
      <polyline points={line(shoulder, hip, up(0, -STRIDE))} />
      <polyline points={line(hip, up(0, STRIDE))} />
      <polyline points={line(shoulder, hand)} />
    </g>
  );
}
