import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { askAnew } from './anew';
import { api, data, Problem, type Schemas } from './client';
import { news, onChanged } from './changes';
import { MANNER_KEPT } from '../words/useManner';
import { heard, onHeard, silentMs } from './heard';

/** live: the stream speaks. asking: it is silent, answers still come. lost: nothing for ten seconds. */
export type Link = 'connecting' | 'live' | 'asking' | 'lost';
type Hold = Schemas['HoldView'];
type Run = Schemas['RunView'];

const SILENT_MS = 10_000;
const ASK_MS = 3000;
const PLAN = ['findings', 'roster', 'asked', 'plan', 'run', 'briefings'];
/** What a change of the job makes old. */
const MAKES_OLD: Record<string, string[]> = {
  JOB: ['job', ...PLAN],
  PLACE: ['place', 'surroundings', 'job', 'lays', 'tangle', 'danger', 'verdicts', 'depends', 'missing', ...PLAN],
  STEM: [
    'stems',
    'corrections',
    'review',
    'photos',
    'voice',
    'lays',
    'tangle',
    'danger',
    'verdicts',
    'leaning',
    'depends',
    'missing',
    ...PLAN,
  ],
  LAY: ['lays', 'corrections', 'tangle', 'danger', 'depends', 'verdicts', ...PLAN],
  TANGLE: ['tangle', 'stems', 'lays', 'danger', 'depends', 'verdicts', 'missing', ...PLAN],
  CREW: ['steps', 'corrections', 'missing', ...PLAN],
  PLAN: PLAN,
  BRIEF: ['briefings', 'card', 'run', 'visitors'],
  SHOWN: ['shown'],
  RUN: ['run', 'visitors'],
  HOLD: ['hold', 'run'],
  REVIEW: ['review', 'lessons', 'records'],
};

/** A hold takes the go away before anybody asks; only the readiness of all is void with it. */
function withHold(run: Run): Run {
  const step = run.step && {
    ...run.step,
    iAmReady: false,
    people: run.step.people.map((p) => ({ ...p, readyAt: undefined })),
  };
  return { ...run, step, going: false, held: true, word: 'STOP' };
}

/**
 * The hold that stands, as the event or the answer brought it. When it is lifted, the run stays held until it is asked
 * for anew: what was known of it before the hold is no go any more.
 */
export function takeHold(queries: QueryClient, job: string, hold: Hold | undefined, asks: boolean): void {
  // An answer that was asked for before this came must not take its place.
  void queries.cancelQueries({ queryKey: ['job', job, 'hold'] });
  const was = queries.getQueryData<Hold | null>(['job', job, 'hold']);
  queries.setQueryData(['job', job, 'hold'], hold ?? null);
  queries.setQueryData<Run>(['job', job, 'run'], (run) => (run && (hold ?? was) ? withHold(run) : run));
  if (asks || (was && !hold)) void askAnew(queries, ['job', job, 'run']);
}

/**
 * Follows the job's stream and watches it: what it does not say for ten seconds is asked for, until it speaks again.
 *
 * @param whole a screen that shows log and plan asks for them when a hold comes; a phone has all it needs in the event
 */
export function useLive(job: string, whole: boolean): Link {
  const queries = useQueryClient();
  const [link, setLink] = useState<Link>('connecting');
  useEffect(() => {
    let stream: EventSource | undefined;
    let streamAt = -Infinity;
    let askedAt = -Infinity;
    let openedAt = -Infinity;
    let events = 0;
    const now = () => performance.now();
    const old = (names: Iterable<string>) =>
      Promise.all([...new Set(names)].map((name) => askAnew(queries, ['job', job, name])));
    const changed = (kinds: string[]) => old(kinds.flatMap((kind) => MAKES_OLD[kind] ?? []));
    const speaks = () => {
      streamAt = now();
      heard();
      setLink('live');
    };
    const open = () => {
      openedAt = now();
      stream?.close();
      stream = new EventSource(`/api/jobs/${job}/live`);
      stream.onopen = () => {
        const first = streamAt === -Infinity;
        speaks();
        if (!first) void askAnew(queries, ['job', job]);
      };
      stream.addEventListener('beat', speaks);
      stream.addEventListener('hold', (e) => {
        speaks();
        events += 1;
        const body = JSON.parse((e as MessageEvent<string>).data) as { hold?: Hold };
        takeHold(queries, job, body.hold, whole);
      });
      stream.addEventListener('changed', (e) => {
        speaks();
        void changed(news((e as MessageEvent<string>).data).filter((kind) => kind !== 'HOLD' || whole));
      });
      stream.addEventListener('here', (e) => {
        speaks();
        queries.setQueryData(['job', job, 'here'], JSON.parse((e as MessageEvent<string>).data));
      });
    };
    const ask = async () => {
      askedAt = now();
      const before = events;
      try {
        const holds = await data(api.GET('/api/jobs/{job}/run/holds', { params: { path: { job } } }));
        if (events === before)
          takeHold(
            queries,
            job,
            holds.find((h) => !h.lifted),
            true,
          );
        // Answers come and the stream does not: a new one.
        if (stream?.readyState === EventSource.CLOSED || now() - openedAt > SILENT_MS) open();
      } catch (e) {
        // Signed out or taken off: the job's own query says so to the page.
        if (e instanceof Problem && (e.status === 401 || e.status === 404)) void old(['job']);
      }
    };
    const watch = () => {
      if (now() - streamAt < SILENT_MS) return;
      setLink(silentMs() < SILENT_MS ? 'asking' : 'lost');
      if (now() - askedAt > ASK_MS) void ask();
    };
    open();
    const ownWrites = onChanged(job, changed);
    const timer = setInterval(watch, 1000);
    const silent = onHeard(() => {
      if (now() - streamAt >= SILENT_MS) setLink('asking');
    });
    const wake = () => {
      if (document.visibilityState !== 'visible') return;
      if (now() - streamAt > SILENT_MS) open();
      void ask();
    };
    document.addEventListener('visibilitychange', wake);
    // the stream speaks as it was opened
    window.addEventListener(MANNER_KEPT, open);
    return () => {
      window.removeEventListener(MANNER_KEPT, open);
      clearInterval(timer);
      ownWrites();
      silent();
      document.removeEventListener('visibilitychange', wake);
      stream?.close();
    };
  }, [job, queries, whole]);
  return link;
}
