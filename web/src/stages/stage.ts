import type { ComponentType, LazyExoticComponent } from 'react';
import type { Schemas } from '../api/client';
import type { MarkKind } from '../figures/Mark';
import type { LayFocus } from '../plan/planTools';
import type { PlanScene } from '../plan/scene';

/** A stage of the job as the interface and the address name it. */
export type Stage = 'place' | 'stems' | 'lay' | 'cuts' | 'tangle' | 'crew' | 'brief' | 'run' | 'review';

/** What every stage's panel is given. */
export type PanelProps = { job: string; go: (stage: Stage) => void };

/** What lies over the plan at a stage. */
export type OverlayProps = {
  job: string;
  leader: boolean;
  focus?: LayFocus;
  /** Direction of the dial that is pointed at, whole degrees, and whether it was tapped. */
  pointed: { deg?: number; tapped?: boolean };
  turn: (deg: number) => void;
  unpoint: () => void;
};

/** One stage of the job: all that the leader's screen has to know of it. */
export type StageDef = {
  key: Stage;
  words: string;
  /** What keys do there, with what that is. */
  keys: [string, string][];
  /** Whether anything is in it yet. */
  filled: (scene: PlanScene, briefed: boolean) => boolean;
  Panel: LazyExoticComponent<ComponentType<PanelProps>>;
  /** Drawn beside the plan, which takes the smaller half then. */
  Figure?: LazyExoticComponent<ComponentType<{ job: string }>>;
  /** On a phone the plan stands in the figure's place until there is something to draw. */
  planFirst?: boolean;
  /** Drawn below the plan. */
  Below?: LazyExoticComponent<ComponentType<{ job: string }>>;
  Overlay?: LazyExoticComponent<ComponentType<OverlayProps>>;
};

/** The panel where a finding is cleared. */
export const stageOf = (f: Schemas['FindingView']): Stage => f.stage.toLowerCase() as Lowercase<typeof f.stage>;

/** Mark of a stage: the worst open finding that is cleared there, else whether anything is in it. */
export function stageMark(stage: Stage, findings: Schemas['FindingView'][], filled: boolean): MarkKind {
  const open = findings.filter((f) => stageOf(f) === stage && f.open && f.severity !== 'NOTE');
  if (open.some((f) => f.severity === 'STOP')) return 'STOP';
  if (open.some((f) => f.severity === 'SECOND_OPINION')) return 'SECOND_OPINION';
  if (open.length > 0) return 'CAUTION';
  return filled ? 'ready' : 'none';
}
