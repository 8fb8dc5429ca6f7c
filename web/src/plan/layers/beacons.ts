import type Feature from 'ol/Feature';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, CircleGeom, Fill, line, Point, Style, words, xy } from '../styles';
import { token } from '../token';
import { msg } from '../words';
import type { PlanLayer } from './layer';

/** Where beacons were last heard, and how well they know it. */
export const beacons: PlanLayer = {
  key: 'beacons',
  get words() {
    return msg('beacons');
  },
  at: ['run'],
  draw: heard,
};

function heard(scene: PlanScene): Feature[] {
  return scene.watch.flatMap((w) => {
    if (!w.fix) return [];
    const colour = w.state === 'OVER' ? 'keep' : 'ink';
    const name = `${(w.who ?? '').split(' ')[0]}${w.state === 'NOT_KNOWN' ? '?' : ''}`;
    return [
      alone(
        new Style({
          geometry: new CircleGeom(xy(w.fix.at), 2 * w.fix.sigmaM),
          stroke: line(token(colour), 1.5, [3, 3]),
          zIndex: 15,
        }),
      ),
      styled(
        new Point(xy(w.fix.at)),
        new Style({
          image: new Circle({
            radius: w.state === 'OVER' ? 9 : 6,
            fill: new Fill({ color: token(w.state === 'WITHIN' || w.state === 'OVER' ? colour : 'panel') }),
            stroke: line(token(colour), 3),
          }),
          text: words(name, colour, true, [0, 18]),
          zIndex: 15,
        }),
      ),
    ];
  });
}
