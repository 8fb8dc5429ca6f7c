import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { Mark } from '../../figures/Mark';
import { useSend } from '../../ui/useSend';
import { clock } from '../../units/format';
import { msg } from './words';

type Standing = Schemas['ReviewView']['standing'];

/** What is missing, before anything else. */
export function Missing({ standing }: { standing: Standing }) {
  if (standing.missing.length === 0) return null;
  return (
    <section aria-label={msg('missing')}>
      <h2>{msg('missing')}</h2>
      {standing.missing.map((m) => (
        <p key={m.words} className={css.rowBelow}>
          <Mark kind="CAUTION" /> {m.words}
        </p>
      ))}
    </section>
  );
}

/** Signed by one who neither led nor cut; what was told since opens it again. */
export function SignOff({ job, standing }: { job: string; standing: Standing }) {
  const { send, sending, refused } = useSend();
  const sign = () => void send(api.POST('/api/jobs/{job}/review/signature', { params: { path: { job } } }));
  return (
    <section aria-label={msg('signature')}>
      <h2>
        {msg('signature')} <span>{msg('whoSigns')}</span>
      </h2>
      {standing.signed.length === 0 && <p className="empty">{msg('notSigned')}</p>}
      {standing.signed.map((s) => (
        <p key={s.at} className={css.rowBelow}>
          <Mark kind={s.holds ? 'ready' : 'none'} />{' '}
          {msg('signedBy', {
            by: s.by,
            at: `${s.at.slice(0, 10)} ${clock(s.at)}`,
            missing: s.missing.length,
            holds: s.holds ? 'yes' : 'no',
          })}
        </p>
      ))}
      <Button size="large" block href={`/api/jobs/${job}/review/review.pdf`} download>
        {msg('onPaper')}
      </Button>
      {refused}
      {standing.maySign && (
        <Button type="primary" size="large" block loading={sending} onClick={sign}>
          {msg('signIt', { missing: standing.missing.length })}
        </Button>
      )}
    </section>
  );
}
