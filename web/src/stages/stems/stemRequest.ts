import type { Schemas } from '../../api/client';

/** A stem's own entry as it stands, with what is to change. */
export const stemRequest = (s: Schemas['StemView'], over: Partial<Schemas['StemRequest']>): Schemas['StemRequest'] => ({
  species: s.species,
  state: s.state,
  at: s.at,
  wood: s.wood,
  shape: s.shape,
  crown: s.crown,
  toBeKept: s.toBeKept,
  note: s.note,
  unionWith: s.unionWith,
  unionHeightM: s.unionHeightM,
  version: s.version,
  ...over,
});
