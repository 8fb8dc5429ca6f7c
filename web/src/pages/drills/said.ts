import { queryOptions } from '@tanstack/react-query';
import { api, data, type Schemas } from '../../api/client';
import { useUnits } from '../../units/useUnits';
import { useLanguage } from '../../words/words';

/** In which language and units an exercise is said; a guest has no sign-in that knows it. */
export type DrillManner = { language: 'ENGLISH' | 'SPANISH' | 'PSEUDO'; units: 'METRIC' | 'FEET' };

export function useManner(): DrillManner {
  const language = useLanguage();
  const units = useUnits();
  return { language, units: units === 'feet' ? 'FEET' : 'METRIC' };
}

/** Once had, kept: a drill goes on without a network. */
export const useSaid = (manner: DrillManner) =>
  queryOptions({
    queryKey: ['drills', manner],
    staleTime: Infinity,
    queryFn: () => data(api.GET('/api/drills', { params: { query: manner } })),
  });

export type Kind = Schemas['ExerciseView']['kind'];

export const exercise = (kind: Kind, level: number, seed: number, manner: DrillManner) =>
  queryOptions({
    queryKey: ['drill', kind, level, seed, manner],
    staleTime: Infinity,
    queryFn: () =>
      data(api.GET('/api/drills/{kind}/{level}/{seed}', { params: { path: { kind, level, seed }, query: manner } })),
  });
