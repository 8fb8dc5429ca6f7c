import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { api, data, type Schemas } from '../api/client';
import { post } from '../api/outbox';
import { newId } from './newId';
import WhatNext from './WhatNext';

type Props = { job: string; hold: Schemas['HoldView']; ask: string };

/** What a hold was called for, with one tap, and the first thing that is done then; kept until it has arrived. */
export default function WhatIsIt({ job, hold, ask }: Props) {
  const all =
    useQuery({
      queryKey: ['surprises', hold.id],
      staleTime: Infinity,
      queryFn: () => data(api.GET('/api/jobs/{job}/run/surprises', { params: { path: { job } } })),
    }).data ?? [];
  if (hold.what && hold.first)
    return (
      <>
        <p className="first">
          <b>{hold.because?.words ?? hold.what.words}</b>: {hold.first.words}
        </p>
        <WhatNext job={job} hold={hold} />
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
