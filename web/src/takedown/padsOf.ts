import type { Crane, CraneView, Pad } from './useCrane';

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
export const padsOf = (c: Crane, view: CraneView): Pad[] =>
  c.draft && c.draft.pads.length > 0 ? c.draft.pads : padsSent(view.pads);
