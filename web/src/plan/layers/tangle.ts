import type Feature from 'ol/Feature';
import { alone, circle, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Fill, line, LineString, Point, Polygon, ring, Style, token, toward, words, xy } from '../styles';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Hung stems: where nobody is beneath, and who may come how near. */
export const tangle: PlanLayer = { key: 'tangle', draw };

function draw(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  for (const a of scene.tangle?.areas ?? []) {
    out.push(
      alone(
        new Style({
          geometry: ring(a.beneath),
          stroke: line('keep', 2.5, [20, 7]),
          fill: new Fill({ color: `${token('keep')}14` }),
        }),
      ),
    );
    if (scene.stage === 'tangle') {
      const hung = scene.stems.find((x) => x.label === a.hung);
      if (hung) {
        out.push(styled(new Polygon([circle(hung.at, a.keepOutM)]), new Style({ stroke: line('keep', 3, [26, 9]) })));
        out.push(
          alone(
            new Style({
              geometry: new Point(xy(toward(hung.at, 90, a.keepOutM))),
              text: words(msg('namedPeopleOnly', { keepOutM: a.said.keepOutM }), 'keep', true),
              zIndex: 9,
            }),
          ),
        );
      }
      const s = scene.stems.find((x) => x.label === a.hung);
      const support = scene.stems.find((x) => x.label === a.support);
      if (s) {
        const centre = ring(a.beneath).getInteriorPoint().getCoordinates();
        out.push(
          alone(
            new Style({
              geometry: new Point([centre[0], centre[1] + 6]),
              text: words(msg('nobodyBeneath'), 'keep', true),
              zIndex: 9,
            }),
          ),
        );
        if (support)
          out.push(alone(new Style({ geometry: new LineString([xy(s.at), xy(support.at)]), stroke: line('ink', 6) })));
      }
    }
  }
  return out;
}
