import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { useOutbox } from '../api/outbox';
import { pressedWhen, useSeen } from './holds';
import { newId } from './newId';
import { WhatIsIt } from './WhatIsIt';
import { msg } from './words';

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
        <span>{msg('holdKeptHereNot')}</span>
        <span className="more">{out.says || msg('noAnswerFromThe')}</span>
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
        {msg('hold', { who: hold.who, hold: pressedWhen(hold), reason: hold.reason ? `: ${hold.reason}` : '' })}
        {more.length > 0 && msg('pressedTooBy', { more: more.join(', ') })}
      </span>
      <span className="more">
        {stopped.length > 0
          ? msg('stopped', { stopped: stopped.map((r) => r.who).join(', ') })
          : msg('notConfirmedStoppedWhistle')}
      </span>
      {!lifting && <WhatIsIt job={job} hold={hold} ask={msg('whatIsIt')} />}
      {leader && !lifting && (
        <Button size="large" className="lift" onClick={() => setLifting(true)}>
          {msg('liftTheHold')}
        </Button>
      )}
      {leader && lifting && (
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
      )}
    </div>
  );
}
