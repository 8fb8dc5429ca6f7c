import type { Schemas } from '../api/client';
import type { MarkKind } from '../figures/Mark';

export const STAGES = ['place', 'stems', 'lay', 'cuts', 'tangle', 'crew', 'brief', 'run', 'review'] as const;
export type Stage = (typeof STAGES)[number];
/** What every stage's panel is given. */
export type PanelProps = { job: string; go: (stage: Stage) => void };
export const STAGE_WORDS: Record<Stage, string> = {
  place: 'Place',
  stems: 'Stems',
  lay: 'Lay',
  cuts: 'Cuts',
  tangle: 'Hung & fallen',
  crew: 'Crew',
  brief: 'Brief',
  run: 'Run',
  review: 'Review',
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
