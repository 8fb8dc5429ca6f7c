import { useQuery } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';

const NONE: Schemas['Choices'] = { species: [], defects: [], sightings: [], conditions: [], found: [] };

/** Species, kinds of defect and of sighting as the core names them. */
export function useChoices(job: string): Schemas['Choices'] {
  return (
    useQuery({
      queryKey: ['choices'],
      queryFn: () => data(api.GET('/api/jobs/{job}/stems/choices', { params: { path: { job } } })),
      staleTime: Infinity,
    }).data ?? NONE
  );
}
