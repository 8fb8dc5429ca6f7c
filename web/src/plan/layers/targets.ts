import type Feature from 'ol/Feature';
import { clearOf, styled } from '../draw';
import type { PlanScene } from '../scene';
import { geometryOf } from '../sketching';
import { featureStyle, letters } from '../styles';
import type { PlanLayer } from './layer';

/** Targets and what else stands on the place, with their plates. */
export const targets: PlanLayer = { key: 'targets', draw };

function draw(scene: PlanScene): Feature[] {
  const letter = letters(scene.features);
  const small = scene.stage === 'stems' || scene.stage === 'cuts' || window.innerWidth < 600;
  const taken = scene.stems.map((s) => s.at);
  return scene.features.map((f) => {
    const mark = clearOf(taken, f);
    if (f.entry.worth > 0) taken.push(mark);
    return styled(
      geometryOf(f.entry.form, f.entry.outline),
      featureStyle(f, mark, letter.get(f.id), small, scene.stage === 'place' && f.id === scene.feature),
      { featureId: f.id },
    );
  });
}
