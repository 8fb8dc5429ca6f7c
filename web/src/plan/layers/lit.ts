import { styled } from '../draw';
import { geometryOf } from '../sketching';
import { Fill, line, Style } from '../styles';
import { token } from '../token';
import type { PlanLayer } from './layer';

/** What the direction that is pointed at on the dial would strike. */
export const lit: PlanLayer = {
  key: 'lit',
  at: ['lay'],
  draw: (scene) => {
    const at = scene.focus === 'lay' ? scene.pointed : undefined;
    const places = at === undefined ? [] : (scene.dial?.lays.find((l) => l.deg === at)?.targets ?? []);
    const struck = places.map((i) => scene.dial?.targets[i]);
    return scene.features
      .filter((f) => struck.includes(f.id))
      .map((f) =>
        styled(
          geometryOf(f.entry.form, f.entry.outline),
          new Style({
            stroke: line('keep', 6),
            fill: new Fill({ color: `${token('keep')}33` }),
            zIndex: 7,
          }),
          { lit: f.id },
        ),
      );
  },
};
