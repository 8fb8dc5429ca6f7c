import { useMemo } from 'react';
import {
  useBriefings,
  useFeatures,
  useJob,
  useLays,
  usePlan,
  useReview,
  useRun,
  useStems,
  useSteps,
  useTangle,
  useWatch,
} from '../api/job';
import { usePlanView } from './planView';
import type { PlanScene } from './scene';

/** What the plan is looked at for. */
export type Looking = Pick<PlanScene, 'stage' | 'preview' | 'dial' | 'focus' | 'pointed' | 'selected' | 'feature'>;

/** Everything of a job that stands on its plan, and what is looked at. */
export function useScene(job: string, at: Looking): PlanScene {
  const features = useFeatures(job).data;
  const stems = useStems(job).data;
  const lays = useLays(job).data;
  const tangle = useTangle(job).data;
  const steps = useSteps(job).data;
  const info = useJob(job).data;
  const plan = usePlan(job).data;
  const briefings = useBriefings(job).data;
  const review = useReview(job).data;
  const step = usePlanView((v) => v.step);
  const inUse = (useRun(job).data?.watch.length ?? 0) > 0;
  const watch = useWatch(job, inUse && at.stage === 'run').data;
  const { stage, preview, dial, focus, pointed, selected, feature } = at;
  return useMemo(
    () => ({
      features: features ?? [],
      stems: stems ?? [],
      lays: lays ?? [],
      tangle,
      steps: steps ?? [],
      people: info?.people ?? [],
      step,
      plan,
      preview,
      dial,
      focus,
      pointed,
      selected,
      feature,
      stage,
      slopeDeg: info?.slopeDeg ?? 0,
      downhillDeg: info?.downhillDeg ?? 0,
      changes: briefings?.sinceLatest.length ? briefings.sinceLatest : (briefings?.issues.at(-1)?.changes ?? []),
      struck: review?.struck ?? [],
      outcomes: (review?.outcomes ?? []).map((o) => o.outcome),
      watch: (inUse && watch) || [],
    }),
    [
      features,
      stems,
      lays,
      tangle,
      steps,
      step,
      info,
      plan,
      briefings,
      review,
      inUse,
      watch,
      preview,
      dial,
      focus,
      pointed,
      selected,
      feature,
      stage,
    ],
  );
}
