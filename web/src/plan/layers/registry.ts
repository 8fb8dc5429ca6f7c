import { beacons } from './beacons';
import { changes } from './changes';
import { heights } from './heights';
import type { PlanLayer } from './layer';
import { lays, otherLays } from './lays';
import { lit } from './lit';
import { outcomes } from './outcomes';
import { people } from './people';
import { stems } from './stems';
import { tangle } from './tangle';
import { targets } from './targets';
import { msg } from '../words';

/** What stands on the place, in the order in which it is drawn. */
export const GROUND: PlanLayer[] = [targets, heights];

/** What the plan says about it. */
export const SAID: PlanLayer[] = [tangle, otherLays, lays, lit, stems, people, beacons, changes, outcomes];

/** The picture beneath everything. */
export const PICTURE = {
  key: 'underlay',
  get words() {
    return msg('pictureBeneath');
  },
};
