import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, data, type Schemas } from '../api/client';
import { post } from '../api/outbox';
import { lazy, Suspense } from 'react';
import { later } from './later';
import { newId } from './newId';

const WhatNext = lazy(() => later(() => import('./WhatNext')));

type Props = { job: string; hold: Schemas['HoldView']; ask: string };

/** What a hold was called for, with one tap, and the first thing that is done then; kept until it has arrived. */
export function WhatIsIt({ job, hold, ask }: Props) {
  const all =
    useQuery({
      queryKey: ['surprises'],
      staleTime: Infinity,
      queryFn: () => data(api.GET('/api/jobs/{job}/run/surprises', { params: { path: { job } } })),
    }).data ?? [];
  if (hold.what && hold.first)
    return (
      <>
        <p className="first">
          <b>{hold.because?.words ?? hold.what.words}</b>: {hold.first.words}
        </p>
        <Suspense>
          <WhatNext job={job} hold={hold} />
        </Suspense>
      </>
    );
  return (
    <div className="reasons" role="group" aria-label={ask}>
      <span>{ask}</span>
      {all.map((s) => (
        <Button
          key={s.what}
          onClick={() =>
            post(job, {
              kind: 'surprise',
              key: `surprise:${hold.id}`,
              words: s.words,
              path: `/api/jobs/${job}/run/holds/${hold.id}/surprise`,
              body: { what: s.what, id: newId() },
            })
          }
        >
          {s.words}
        </Button>
      ))}
    </div>
  );
}
