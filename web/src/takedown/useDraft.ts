import { useState } from 'react';
import { usePreview } from '../api/usePreview';

/**
 * Something that is kept, while it is changed: what was changed since, and what that comes to.
 *
 * @param subject what it is of
 * @param draftOf what a view was made from, to be changed and sent back
 * @param keptAt when what is kept was last asked for: weather, gear or a tree beside it may have changed since, and what
 *     was changed here comes to something else then
 */
export function useDraft<View, Draft>(
  name: string,
  subject: string,
  kept: View | undefined,
  draftOf: (v: View) => Draft,
  keptAt: number,
  ask: (draft: Draft, signal: AbortSignal) => Promise<View>,
) {
  const [changed, setChanged] = useState<Draft>();
  const draft = changed ?? (kept && draftOf(kept));
  const { answer, faults, failed } = usePreview(
    name,
    draft && kept ? subject : undefined,
    draft,
    String(keptAt),
    (d, signal) => ask(d as Draft, signal),
  );
  return {
    view: answer ?? kept,
    draft,
    faults,
    failed,
    unsaved: changed !== undefined,
    /** On what it is by then: a place that is tapped on the plan later undoes nothing that was said meanwhile. */
    change: (more: Partial<Draft> | ((now: Draft) => Partial<Draft>)) =>
      setChanged((now) => {
        const on = now ?? draft;
        return on && { ...on, ...(typeof more === 'function' ? more(on) : more) };
      }),
    put: (v: View) => setChanged(draftOf(v)),
    /** It is kept: what was changed since it was sent stays. */
    kept: (sent: Draft) => setChanged((now) => (now === sent ? undefined : now)),
  };
}
