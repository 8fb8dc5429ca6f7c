import { createContext, useContext } from 'react';
import type { Schemas, Spot } from '../api/client';

/** What a panel can ask of the plan beside it, and what both know. */
export type PlanTools = {
  stem?: string;
  selectStem: (id: string) => void;
  preview?: Schemas['LayView'];
  dial?: Schemas['DialView'];
  showLay: (lay?: Schemas['LayView'], dial?: Schemas['DialView']) => void;
  onTurn: (turn?: (deg: number) => void) => void;
  pick: (hint: string, picked: (at: Spot) => void) => void;
  say: (words: string) => void;
};

export const PlanContext = createContext<PlanTools | null>(null);

export function usePlanTools(): PlanTools {
  const tools = useContext(PlanContext);
  if (!tools) throw new Error('outside of a job screen');
  return tools;
}
