import type { Schemas } from '../api/client';

/** Nothing of it is left to be worked on: felled, or cut up where it lay. */
export const gone = (s: { state: Schemas['StemView']['state'] }): boolean =>
  s.state === 'FELLED' || s.state === 'CUT_UP';
