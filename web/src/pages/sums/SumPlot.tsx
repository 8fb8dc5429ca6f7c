import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Select, Skeleton } from 'antd';
import { lazy, Suspense, useState } from 'react';
import type { Schemas } from '../../api/client';
import { later } from '../../app/later';
import { numbers, said } from './answers';
import { compute, type Figures } from './SumForm';
import css from './sums.module.css';

const Curve = lazy(() => later(() => import('./Curve')));
const POINTS = 16;

/** How the first number of the answer moves with one of the figures; every point is computed. */
export function SumPlot({ sum, given, answer }: { sum: Schemas['SumView']; given: Figures; answer: Figures }) {
  const movable = sum.fields.filter((f) => f.kind === 'number' && f.usualHigh > f.usualLow);
  const [chosen, setChosen] = useState<string>();
  const field = movable.find((f) => f.name === chosen) ?? movable.find((f) => f.required) ?? movable.at(0);
  const out = numbers(answer).at(0)?.[0];
  const curve = useQuery({
    queryKey: ['sum', sum.name, given, 'curve', field?.name, out],
    enabled: Boolean(field && out),
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) => {
      if (!field || !out) return [];
      const xs = Array.from(
        { length: POINTS },
        (_, i) => field.usualLow + ((field.usualHigh - field.usualLow) * i) / (POINTS - 1),
      );
      const all = await Promise.all(
        xs.map((x) =>
          compute(sum.name, { ...given, [field.name]: x }, signal).then(
            (a) => ({ x, y: a[out] }),
            () => ({ x, y: undefined }),
          ),
        ),
      );
      return all.filter((p): p is { x: number; y: number } => typeof p.y === 'number');
    },
  });
  if (!field || !out) return null;
  const at = given[field.name] ?? field.standard;
  return (
    <section className={css.plot} aria-label="How the answer moves">
      <Select
        aria-label="Against"
        value={field.name}
        onChange={setChosen}
        options={movable.map((f) => ({ value: f.name, label: `${said(out).words} against ${f.words}` }))}
      />
      <Suspense fallback={<Skeleton active />}>
        <Curve
          points={curve.data ?? []}
          at={typeof at === 'number' ? at : undefined}
          x={`${field.words}${field.unit ? `, ${field.unit}` : ''}`}
          y={said(out).unit}
        />
      </Suspense>
    </section>
  );
}
