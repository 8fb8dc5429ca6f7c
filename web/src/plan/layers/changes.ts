import type Feature from 'ol/Feature';
import { alone } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, line, LineString, Point, Style, xy } from '../styles';
import type { PlanLayer } from './layer';

/** What has changed since it was briefed. */
export const changes: PlanLayer = { key: 'changes', at: ['brief', 'run', 'review'], draw };

function draw(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  for (const c of scene.changes) {
    const at = c.to ?? c.from;
    if (at)
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(at)),
            image: new Circle({ radius: 16, stroke: line('second', 3) }),
            zIndex: 12,
          }),
        ),
      );
    if (c.from && c.to)
      out.push(
        alone(new Style({ geometry: new LineString([xy(c.from), xy(c.to)]), stroke: line('second', 2.5, [6, 4]) })),
      );
  }
  return out;
}
