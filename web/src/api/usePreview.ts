import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { type Fault, Problem } from './client';

const KEPT_MS = 20_000;
const NONE: Fault[] = [];
type Held<T> = { subject: string; answer: T };

/**
 * What the server answers to something that is being chosen. While one answer is under way nothing else is asked; then
 * the latest is, so that a lay that is dragged is never left without an answer. What is asked of another subject is
 * given up at once. A choice that is refused keeps the last answer standing; its faults are said at their fields.
 *
 * @param subject what it is asked of; undefined while nothing can be asked
 * @param stamp what else the answer depends on
 */
export function usePreview<Choice, Answer>(
  name: string,
  subject: string | undefined,
  choice: Choice,
  stamp: string,
  ask: (choice: Choice, signal: AbortSignal) => Promise<Answer>,
): { answer?: Answer; faults: Fault[]; failed?: Error } {
  const wanted = { subject, choice, stamp };
  const key = JSON.stringify(wanted);
  const [asked, setAsked] = useState({ key, ...wanted });
  const [held, setHeld] = useState<Held<Answer>>();
  const query = useQuery({
    queryKey: ['preview', name, asked.key],
    enabled: asked.subject !== undefined,
    queryFn: ({ signal }) => ask(asked.choice, signal),
    staleTime: Infinity,
    gcTime: KEPT_MS,
    retry: false,
  });
  const { data, isFetching, error } = query;
  useEffect(() => {
    if (asked.key !== key && (!isFetching || asked.subject !== subject)) setAsked({ key, subject, choice, stamp });
  }, [asked, key, isFetching, subject, choice, stamp]);
  useEffect(() => {
    if (data !== undefined && asked.subject !== undefined) setHeld({ subject: asked.subject, answer: data });
  }, [data, asked.subject]);
  const mine = subject !== undefined && asked.subject === subject;
  const faults = mine && error instanceof Problem ? error.faults : NONE;
  const unknown = mine && error !== null && (faults.length === 0 || faults.some((f) => f.code === 'NOT_KNOWN'));
  const last = data !== undefined && mine ? data : held?.subject === subject ? held?.answer : undefined;
  return {
    answer: subject === undefined || unknown ? undefined : last,
    faults,
    failed: unknown ? (error ?? undefined) : undefined,
  };
}
