import { Grid } from 'antd';
import { createContext, useContext, useEffect } from 'react';
import type { Schemas, Spot } from '../api/client';

export type Form = 'POINT' | 'LINE' | 'POLYGON';

/** What is being drawn or changed on the plan by hand. */
export type Sketch =
  | { what: 'draw'; form: Form; hint: string; done: (outline: Spot[]) => void }
  | { what: 'edit'; id: string; form: Form; outline: Spot[]; hint: string; done: (outline: Spot[]) => void };

/** What is on the plan only while it is being decided: places offered, or the outline of something new. */
export type Ghost = { at: Spot; label: string; form?: Form; outline?: Spot[] };

/** What of a lay the panel is about, so that the plan shows that and not everything at once. */
export type LayFocus = 'lay' | 'reach' | 'ways' | 'rehearse' | 'rests';

/** What a panel can ask of the plan beside it, and what both know. */
export type PlanTools = {
  stem?: string;
  selectStem: (id: string) => void;
  feature?: string;
  selectFeature: (id?: string) => void;
  preview?: Schemas['LayView'];
  dial?: Schemas['DialView'];
  showLay: (lay?: Schemas['LayView'], dial?: Schemas['DialView'], focus?: LayFocus) => void;
  /** The cut card that is being chosen. */
  cut?: Schemas['CutPart'];
  showCut: (cut?: Schemas['CutPart']) => void;
  onTurn: (turn?: (deg: number) => void) => void;
  /** The direction of the dial that is pointed at or was tapped, whole degrees. */
  pointed?: number;
  pick: (hint: string, picked: (at: Spot) => void) => void;
  sketch?: Sketch;
  setSketch: (sketch?: Sketch) => void;
  setGhosts: (ghosts: Ghost[]) => void;
  say: (words: string) => void;
  /** Where a panel can draw across the whole width, the plan in a corner; there only while one asks for it. */
  board?: HTMLElement;
  askForBoard: (asked: boolean) => void;
};

export const PlanContext = createContext<PlanTools | null>(null);

/** The whole width to draw on, where the screen has room for it and somebody wants it. */
export function useBoard(wanted: boolean): { wide: boolean; board?: HTMLElement } {
  const { askForBoard, board } = usePlanTools();
  const wide = Grid.useBreakpoint().xl === true && wanted;
  useEffect(() => {
    askForBoard(wide);
    return () => askForBoard(false);
  }, [wide, askForBoard]);
  return { wide, board };
}

export function usePlanTools(): PlanTools {
  const tools = useContext(PlanContext);
  if (!tools) throw new Error('outside of a job screen');
  return tools;
}
