import type Feature from 'ol/Feature';
import type { Schemas } from '../../api/client';
import type { Stage } from '../../stages/stage';
import type { PlanScene } from '../scene';

/**
 * One part of the plan. What stands on the place is drawn anew when it changes, not when one zooms; what is said about
 * it, with every view.
 */
export type PlanLayer = {
  key: string;
  /** What it is called where it is switched off; a part that has none is always there. */
  words?: string;
  /** The stages it is drawn at; at all of them where it names none. */
  at?: readonly Stage[];
  draw: (scene: PlanScene, resolution: number, place?: Schemas['PlaceView']) => Feature[];
};
