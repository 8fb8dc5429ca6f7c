import type Feature from 'ol/Feature';
import { azimuth } from '../../units/format';
import { alone } from '../draw';
import type { PlanScene } from '../scene';
import { line, LineString, Point, Style, words, xy } from '../styles';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Where felled stems lie. */
export const outcomes: PlanLayer = { key: 'outcomes', at: ['review'], draw };

function draw(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  for (const o of scene.outcomes) {
    const stem = scene.stems.find((s) => s.label === o.stem);
    if (stem) {
      out.push(alone(new Style({ geometry: new LineString([xy(stem.at), xy(o.tip)]), stroke: line('ink', 5) })));
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(o.tip)),
            text: words(
              msg('liesDegrees', { stem: o.stem, actualLayDeg: azimuth(o.deviation.actualLayDeg) }),
              'ink',
              true,
              [0, -12],
            ),
            zIndex: 12,
          }),
        ),
      );
    }
  }
  return out;
}
