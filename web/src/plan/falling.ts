import type { Schemas } from '../api/client';

/** A rehearsed fall as the plan shows it: landings, and the stem while it goes over. */
export type Falling = {
  stump: Schemas['Spot'];
  layDeg: number;
  reachM: number;
  byDegree: number[];
  tips: Schemas['Spot'][];
  falls: number;
  thetaDeg?: number;
};

let now: Falling | undefined;
const watchers = new Set<() => void>();

/** Beside React's state: twenty pictures a second must not draw the whole screen anew. */
export const falling = {
  get: (): Falling | undefined => now,
  show(f?: Falling) {
    now = f;
    watchers.forEach((w) => w());
  },
  watch(w: () => void): () => void {
    watchers.add(w);
    return () => void watchers.delete(w);
  },
};
