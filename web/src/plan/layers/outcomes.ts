import type Feature from 'ol/Feature';
import { azimuth } from '../../units/format';
import { alone } from '../draw';
import type { PlanScene } from '../scene';
import { dropStyle, Fill, line, LineString, Point, ring, Style, words, xy } from '../styles';
import { token } from '../token';
import type { Schemas } from '../../api/client';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Where felled stems lie. */
export const outcomes: PlanLayer = { key: 'outcomes', at: ['review'], draw };

/** Drop zone, fan and lay as they stood in the briefing under which the go was given. */
function briefed(p: Schemas['PlannedFall']): Style[] {
  return [
    ...(p.dropZone.length > 2 ? [dropStyle(p.dropZone)] : []),
    ...(p.fan.length > 2
      ? [
          new Style({
            geometry: ring(p.fan),
            stroke: line('lay', 1.6),
            fill: new Fill({ color: `${token('lay')}${p.wholeCircle ? '10' : '22'}` }),
          }),
        ]
      : []),
    new Style({ geometry: new LineString([xy(p.stump), xy(p.tip)]), stroke: line('lay', 2.5) }),
  ];
}

function draw(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  for (const o of scene.outcomes) {
    const stem = scene.stems.find((s) => s.label === o.stem);
    if (stem) {
      out.push(...briefed(o.planned).map(alone));
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
