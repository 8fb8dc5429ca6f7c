import type { Schemas } from '../api/client';
import type { Stage } from '../stages/stage';
import type { LayFocus } from './planTools';

/** Everything that stands on a plan, and what is looked at. */
export type PlanScene = {
  features: Schemas['PlacedFeature'][];
  stems: Schemas['StemView'][];
  lays: Schemas['StemLay'][];
  tangle?: Schemas['TangleView'];
  steps: Schemas['StepView'][];
  people: Schemas['PersonView'][];
  /** The step whose people are looked at; the next one where none is. */
  step?: string;
  plan?: Schemas['PlanDocument'];
  preview?: Schemas['LayView'];
  dial?: Schemas['DialView'];
  focus?: LayFocus;
  pointed?: number;
  selected?: string;
  feature?: string;
  stage: Stage;
  slopeDeg: number;
  downhillDeg: number;
  changes: Schemas['BriefPlanComparisonChange'][];
  outcomes: Schemas['Outcome'][];
  struck: Schemas['StruckThing'][];
  /** Instruments in use while it runs. */
  watch: Schemas['WatchView'][];
};

/** Half of what is shown at least of a tangle, metres. */
const NEAR_M = 12;

/** Whether a narrow plan is about stems that hang or lie, and where they do is known; a wide one shows their rings too. */
export const looksAtTangle = (scene: PlanScene, wide: boolean): boolean =>
  !wide && scene.stage === 'tangle' && (scene.tangle?.stems.some((s) => s.pose) ?? false);

/** What the plan shows when it is opened: east, north of two corners, metres. */
export function extent(scene: PlanScene, wide = true): number[] {
  const near = looksAtTangle(scene, wide);
  const all = near
    ? (scene.tangle?.stems ?? []).flatMap((s) =>
        s.pose ? [s.pose.butt.at, s.pose.tip.at] : scene.stems.filter((x) => x.id === s.stemId).map((x) => x.at),
      )
    : [...scene.features.flatMap((f) => f.entry.outline), ...scene.stems.map((s) => s.at)];
  if (all.length === 0) return [0, 0, 90, 70];
  const e = all.map((p) => p.eastM);
  const n = all.map((p) => p.northM);
  const middle = [(Math.min(...e) + Math.max(...e)) / 2, (Math.min(...n) + Math.max(...n)) / 2];
  const half = [
    Math.max(near ? NEAR_M : 30, (Math.max(...e) - Math.min(...e)) / 2),
    Math.max(near ? NEAR_M : 20, (Math.max(...n) - Math.min(...n)) / 2),
  ];
  return [middle[0] - half[0], middle[1] - half[1], middle[0] + half[0], middle[1] + half[1]];
}
