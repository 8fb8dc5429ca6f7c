import type Feature from 'ol/Feature';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, Fill, Point, Style, toward, wayStyles, words, xy } from '../styles';
import { token } from '../token';
import type { PlanLayer } from './layer';
import { msg } from '../words';
import { term } from '../../words/terms';

/** Who stands where in the step that is next, and the ways out of each. */
export const people: PlanLayer = {
  key: 'people',
  get words() {
    return msg('peopleAndTheirWays');
  },
  at: ['crew', 'brief', 'run'],
  draw: posts,
};

function posts(scene: PlanScene): Feature[] {
  const out: Feature[] = [];
  const step = scene.plan?.steps.find((s) => !scene.steps.find((x) => x.id === s.id)?.done);
  for (const p of step?.posts ?? []) {
    if (!p.stand) continue;
    out.push(
      styled(
        new Point(xy(p.stand)),
        new Style({
          image: new Circle({ radius: 9, fill: new Fill({ color: token('ink') }) }),
          text: words(`${p.person.split(' ')[0]}, ${term('Role', p.role)}`, 'ink', true, [0, -18]),
          zIndex: 14,
        }),
      ),
    );
    for (const w of p.waysOut)
      out.push(
        ...wayStyles(
          w.lengthM > 12 || w.path.length < 2
            ? [p.stand, toward(p.stand, w.azimuthDeg, Math.min(w.lengthM, 12))]
            : w.path,
          w.name,
        ).map(alone),
      );
  }
  return out;
}
