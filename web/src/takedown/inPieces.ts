import type { Schemas } from '../api/client';

/** Whether the leader has chosen to take a stem down in pieces. */
export const inPieces = (stem?: Pick<Schemas['StemView'], 'chosen'>): boolean =>
  stem?.chosen?.verdict === 'DISMANTLE' || stem?.chosen?.verdict === 'CRANE';
