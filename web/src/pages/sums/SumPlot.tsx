import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { lazy, Suspense, useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { later } from '../../app/later';
import type { Figures } from './SumForm';
import css from './sums.module.css';
import { msg } from './words';

const Curve = lazy(() => later(() => import('./Curve')));
const withUnit = (words: string, unit: string): string => (unit ? `${words}, ${unit}` : words);

/** How the number the sum is about moves with one of the figures; every point is computed by the server. */
export function SumPlot({ sum, given, about }: { sum: Schemas['SumView']; given: Figures; about?: string }) {
  const movable = sum.fields.filter((f) => f.moves);
  const [chosen, setChosen] = useState<string>();
  const curve = useQuery({
    queryKey: ['sum', sum.name, given, 'curve', chosen, movable.at(0)?.reads],
    enabled: Boolean(about) && movable.length > 0,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      data(
        api.POST('/api/sums/{name}/curve', {
          params: { path: { name: sum.name }, query: { against: chosen } },
          body: given as never,
          signal,
        }),
      ),
  });
  if (!about || movable.length === 0) return null;
  const c = curve.data;
  return (
    <section className={css.plot} aria-label={msg('howTheAnswerMoves')}>
      <Select
        aria-label={msg('against')}
        value={chosen ?? c?.against}
        onChange={setChosen}
        options={movable.map((f) => ({ value: f.name, label: msg('againstWithAbout', { about, words: f.words }) }))}
      />
      <Suspense fallback={<Waiting />}>
        {c && <Curve points={c.points} at={c.at} x={withUnit(c.xWords, c.xUnit)} y={c.yUnit} />}
      </Suspense>
    </section>
  );
}
