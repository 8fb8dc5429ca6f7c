import type Feature from 'ol/Feature';
import { cuts } from '../../app/cuts';
import { alone, styled } from '../draw';
import type { PlanScene } from '../scene';
import { Circle, Fill, Point, Style, toward, wayStyles, words, xy } from '../styles';
import { token } from '../token';
import type { PlanLayer } from './layer';
import { msg } from '../words';
import { term } from '../../words/terms';

/** Who stands where in the step that is next, in Crew in the one that is looked at, and the ways out of each. */
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
  const ahead = scene.plan?.steps.filter((s) => !scene.steps.find((x) => x.id === s.id)?.done) ?? [];
  const step = (scene.stage === 'crew' ? ahead.find((s) => s.id === scene.step) : undefined) ?? ahead[0];
  const foot = scene.stems.find((s) => s.label === step?.stem)?.at;
  for (const p of step?.posts ?? []) {
    const at = p.stand ?? (cuts(p.role) ? foot : undefined);
    if (!at) continue;
    out.push(
      styled(
        new Point(xy(at)),
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
          w.lengthM > 12 || w.path.length < 2 ? [at, toward(at, w.azimuthDeg, Math.min(w.lengthM, 12))] : w.path,
          w.name,
        ).map(alone),
      );
  }
  return out;
}
