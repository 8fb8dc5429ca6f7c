import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useId, useRef, useState } from 'react';
import { type Fault, Problem } from './client';

const KEPT_MS = 20_000;
const NONE: Fault[] = [];
type Shown<Answer> = { subject?: string; answer?: Answer; faults: Fault[]; failed?: Error };
type Wanted<Answer> = { key: string; ask: (signal: AbortSignal) => Promise<Answer> };

/**
 * What the server answers to something that is being chosen. While one answer is under way nothing else is asked; then
 * the latest is, so that a lay that is dragged is never left without an answer. What is asked of another subject is
 * given up at once. A choice that is refused keeps the last answer standing; its faults are said at their fields. One
 * answer is one render.
 *
 * @param subject what it is asked of; undefined while nothing can be asked
 * @param stamp what else the answer depends on
 * @returns `waiting` until the subject has had its first answer, so that nobody is told something is missing
 */
export function usePreview<Choice, Answer>(
  name: string,
  subject: string | undefined,
  choice: Choice,
  stamp: string,
  ask: (choice: Choice, signal: AbortSignal) => Promise<Answer>,
): { answer?: Answer; faults: Fault[]; failed?: Error; waiting: boolean } {
  const queries = useQueryClient();
  // its own key: a question that another page gave up must not be shared
  const own = useId();
  const [shown, setShown] = useState<Shown<Answer>>({ faults: NONE });
  const wanted = useRef<Wanted<Answer>>(undefined);
  const running = useRef<{ subject: string; stop: AbortController }>(undefined);
  const key = JSON.stringify([subject, choice, stamp]);

  useEffect(() => {
    if (running.current && running.current.subject !== subject) {
      running.current.stop.abort();
      running.current = undefined;
    }
    if (subject === undefined) return;
    wanted.current = { key, ask: (signal) => ask(choice, signal) };
    if (running.current) return;
    const mine = { subject, stop: new AbortController() };
    running.current = mine;
    const { signal } = mine.stop;
    void (async () => {
      while (wanted.current && !signal.aborted) {
        const next: Wanted<Answer> = wanted.current;
        wanted.current = undefined;
        try {
          const answer = await queries.fetchQuery({
            queryKey: ['preview', name, own, next.key],
            queryFn: () => next.ask(signal),
            staleTime: Infinity,
            gcTime: KEPT_MS,
            retry: false,
          });
          if (!signal.aborted) setShown({ subject, answer, faults: NONE });
        } catch (e) {
          if (signal.aborted) return;
          // the same question was under way and was given up by who asked it first
          if (e instanceof DOMException && e.name === 'AbortError') {
            wanted.current ??= next;
            continue;
          }
          const faults = e instanceof Problem ? e.faults : NONE;
          const unknown = faults.length === 0 || faults.some((f) => f.code === 'NOT_KNOWN');
          setShown((s) => ({
            subject,
            answer: unknown || s.subject !== subject ? undefined : s.answer,
            faults,
            failed: unknown ? (e as Error) : undefined,
          }));
        }
      }
      if (running.current === mine) running.current = undefined;
    })();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the choice
  }, [key, subject]);
  useEffect(
    () => () => {
      running.current?.stop.abort();
      running.current = undefined;
    },
    [],
  );
  const answered = subject !== undefined && shown.subject === subject;
  return answered ? { ...shown, waiting: false } : { faults: NONE, waiting: subject !== undefined };
}
