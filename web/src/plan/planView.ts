import { create } from 'zustand';
import type { Spot } from '../api/client';

type PlanView = {
  /** Keys of the parts that are switched off; what can be struck is always there. */
  hidden: string[];
  /** What was looked for last: the plan puts it in its middle. */
  lookAt?: Spot;
  /** What alone is to be seen while the plan stands in a corner. */
  near?: Spot[];
  /** The step whose people are shown; the next one where none is chosen. */
  step?: string;
  show: (all: string[], shown: string[]) => void;
  look: (at: Spot) => void;
  stayNear: (spots?: Spot[]) => void;
  lookAtStep: (id: string) => void;
};

/** How somebody looks at the plan; gone with the page, so that nobody finds a plan with parts missing. */
export const usePlanView = create<PlanView>((set) => ({
  hidden: [],
  show: (all, shown) => set({ hidden: all.filter((k) => !shown.includes(k)) }),
  look: (at) => set({ lookAt: { ...at } }),
  stayNear: (near) => set({ near }),
  lookAtStep: (step) => set({ step }),
}));
