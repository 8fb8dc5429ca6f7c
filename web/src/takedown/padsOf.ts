import type { CraneView, Pad, SetUp } from './useCrane';

/** The pads of a view, to be changed and sent back. */
export const padsSent = (pads: CraneView['pads']): Pad[] =>
  pads.map(({ at, soil, sideM, footM, thickM, enteredEdgeM, edgeDepthM, hollow }) => ({
    at,
    soil,
    sideM,
    footM,
    thickM,
    edgeM: enteredEdgeM,
    edgeDepthM,
    hollow,
  }));

/** The pads as they are; those that stand where they usually do are not in the draft yet. */
export const padsOf = (draft: SetUp | undefined, view: CraneView): Pad[] =>
  draft && draft.pads.length > 0 ? draft.pads : padsSent(view.pads);

/** One of them changed, or all. */
export const padsWith =
  (view: CraneView, which: number | 'all', more: Partial<Pad>) =>
  (now: SetUp): Partial<SetUp> => ({
    pads: padsOf(now, view).map((p, i) => (which === 'all' || i === which - 1 ? { ...p, ...more } : p)),
  });
