import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas, upload } from '../api/client';
import { useAct } from '../api/job';
import { usePlanTools } from '../plan/planTools';
import { padsSent } from './padsOf';
import { useDraft } from './useDraft';

export type CraneView = Schemas['CraneView'];
export type SetUp = Schemas['SetUpRequest'];
export type Pad = SetUp['pads'][number];

const draftOf = (v: CraneView): SetUp => ({
  chart: v.chart?.lines,
  confirmed: v.confirmed,
  at: v.at,
  massKg: v.massKg,
  makersN: v.makersN,
  pads: padsSent(v.pads),
  hookKg: v.hookKg,
  slingsKg: v.slingsKg,
  attachmentKg: v.attachmentKg,
  hookLineM: v.hookLineM,
  marginM: v.marginM,
  windLimitMs: v.windLimitMs,
  legM: v.legM,
  slingN: v.slingN,
  tagLine: v.tagLine,
  grip: v.grip,
  landing: v.landing,
  stands: v.stands,
});

/** A crane while it is set up: what is kept, what was changed since, what it comes to, what its display showed. */
export function useCrane(job: string, stem: string) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const path = { job, stem };
  const address = '/api/jobs/{job}/takedown/stems/{stem}/crane';
  const { data: kept, dataUpdatedAt } = useQuery({
    queryKey: ['job', job, 'tangle', 'crane', stem],
    queryFn: () => data(api.GET(address, { params: { path } })),
  });
  const draft = useDraft('crane', stem, kept, draftOf, dataUpdatedAt, (body, signal) =>
    data(api.POST('/api/jobs/{job}/takedown/stems/{stem}/crane/preview', { params: { path }, body, signal })),
  );
  return {
    ...draft,
    load: async (file: File) => {
      try {
        const read = await upload<Schemas['ChartView']>(
          `/api/jobs/${job}/takedown/stems/${stem}/crane/chart`,
          file,
          file.name,
        );
        draft.change({ chart: read.lines, confirmed: false });
        say('');
      } catch (e) {
        say((e as Error).message);
      }
    },
    keep: async () => {
      if (!draft.view || !draft.draft) return;
      const query = { replaces: kept?.id };
      if (await act(api.POST(address, { params: { path, query }, body: draftOf(draft.view) }))) draft.kept(draft.draft);
    },
    weigh: (piece: number, readKg: number, free: boolean) =>
      act(
        api.POST('/api/jobs/{job}/takedown/stems/{stem}/crane/readings', {
          params: { path },
          body: { piece, readKg, free },
        }),
      ),
    found: (reading: string, why: string) =>
      act(
        api.PUT('/api/jobs/{job}/takedown/stems/{stem}/crane/readings/{reading}/why', {
          params: { path: { ...path, reading } },
          body: { why },
        }),
      ),
  };
}

export type Crane = ReturnType<typeof useCrane>;
