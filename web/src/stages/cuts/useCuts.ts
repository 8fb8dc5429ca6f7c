import { useEffect, useRef, useState } from 'react';
import { api, data, type Fault, Problem, type Schemas } from '../../api/client';
import { usePlanTools } from '../../plan/planTools';
import { useLay } from '../lay/useLay';

export type CutView = Schemas['CutView'];
export type CutsChoice = Schemas['CutsRequest'];
export type RigChoice = Schemas['RigRequest'];
export type SupportChoice = Schemas['SupportRequest'];

/** The cut card that follows from what is being chosen; what is refused stays beside the last card that could be computed, at its field. */
export function useCuts(job: string) {
  const l = useLay(job);
  const { showCut } = usePlanTools();
  const [view, setView] = useState<CutView>();
  const [faults, setFaults] = useState<Fault[]>([]);
  const busy = useRef(false);
  const wanted = useRef<typeof l.choice | undefined>(undefined);
  const id = l.lay || faults.length > 0 ? l.stem?.id : undefined;
  const key = JSON.stringify([l.choice, l.stamp]);
  useEffect(() => {
    setView(undefined);
    setFaults([]);
  }, [l.stem?.id]);
  useEffect(() => {
    if (!id) return;
    wanted.current = l.choice;
    if (busy.current) return;
    busy.current = true;
    void (async () => {
      while (wanted.current) {
        const c = wanted.current;
        wanted.current = undefined;
        try {
          setView(
            await data(
              api.POST('/api/jobs/{job}/stems/{stem}/cuts/preview', { params: { path: { job, stem: id } }, body: c }),
            ),
          );
          setFaults([]);
        } catch (e) {
          setFaults(e instanceof Problem ? e.faults : []);
        }
      }
      busy.current = false;
    })();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the choice
  }, [key, id, job]);
  useEffect(() => showCut(view?.card), [view, showCut]);
  useEffect(() => () => showCut(undefined), [showCut]);
  const cuts = l.choice.cuts ?? {};
  const rig = l.choice.rig ?? {};
  const support = l.choice.support ?? {};
  return {
    ...l,
    view,
    faults,
    cuts,
    rig,
    support,
    wrong: (field: string) => faults.find((f) => f.field === field)?.message,
    setCuts: (over: Partial<CutsChoice>) => l.set({ cuts: { ...cuts, ...over } }),
    setRig: (over: Partial<RigChoice>) => l.set({ rig: { ...rig, ...over } }),
    setSupport: (over: Partial<SupportChoice>) => l.set({ support: { ...support, ...over } }),
  };
}

export type Cutting = ReturnType<typeof useCuts>;
