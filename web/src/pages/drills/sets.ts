import { queryOptions } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';

/** Answers to sets wait in a box of their own. */
export const ANSWERS = 'drill-sets';

/** Once had, a set goes on without a network. */
export const drillSets = queryOptions({
  queryKey: ['drill-sets'],
  queryFn: () => data(api.GET('/api/drill-sets', {})),
  retry: false,
});

/** @param answered how many of it are done */
export function addressOf(s: Schemas['DrillSetView'], answered: number): string {
  const next = s.links[answered];
  return `/drills/${next.key}?level=${next.level}&seed=${next.seed}&n=${answered + 1}&set=${s.id}`;
}
