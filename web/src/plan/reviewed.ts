import type { Schemas } from '../api/client';

/** The outcome that is looked at: of the stem that is chosen, else the one that fell farthest beside. */
export const reviewed = (all: Schemas['Outcome'][], stemId?: string): Schemas['Outcome'] | undefined =>
  all.find((o) => o.stemId === stemId) ??
  [...all].sort((a, b) => (b.deviation.times ?? 0) - (a.deviation.times ?? 0)).at(0);
