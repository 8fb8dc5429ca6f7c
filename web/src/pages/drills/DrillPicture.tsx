import type { Schemas } from '../../api/client';
import css from './drills.module.css';

type Picture = Schemas['PictureView'];
type Item = Schemas['InkView'];
const WIDE = 358;
const MOST_HIGH = 300;
const LEAST_HIGH = 150;
const DOT = 7;
const STROKE = /LAY|CUT|PLUMB|SCALE|GROUND|OPEN/;

/** What is to be judged; once it is answered, the truth over it. A flat thing is drawn higher than it is. */
export function DrillPicture({ picture, over, said }: { picture: Picture; over: boolean; said: string }) {
  const wide = picture.rightM - picture.leftM;
  const high = picture.topM - picture.bottomM;
  const scale = Math.min(WIDE / wide, MOST_HIGH / high);
  const tall = Math.max(LEAST_HIGH, high * scale);
  const left = (WIDE - wide * scale) / 2;
  const x = (m: number) => left + (m - picture.leftM) * scale;
  const y = (m: number) => tall - ((m - picture.bottomM) / high) * tall;
  const place = { x, y };
  return (
    <svg viewBox={`0 0 ${WIDE} ${tall}`} className={css.picture} role="img" aria-label={said}>
      {picture.items.map((item, i) => (
        <Drawn key={i} item={item} place={place} />
      ))}
      {over && picture.over.map((item, i) => <Drawn key={`o${i}`} item={item} place={place} />)}
    </svg>
  );
}

type Place = { x: (m: number) => number; y: (m: number) => number };

function Drawn({ item, place }: { item: Item; place: Place }) {
  const points = item.points.map((p) => [place.x(p.x), place.y(p.y)]);
  const at = points.map((p) => p.join(',')).join(' ');
  const name = css[item.ink.toLowerCase()];
  return (
    <g className={name}>
      {points.length === 1 ? (
        item.ink !== 'SCALE' &&
        item.ink !== 'NOTE' && (
          <circle cx={points[0][0]} cy={points[0][1]} r={item.ink === 'TOO_NEAR' ? 2 * DOT : DOT} />
        )
      ) : item.closed ? (
        <polygon points={at} />
      ) : (
        <polyline points={at} className={STROKE.test(item.ink) ? css.line : undefined} />
      )}
      {item.words && <Label item={item} points={points} />}
    </g>
  );
}

function Label({ item, points }: { item: Item; points: number[][] }) {
  const last = points[points.length - 1];
  const middle = (points[0][0] + last[0]) / 2;
  const where =
    item.ink === 'NOTE' || item.ink === 'TARGET'
      ? {
          x: middle,
          y: (points[0][1] + points[Math.floor(points.length / 2)][1]) / 2 + 5,
          textAnchor: 'middle' as const,
        }
      : item.ink === 'PERSON'
        ? { x: points[0][0] + 18, y: points[0][1] + 5, textAnchor: 'start' as const }
        : item.ink === 'CUT'
          ? { x: last[0], y: Math.max(12, last[1] - 4), textAnchor: 'middle' as const }
          : item.ink === 'REST'
            ? { x: middle, y: points[0][1] + 16, textAnchor: 'middle' as const }
            : item.ink === 'SQUEEZED' || item.ink === 'STRETCHED'
              ? {
                  x: Math.min(last[0] + 6, WIDE - 64),
                  y: (points[0][1] + points[1][1]) / 2 + 4,
                  textAnchor: 'start' as const,
                }
              : { x: middle, y: points[0][1] - 6, textAnchor: 'middle' as const };
  return <text {...where}>{item.words}</text>;
}
