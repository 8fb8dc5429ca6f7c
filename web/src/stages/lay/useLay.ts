import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useFeatures, useLays, useStems } from '../../api/job';
import { usePreview } from '../../api/usePreview';
import { type LayFocus, usePlanTools } from '../../plan/planTools';
import { useLayDrafts } from './layDraft';

export type Choice = Schemas['ChoiceRequest'];
const FIRST: Choice = { layDeg: 0, cutHeightM: 0.3, school: 'OPEN_FACE', barM: 0.45, means: 'WEDGES' };

/** The lay being turned: what the leader chooses, and what the core answers at once. Nothing is stored until it is saved. */
export function useLay(job: string, focus?: LayFocus) {
  const tools = usePlanTools();
  const lays = useLays(job);
  const stems = useStems(job);
  const stem = stems.data?.find((s) => s.id === tools.stem);
  const features = useFeatures(job);
  const saved = lays.data?.find((l) => l.stemId === tools.stem);
  const draft = `${job}/${tools.stem ?? ''}`;
  const choice = useLayDrafts((d) => d.drafts[draft]);
  const put = useLayDrafts((d) => d.put);
  const wasSaved = useLayDrafts((d) => d.saved);
  const setChoice = (c?: Choice) => put(draft, c);
  const [best, setBest] = useState<number>();
  const current = useMemo<Choice>(
    () => choice ?? saved?.choice ?? { ...FIRST, layDeg: best ?? 0 },
    [choice, saved, best],
  );
  const able = Boolean(stem && stem.notKnown.length === 0 && !stem.toBeKept && !stem.notFelled);
  const stamp = JSON.stringify([
    stem?.sightings.length,
    stem?.defects.length,
    stem?.version,
    saved?.version,
    features.dataUpdatedAt,
    saved?.outOfDate,
  ]);
  useEffect(() => setBest(undefined), [tools.stem]);

  const { say } = tools;
  const preview = usePreview('lay', able ? tools.stem : undefined, current, stamp, (body, signal) =>
    data(
      api.POST('/api/jobs/{job}/stems/{stem}/lay/preview', {
        params: { path: { job, stem: tools.stem! } },
        body,
        signal,
      }),
    ),
  );
  const { answer: lay, faults, failed } = preview;
  useEffect(() => {
    if (failed) say(failed.message);
  }, [failed, say]);

  const rest = { ...current, layDeg: 0 };
  const dial = useQuery({
    queryKey: ['dial', job, tools.stem, JSON.stringify(rest), stamp],
    enabled: able,
    staleTime: 60_000,
    queryFn: () =>
      data(
        api.POST('/api/jobs/{job}/stems/{stem}/lay/dial', {
          params: { path: { job, stem: tools.stem! } },
          body: current,
        }),
      ),
  });
  // nobody has turned it yet: it starts on the best lay of the dial
  useEffect(() => {
    if (!saved && !choice) setBest((b) => dial.data?.picks[0]?.deg ?? b);
  }, [dial.data, saved, choice]);
  const { showLay } = tools;
  useEffect(() => showLay(lay, dial.data, focus), [lay, dial.data, focus, showLay]);
  useEffect(() => () => showLay(undefined, undefined), [showLay]);
  const turn = (by: number) => setChoice({ ...current, layDeg: (((current.layDeg + by) % 360) + 360) % 360 });
  return {
    stem,
    saved,
    choice: current,
    set: (over: Partial<Choice>) => setChoice({ ...current, ...over }),
    turn,
    lay,
    waiting: preview.waiting || stems.isPending || lays.isPending,
    dial: dial.data,
    stamp,
    layFaults: faults,
    changed: choice !== undefined,
    settle: () => setChoice(undefined),
    sent: (sent: Choice) => wasSaved(draft, sent),
  };
}

export type Turning = ReturnType<typeof useLay>;
