import Feature from 'ol/Feature';
import type { Schemas, Spot } from '../api/client';
import { LineString, type Point, type Polygon, type Style, toward, xy } from './styles';

export function styled(
  geom: Polygon | LineString | Point,
  style: Style | Style[],
  props: Record<string, unknown> = {},
): Feature {
  const f = new Feature({ geometry: geom, ...props });
  f.setStyle(style);
  return f;
}

/** A drawing that belongs to nothing that can be tapped. */
export function alone(style: Style): Feature {
  const f = new Feature({ geometry: style.getGeometry() as Polygon });
  f.setStyle(style);
  return f;
}

export const circle = (c: Spot, r: number): [number, number][] =>
  Array.from({ length: 91 }, (_, i) => xy(toward(c, i * 4, r)));

/** Where the mark of a feature is best read: of the places along it, the one farthest from stems and marks that are there already. */
export function clearOf(taken: Spot[], f: Schemas['PlacedFeature']): Spot {
  const points = f.entry.outline;
  if (f.entry.form !== 'LINE' || points.length < 2) return f.mark;
  const places = [0.5, 0.35, 0.65, 0.2, 0.8].map((share) => {
    const line = new LineString(points.map(xy)).getCoordinateAt(share);
    return { eastM: line[0], northM: line[1] };
  });
  const room = (p: Spot) => Math.min(8, ...taken.map((t) => Math.hypot(t.eastM - p.eastM, t.northM - p.northM)));
  return places.reduce((best, p) => (room(p) > room(best) + 0.5 ? p : best));
}
