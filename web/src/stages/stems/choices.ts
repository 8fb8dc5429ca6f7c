import { useQuery } from '@tanstack/react-query';
import { api, data } from '../../api/client';

/** Species and kinds of defect as the core names them. */
export function useChoices(job: string) {
  const q = useQuery({ queryKey: ['choices'], queryFn: () => data(api.GET('/api/jobs/{job}/stems/choices', { params: { path: { job } } })), staleTime: Infinity });
  const options = (list: { key: string; words: string }[] = []) => list.map((c) => ({ value: c.key, label: c.words }));
  return { species: options(q.data?.species), defects: options(q.data?.defects) };
}
