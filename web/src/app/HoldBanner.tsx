import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { useOutbox } from '../api/outbox';
import { pressedWhen, useSeen } from './holds';
import { newId } from './newId';

type Hold = Schemas['HoldView'];

type Props = { job: string; hold?: Hold; me: string; leader: boolean; say: (w: string) => void };

/** Everybody sees who called the hold and when; only the leader lifts it, with one tap on the reason. */
export function HoldBanner({ job, hold, me, leader, say }: Props) {
  const act = useAct(job, say);
  const out = useOutbox(job);
  const [lifting, setLifting] = useState(false);
  const reasons =
    useQuery({
      queryKey: ['lift-reasons'],
      staleTime: Infinity,
      enabled: leader,
      queryFn: () => data(api.GET('/api/jobs/{job}/run/lift-reasons', { params: { path: { job } } })),
    }).data ?? [];
  useSeen(job, me, hold);
  useEffect(() => setLifting(false), [hold?.through]);
  const unsent = out.unsent.some((u) => u.kind === 'hold');
  if (!hold) {
    return unsent ? (
      <div className="banner" role="alert">
        <span>HOLD, kept here, not sent yet: whistle and arm signal now</span>
        <span className="more">{out.says || 'No answer from the server so far. It is sent again by itself.'}</span>
      </div>
    ) : null;
  }
  const stopped = hold.receipts.filter((r) => r.state === 'STOPPED');
  const more = hold.presses.slice(1).map((p) => p.who);
  const lift = (reason: Schemas['LiftChoice']['reason']) =>
    act(
      api.POST('/api/jobs/{job}/run/holds/{hold}/lift', {
        params: { path: { job, hold: hold.id } },
        body: { reason, through: hold.through, id: newId() },
      }),
    );
  return (
    <div className="banner" role="alert">
      <span>
        HOLD, {hold.who}, {pressedWhen(hold)}
        {hold.reason ? `: ${hold.reason}` : ''}
        {more.length > 0 && `; pressed too by ${more.join(', ')}`}
      </span>
      <span className="more">
        {stopped.length > 0
          ? `stopped: ${stopped.map((r) => r.who).join(', ')}`
          : 'not confirmed stopped: whistle and arm signal'}
      </span>
      {leader && !lifting && (
        <Button size="large" className="lift" onClick={() => setLifting(true)}>
          Lift the hold
        </Button>
      )}
      {leader && lifting && (
        <div className="reasons" role="group" aria-label="Why is it lifted?">
          {reasons.map((r) => (
            <Button key={r.reason} onClick={() => void lift(r.reason)}>
              {r.words}
            </Button>
          ))}
          <Button type="text" className="leave" onClick={() => setLifting(false)}>
            Leave it standing
          </Button>
        </div>
      )}
    </div>
  );
}
