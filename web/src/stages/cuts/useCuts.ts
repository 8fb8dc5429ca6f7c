import { useEffect } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { usePreview } from '../../api/usePreview';
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
  const id = l.lay || l.layFaults.length > 0 ? l.stem?.id : undefined;
  const {
    answer: view,
    faults,
    waiting,
  } = usePreview('cuts', id, l.choice, l.stamp, (body, signal) =>
    data(api.POST('/api/jobs/{job}/stems/{stem}/cuts/preview', { params: { path: { job, stem: id! } }, body, signal })),
  );
  useEffect(() => showCut(view?.card), [view, showCut]);
  useEffect(() => () => showCut(undefined), [showCut]);
  const cuts = l.choice.cuts ?? {};
  const rig = l.choice.rig ?? {};
  const support = l.choice.support ?? {};
  return {
    ...l,
    view,
    faults,
    waiting: l.waiting || waiting,
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
