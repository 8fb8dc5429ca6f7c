import { brief } from './brief/stage';
import { crew } from './crew/stage';
import { cuts } from './cuts/stage';
import { lay } from './lay/stage';
import { place } from './place/stage';
import { review } from './review/stage';
import { run } from './run/stage';
import type { StageDef } from './stage';
import { stems } from './stems/stage';
import { tangle } from './tangle/stage';

/** The stages in the order of the job; their numbers, keys 1 to 9, follow from it. */
export const STAGES: StageDef[] = [place, stems, lay, cuts, tangle, crew, brief, run, review];

/** @returns the stage an address names, the first one where it names none */
export const stageAt = (name: string): StageDef => STAGES.find((s) => s.key === name) ?? STAGES[0];
