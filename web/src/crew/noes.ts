import { useQuery, useQueryClient } from '@tanstack/react-query';
import { askAnew } from '../api/anew';
import { api, data } from '../api/client';

/** The climber's No that stands of a stem, and how its climber takes it back. */
export function useNo(job: string, stem: string) {
  const queries = useQueryClient();
  const queryKey = ['job', job, 'tangle', 'noes'];
  const path = { job };
  const stands = useQuery({
    queryKey,
    queryFn: () => data(api.GET('/api/jobs/{job}/takedown/no', { params: { path } })),
  }).data?.find((n) => n.stem === stem);
  return {
    stands,
    takeBack: async () => {
      await data(api.DELETE('/api/jobs/{job}/takedown/no', { params: { path, query: { stem } } }));
      await askAnew(queries, queryKey);
    },
  };
}
