import { useEffect, useState } from 'react';
import type { Schemas } from '../api/client';
import { useRun } from '../api/job';
import { useOutbox } from '../api/outbox';
import { unlockAlarm } from './alarm';
import { pressedWhen, useAlarm, useSeen } from './holds';
import LiftHold from './LiftHold';
import WhatIsIt from './WhatIsIt';
import { msg } from './words';

type Hold = Schemas['HoldView'];

type Props = { job: string; hold?: Hold; me: string; leader: boolean; say: (w: string) => void };

/** Everybody sees who called the hold and when; leader or deputy lifts it, with one tap on the reason. */
export function HoldBanner({ job, hold, me, leader, say }: Props) {
  const out = useOutbox(job);
  const run = useRun(job).data;
  const steers = run?.iSteer ?? leader;
  const [lifting, setLifting] = useState(false);
  useSeen(job, me, hold);
  const unreached = useAlarm(hold, run?.step?.people ?? []);
  useEffect(unlockAlarm, []);
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
  return (
    <div className="banner" role="alert">
      <span>
        {msg('hold', {
          who: hold.personId ? hold.who : msg('theWatch'),
          hold: pressedWhen(hold),
          reason: hold.reason ? `: ${hold.reason}` : '',
        })}
        {more.length > 0 && msg('pressedTooBy', { more: more.join(', ') })}
      </span>
      <span className="more">
        {stopped.length > 0
          ? msg('stopped', { stopped: stopped.map((r) => r.who).join(', ') })
          : msg('notConfirmedStoppedWhistle')}
      </span>
      {unreached.length > 0 && <b>{msg('notReached', { names: unreached.join(', ') })}</b>}
      {!lifting && <WhatIsIt job={job} hold={hold} ask={msg('whatIsIt')} />}
      {steers && <LiftHold job={job} hold={hold} lifting={lifting} setLifting={setLifting} say={say} />}
    </div>
  );
}
