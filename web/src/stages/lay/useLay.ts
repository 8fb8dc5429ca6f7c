import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useRef, useState } from 'react';
import { api, data, type Fault, Problem, type Schemas } from '../../api/client';
import { useFeatures, useLays, useStems } from '../../api/job';
import { type LayFocus, usePlanTools } from '../../plan/planTools';

export type Choice = Schemas['ChoiceRequest'];
const FIRST: Choice = { layDeg: 0, cutHeightM: 0.3, school: 'OPEN_FACE', barM: 0.45, means: 'WEDGES' };

/** The lay being turned: what the leader chooses, and what the core answers at once. Nothing is stored until it is saved. */
export function useLay(job: string, focus?: LayFocus) {
  const tools = usePlanTools();
  const lays = useLays(job);
  const stem = useStems(job).data?.find((s) => s.id === tools.stem);
  const features = useFeatures(job);
  const saved = lays.data?.find((l) => l.stemId === tools.stem);
  const [choice, setChoice] = useState<Choice>();
  const [best, setBest] = useState<number>();
  const current = useMemo<Choice>(
    () => choice ?? saved?.choice ?? { ...FIRST, layDeg: best ?? 0 },
    [choice, saved, best],
  );
  const able = Boolean(stem && stem.notKnown.length === 0 && !stem.toBeKept);
  const stamp = JSON.stringify([
    stem?.sightings.length,
    stem?.defects.length,
    stem?.version,
    saved?.version,
    features.dataUpdatedAt,
    saved?.outOfDate,
  ]);
  useEffect(() => {
    setChoice(undefined);
    setBest(undefined);
  }, [tools.stem]);

  const [lay, setLay] = useState<Schemas['LayView']>();
  const [faults, setFaults] = useState<Fault[]>([]);
  const busy = useRef(false);
  const wanted = useRef<Choice | undefined>(undefined);
  const { say } = tools;
  const key = JSON.stringify(current);
  useEffect(() => {
    if (!able || !tools.stem) {
      setLay(undefined);
      return;
    }
    const id = tools.stem;
    wanted.current = current;
    if (busy.current) return;
    busy.current = true;
    void (async () => {
      while (wanted.current) {
        const c: Choice = wanted.current;
        wanted.current = undefined;
        try {
          const got = await data(
            api.POST('/api/jobs/{job}/stems/{stem}/lay/preview', { params: { path: { job, stem: id } }, body: c }),
          );
          setLay(got);
          setFaults([]);
        } catch (e) {
          // a value that cannot be keeps the last answer standing and is said at its field
          const at = e instanceof Problem ? e.faults : [];
          setFaults(at);
          if (at.length === 0 || at.some((f) => f.code === 'NOT_KNOWN')) {
            setLay(undefined);
            say((e as Error).message);
          }
        }
      }
      busy.current = false;
    })();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the choice
  }, [key, able, tools.stem, stamp]);

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
    dial: dial.data,
    stamp,
    layFaults: faults,
    changed: choice !== undefined,
    settle: () => setChoice(undefined),
  };
}

export type Turning = ReturnType<typeof useLay>;
