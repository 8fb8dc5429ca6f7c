import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect } from 'react';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { msg } from '../words/base';
import { newId } from './newId';

type Props = {
  job: string;
  hold: Schemas['HoldView'];
  lifting: boolean;
  setLifting: (is: boolean) => void;
  say: (w: string) => void;
};

/** Leader or deputy lifts a hold, with one tap on the reason, through the newest press that is seen here. */
export default function LiftHold({ job, hold, lifting, setLifting, say }: Props) {
  const act = useAct(job, say);
  const reasons =
    useQuery({
      queryKey: ['lift-reasons'],
      staleTime: Infinity,
      queryFn: () => data(api.GET('/api/jobs/{job}/run/lift-reasons', { params: { path: { job } } })),
    }).data ?? [];
  useEffect(() => setLifting(false), [hold.through, setLifting]);
  const lift = (reason: Schemas['LiftChoice']['reason']) =>
    act(
      api.POST('/api/jobs/{job}/run/holds/{hold}/lift', {
        params: { path: { job, hold: hold.id } },
        body: { reason, through: hold.through, id: newId() },
      }),
    );
  if (!lifting)
    return (
      <Button size="large" className="lift" onClick={() => setLifting(true)}>
        {msg('liftTheHold')}
      </Button>
    );
  return (
    <div className="reasons" role="group" aria-label={msg('whyIsItLifted')}>
      {reasons.map((r) => (
        <Button key={r.reason} onClick={() => void lift(r.reason)}>
          {r.words}
        </Button>
      ))}
      <Button type="text" className="leave" onClick={() => setLifting(false)}>
        {msg('leaveItStanding')}
      </Button>
    </div>
  );
}
