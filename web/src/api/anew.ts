import type { Query, QueryClient, QueryKey } from '@tanstack/react-query';

/** What is asked once more as soon as the answer under way is here. */
const next = new WeakMap<Query, Promise<unknown>>();

/**
 * Asks anew for what a change has made old, with one request for each thing at a time. An answer under way may be older
 * than the change: when it is here it is asked for once more, however many changes came meanwhile. With a request for
 * each change, a slow link carries one behind the other for a minute, while the screen shows what was so before.
 */
export async function askAnew(queries: QueryClient, queryKey: QueryKey = []): Promise<void> {
  const underWay = queries.getQueryCache().findAll({ queryKey, type: 'active', fetchStatus: 'fetching' });
  const asked = queries.invalidateQueries({ queryKey }, { cancelRefetch: false });
  await Promise.all([asked, ...underWay.map((query) => onceMore(queries, query))]);
}

function onceMore(queries: QueryClient, query: Query): Promise<unknown> {
  const waiting = next.get(query);
  if (waiting) return waiting;
  const ask = () =>
    queries.refetchQueries({ queryKey: query.queryKey, exact: true, type: 'active' }, { cancelRefetch: false });
  const again = ask().then(() => {
    next.delete(query);
    return ask();
  });
  next.set(query, again);
  return again;
}
