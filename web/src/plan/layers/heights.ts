import type Feature from 'ol/Feature';
import RegularShape from 'ol/style/RegularShape';
import type { Schemas } from '../../api/client';
import { length } from '../../units/length';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { line, LineString, Point, Style, words, xy } from '../styles';
import type { PlanLayer } from './layer';
import { msg } from '../words';

/** Contours and the heights they are computed from. */
export const heights: PlanLayer = {
  key: 'heights',
  get words() {
    return msg('contoursAndHeights');
  },
  draw,
};

function draw(scene: PlanScene, _resolution: number, surroundings?: Schemas['PlaceView']): Feature[] {
  const out: Feature[] = [];
  for (const c of surroundings?.contours ?? []) {
    const middle = c.line[Math.floor(c.line.length / 2)];
    out.push(styled(new LineString(c.line.map(xy)), new Style({ stroke: line('mute', 0.9) })));
    if (scene.stage === 'place')
      out.push(alone(new Style({ geometry: new Point(xy(middle)), text: words(length(c.heightM), 'mute') })));
  }
  if (scene.stage === 'place') {
    for (const h of surroundings?.heights ?? []) {
      out.push(
        alone(
          new Style({
            geometry: new Point(xy(h.at)),
            image: new RegularShape({ points: 4, radius: 6, radius2: 0, stroke: line('mute', 2) }),
            text: words(length(h.heightM), 'mute', false, [0, -12]),
            zIndex: 3,
          }),
        ),
      );
    }
  }
  return out;
}
