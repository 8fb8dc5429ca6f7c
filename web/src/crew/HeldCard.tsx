import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { later } from '../app/later';
import type { Schemas } from '../api/client';
import { pressedWhen } from '../app/holds';
import { Mark } from '../figures/Mark';
import { clock } from '../units/format';
import { useWords } from '../words/words';

type Props = {
  job: string;
  hold?: Schemas['HoldView'];
  me: string;
  unsent: boolean;
  says: string;
  mayConfirm: boolean;
  confirming: boolean;
  confirm: () => void;
  /** With a part in the step, who after ten seconds has not seen it. */
  unreached: string[];
  /** Leader or deputy. */
  steers: boolean;
  say: (words: string) => void;
};

const WhatIsIt = lazy(() => later(() => import('../app/WhatIsIt')));
const LiftHold = lazy(() => later(() => import('../app/LiftHold')));

/** Sent, seen, stopped: a running saw does not hear a phone, so whistle and arm come first. */
export function HeldCard({
  job,
  hold,
  me,
  unsent,
  says,
  mayConfirm,
  confirming,
  confirm,
  unreached,
  steers,
  say,
}: Props) {
  const [lifting, setLifting] = useState(false);
  const t = useWords();
  const seen = hold?.receipts.filter((r) => r.state === 'SEEN').map((r) => r.says.words) ?? [];
  const stopped = hold?.receipts.filter((r) => r.state === 'STOPPED').map((r) => r.who) ?? [];
  /** Who holds the saw and who runs the winch each say it of what they run. */
  const said = hold?.receipts.some((r) => r.state === 'STOPPED' && r.personId === me) ?? false;
  const mine = unsent || Boolean(hold?.presses.some((p) => p.personId === me));
  return (
    <section className="stopnow" role="alert" aria-label={t('held.label')}>
      <strong>
        {mine || !hold
          ? t('held.signal')
          : t('held.by', { who: hold.personId ? hold.who : t('held.watch'), when: pressedWhen(hold) })}
      </strong>
      {mine && hold && (
        <p>{t('held.called', { who: hold.personId === me ? undefined : hold.who, at: clock(hold.at) })}</p>
      )}
      {unsent && (
        <p>
          {t('held.kept')} {says || t('held.again')}
        </p>
      )}
      {hold && (
        <Suspense>
          <WhatIsIt job={job} hold={hold} ask={t('held.what')} />
        </Suspense>
      )}
      <ul aria-label={t('label.sent')}>
        <li>
          <Mark kind={hold && !unsent ? 'ready' : 'none'} /> {t(hold && !unsent ? 'held.sent' : 'held.notSent')}
        </li>
        <li>
          <Mark kind={seen.length > 0 ? 'ready' : 'none'} /> {t('held.seen', { names: seen.join(', ') })}
        </li>
        <li>
          <Mark kind={stopped.length > 0 ? 'ready' : 'none'} /> {t('held.stopped', { names: stopped.join(', ') })}
        </li>
      </ul>
      {unreached.length > 0 && <p className="first">{t('held.unreached', { names: unreached.join(', ') })}</p>}
      {mayConfirm && !said && (
        <Button size="large" block disabled={confirming} onClick={confirm}>
          {t(confirming ? 'sending' : 'held.confirm')}
        </Button>
      )}
      {hold && steers ? (
        <Suspense>
          <LiftHold job={job} hold={hold} lifting={lifting} setLifting={setLifting} say={say} />
        </Suspense>
      ) : (
        <p>{t('held.lift')}</p>
      )}
    </section>
  );
}
