import type { Schemas } from '../api/client';
import { pressedWhen } from '../app/holds';
import { Mark } from '../figures/Mark';
import { clock } from '../units/format';

type Props = {
  hold?: Schemas['HoldView'];
  me: string;
  unsent: boolean;
  says: string;
  mayConfirm: boolean;
  confirming: boolean;
  confirm: () => void;
};

/** Sent, seen, stopped: a running saw does not hear a phone, so whistle and arm come first. */
export function HeldCard({ hold, me, unsent, says, mayConfirm, confirming, confirm }: Props) {
  const who = (state: 'SEEN' | 'STOPPED') => hold?.receipts.filter((r) => r.state === state).map((r) => r.who) ?? [];
  const seen = who('SEEN');
  const stopped = who('STOPPED');
  const mine = unsent || Boolean(hold?.presses.some((p) => p.personId === me));
  return (
    <section className="stopnow" role="alert" aria-label="Hold">
      <strong>{mine || !hold ? 'Whistle and arm signal now' : `HOLD: ${hold.who}, ${pressedWhen(hold)}`}</strong>
      {mine && hold && (
        <p>
          HOLD called by {hold.personId === me ? 'you' : hold.who}, {clock(hold.at)}. A running saw does not hear a
          phone.
        </p>
      )}
      {unsent && (
        <p>
          Your HOLD is kept on this phone and not sent yet.{' '}
          {says || 'It is sent again by itself, until it has arrived.'}
        </p>
      )}
      <ul aria-label="Sent, seen, stopped">
        <li>
          <Mark kind={hold && !unsent ? 'ready' : 'none'} /> {hold && !unsent ? 'sent' : 'not sent yet'}
        </li>
        <li>
          <Mark kind={seen.length > 0 ? 'ready' : 'none'} /> seen{seen.length > 0 ? `: ${seen.join(', ')}` : ''}
        </li>
        <li>
          <Mark kind={stopped.length > 0 ? 'ready' : 'none'} /> stopped
          {stopped.length > 0 ? `: ${stopped.join(', ')}` : ''}
        </li>
      </ul>
      {mayConfirm && stopped.length === 0 && (
        <button className="big quiet" disabled={confirming} onClick={confirm}>
          {confirming ? 'Being sent…' : 'Confirm: stopped'}
        </button>
      )}
      <p>Only the leader lifts it.</p>
    </section>
  );
}
