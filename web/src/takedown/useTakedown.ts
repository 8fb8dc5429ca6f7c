import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas, upload } from '../api/client';
import { useAct } from '../api/job';
import { usePlanTools } from '../plan/planTools';
import { useDraft } from './useDraft';
import { msg } from './words';

export type View = Schemas['TakedownView'];
export type Draft = Schemas['TakedownRequest'];
export type Piece = View['pieces'][number];

/** What a view was made from, to be changed and sent back. */
const draftOf = (v: View): Draft => ({
  limbs: v.limbs.map(({ id, atM, thickM, lengthM, sideDeg, riseDeg, loose }) => ({
    id,
    atM,
    thickM,
    lengthM,
    sideDeg,
    riseDeg,
    loose,
  })),
  cuts: v.cuts,
  gear: v.gear,
  surface: v.surface,
  bed: v.bed,
  mayBe: v.mayBe,
  climber: v.climber,
  fallback: v.fallback,
  agreedWith: v.agreedWith,
  climb: v.climb,
  guy: v.guy && {
    line: v.guy.line,
    heightM: v.guy.heightM,
    deg: v.guy.deg,
    awayM: v.guy.awayM,
    anchorHeightM: v.guy.anchorHeightM,
    pretensionN: v.guy.pretensionN,
    turnedDeg: v.guy.turnedDeg,
    proven: v.guy.proven,
    sound: v.guy.sound,
  },
});

/** A plan of pieces while it is made: what is kept, what was changed since, and what that comes to. */
export function useTakedown(job: string, stem: string) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const path = { job, stem };
  const { data: kept, dataUpdatedAt } = useQuery({
    queryKey: ['job', job, 'tangle', 'takedown', stem],
    queryFn: () => data(api.GET('/api/jobs/{job}/takedown/stems/{stem}', { params: { path } })),
  });
  const {
    view,
    draft,
    faults,
    failed,
    change,
    unsaved,
    put,
    kept: wasKept,
  } = useDraft('takedown', stem, kept, draftOf, dataUpdatedAt, (body, signal) =>
    data(
      api.POST('/api/jobs/{job}/takedown/stems/{stem}/preview', {
        params: { path },
        body,
        signal,
      }),
    ),
  );
  const take = async (made: Promise<View>) => {
    try {
      put(await made);
      say('');
    } catch (e) {
      say((e as Error).message);
    }
  };
  return {
    view,
    draft,
    faults,
    failed,
    change,
    unsaved,
    propose: () =>
      draft &&
      take(data(api.POST('/api/jobs/{job}/takedown/stems/{stem}/proposal', { params: { path }, body: draft }))),
    instead: () =>
      draft && take(data(api.POST('/api/jobs/{job}/takedown/stems/{stem}/instead', { params: { path }, body: draft }))),
    shorten: (piece: number) =>
      draft &&
      take(
        data(
          api.POST('/api/jobs/{job}/takedown/stems/{stem}/shortened', {
            params: { path, query: { piece } },
            body: draft,
          }),
        ),
      ),
    read: (file: File) => take(upload<View>(`/api/jobs/${job}/takedown/stems/${stem}/pieces`, file, file.name)),
    /** All plans of the job out of a file; each tree of it is planned anew at once. */
    readAll: async (file: File) => {
      let body: Schemas['TakedownFile'];
      try {
        body = JSON.parse(await file.text()) as Schemas['TakedownFile'];
      } catch {
        say(msg('notJson', { name: file.name }));
        return;
      }
      if (await act(api.POST('/api/jobs/{job}/takedown/file', { params: { path: { job } }, body })))
        wasKept(draft as Draft);
    },
    keep: async () => {
      if (!draft) return;
      const query = { replaces: kept?.id };
      if (await act(api.POST('/api/jobs/{job}/takedown/stems/{stem}', { params: { path, query }, body: draft })))
        wasKept(draft);
    },
    saysNo: (atM: number) =>
      act(api.POST('/api/jobs/{job}/takedown/stems/{stem}/no', { params: { path }, body: { atM } })),
    takesBack: () => act(api.DELETE('/api/jobs/{job}/takedown/stems/{stem}/no', { params: { path } })),
  };
}

export type Takedown = ReturnType<typeof useTakedown>;
