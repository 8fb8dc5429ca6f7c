import { useQuery, useQueryClient } from '@tanstack/react-query';
import { askAnew } from './anew';
import { arrived } from './changes';
import { api, data, Problem } from './client';
import { msg } from '../words/base';

const at = (job: string) => ({ params: { path: { job } } });

/** Everything of a job, one query a stage; the live stream says when to ask again. */
/** The gust is read anew every twenty seconds, whatever else happens. */
const GUST_MS = 20_000;
export const useJob = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'job'],
    refetchInterval: GUST_MS,
    queryFn: () => data(api.GET('/api/jobs/{job}', at(job))),
  });
export const useFeatures = (job: string) =>
  useQuery({ queryKey: ['job', job, 'place'], queryFn: () => data(api.GET('/api/jobs/{job}/features', at(job))) });
export const useStems = (job: string) =>
  useQuery({ queryKey: ['job', job, 'stems'], queryFn: () => data(api.GET('/api/jobs/{job}/stems', at(job))) });
export const useSurroundings = (job: string) =>
  useQuery({ queryKey: ['job', job, 'surroundings'], queryFn: () => data(api.GET('/api/jobs/{job}/place', at(job))) });
export const usePhotos = (job: string) =>
  useQuery({ queryKey: ['job', job, 'photos'], queryFn: () => data(api.GET('/api/jobs/{job}/photos', at(job))) });
export const useVoiceNotes = (job: string) =>
  useQuery({ queryKey: ['job', job, 'voice'], queryFn: () => data(api.GET('/api/jobs/{job}/voice-notes', at(job))) });
export const useLays = (job: string) =>
  useQuery({ queryKey: ['job', job, 'lays'], queryFn: () => data(api.GET('/api/jobs/{job}/lays', at(job))) });
export const useTangle = (job: string) =>
  useQuery({ queryKey: ['job', job, 'tangle'], queryFn: () => data(api.GET('/api/jobs/{job}/tangle', at(job))) });
export const useSteps = (job: string) =>
  useQuery({ queryKey: ['job', job, 'steps'], queryFn: () => data(api.GET('/api/jobs/{job}/steps', at(job))) });
/** What the plan asks for that no step does yet, and why the plan asks for those that are there. */
export const useAskedSteps = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'asked'],
    queryFn: () => data(api.GET('/api/jobs/{job}/steps/asked', at(job))),
  });
/** What mends what is wrong with the crew's day, when it ends and what it waits for. */
export const useRoster = (job: string) =>
  useQuery({ queryKey: ['job', job, 'roster'], queryFn: () => data(api.GET('/api/jobs/{job}/roster', at(job))) });
/** What the order of the tangle says that no step of the crew does yet. */
export const useMissingSteps = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'missing'],
    queryFn: () => data(api.GET('/api/jobs/{job}/tangle/steps', at(job))),
  });
export const useFindings = (job: string) =>
  useQuery({ queryKey: ['job', job, 'findings'], queryFn: () => data(api.GET('/api/jobs/{job}/findings', at(job))) });
export const usePlan = (job: string) =>
  useQuery({ queryKey: ['job', job, 'plan'], queryFn: () => data(api.GET('/api/jobs/{job}/plan', at(job))) });
export const useBriefings = (job: string) =>
  useQuery({ queryKey: ['job', job, 'briefings'], queryFn: () => data(api.GET('/api/jobs/{job}/briefings', at(job))) });
export const useCard = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'card'],
    queryFn: async () => (await data(api.GET('/api/jobs/{job}/briefings/card', at(job)))) ?? null,
  });
/** A briefing as cards for one step. */
export const useTalk = (job: string, number: number, turn?: number) =>
  useQuery({
    queryKey: ['job', job, 'talk', number, turn],
    staleTime: Infinity,
    queryFn: () =>
      data(api.GET('/api/jobs/{job}/briefings/{number}/talk', { params: { path: { job, number }, query: { turn } } })),
  });
/** The card of the briefing that is shown just now. */
export const useShown = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'shown'],
    queryFn: async () => (await data(api.GET('/api/jobs/{job}/shown', at(job)))) ?? null,
  });
export const useRun = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'run'],
    refetchInterval: GUST_MS,
    queryFn: () => data(api.GET('/api/jobs/{job}/run', at(job))),
  });
/** What was written down by itself: under the run's key, so that it is asked again whenever the run is. */
export const useRunLog = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'run', 'log'],
    queryFn: () => data(api.GET('/api/jobs/{job}/run/log', at(job))),
  });
/** An instrument is read anew every two seconds where somebody looks at it. */
const WATCH_MS = 2000;
export const useWatch = (job: string, on = true) =>
  useQuery({
    queryKey: ['job', job, 'watch'],
    enabled: on,
    refetchInterval: WATCH_MS,
    queryFn: () => data(api.GET('/api/jobs/{job}/run/watch', at(job))),
  });
/** Who is here without work. */
export const useVisitors = (job: string) =>
  useQuery({ queryKey: ['job', job, 'visitors'], queryFn: () => data(api.GET('/api/jobs/{job}/visitors', at(job))) });
/** The hold that stands, if one does. */
export const useHold = (job: string) =>
  useQuery({
    queryKey: ['job', job, 'hold'],
    queryFn: async () => (await data(api.GET('/api/jobs/{job}/run/holds', at(job)))).find((h) => !h.lifted) ?? null,
  }).data ?? undefined;
export const useReview = (job: string) =>
  useQuery({ queryKey: ['job', job, 'review'], queryFn: () => data(api.GET('/api/jobs/{job}/review', at(job))) });
export const useHere = (job: string) =>
  useQuery({ queryKey: ['job', job, 'here'], queryFn: () => data(api.GET('/api/jobs/{job}/here', at(job))) });
export const useSession = () =>
  useQuery({ queryKey: ['session'], queryFn: () => data(api.GET('/api/session', {})), staleTime: 60_000 });

/** Whether it arrived is not known then, and not claimed. */
export const noAnswer = () => msg('noAnswer');

/** Runs a write and says what the server refused. */
export function useAct(job: string, say: (words: string) => void): (write: Promise<unknown>) => Promise<boolean> {
  const queries = useQueryClient();
  return async (write) => {
    try {
      await write;
      say('');
      if (!(await arrived(job))) await askAnew(queries, ['job', job]);
      return true;
    } catch (e) {
      say(e instanceof Problem ? e.message : noAnswer());
      if (e instanceof Problem && e.status === 409) await askAnew(queries, ['job', job]);
      return false;
    }
  };
}

/** Saws and kit of the house. */
export const useTemplates = () =>
  useQuery({ queryKey: ['templates'], queryFn: () => data(api.GET('/api/house/templates', {})), staleTime: 60_000 });
export const useKit = () =>
  useQuery({ queryKey: ['kit'], queryFn: () => data(api.GET('/api/house/kit', {})), staleTime: 60_000 });
