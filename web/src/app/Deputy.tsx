import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { msg } from '../words/base';
import css from './ticked.module.css';

type Props = {
  job: string;
  deputy?: Schemas['DeputyState'];
  /** Whom the leader can ask. */
  crew: Schemas['PersonView'][];
  leader: boolean;
  say: (words: string) => void;
};

/** Who gives the go and lifts besides the leader: asked by the leader, taken on with a PIN, taken back at any time. */
export default function Deputy({ job, deputy, crew, leader, say }: Props) {
  const act = useAct(job, say);
  const [asked, ask] = useState<string>();
  const [pin, setPin] = useState('');
  const path = { params: { path: { job } } };
  const end = (words: string) => (
    <Button onClick={() => void act(api.DELETE('/api/jobs/{job}/deputy', path))}>{words}</Button>
  );
  if (!deputy && !leader) return null;
  return (
    <section aria-label={msg('deputy')}>
      <h2>{msg('deputy')}</h2>
      {deputy?.mine && !deputy.accepted && (
        <>
          <p>{msg('youAreAsked')}</p>
          <div className={css.line}>
            <Input
              aria-label={msg('pin')}
              placeholder={msg('pin')}
              type="password"
              inputMode="numeric"
              className={css.what}
              value={pin}
              onChange={(e) => setPin(e.target.value)}
            />
            <Button
              type="primary"
              size="large"
              disabled={!pin}
              onClick={() => void act(api.POST('/api/jobs/{job}/deputy/accepted', { ...path, body: { pin } }))}
            >
              {msg('takeItOn')}
            </Button>
            {end(msg('notMe'))}
          </div>
        </>
      )}
      {deputy?.mine && deputy.accepted && (
        <div className={css.line}>
          <span className={css.what}>{msg('youAreDeputy')}</span>
          {end(msg('giveItBack'))}
        </div>
      )}
      {deputy && !deputy.mine && (
        <div className={css.line}>
          <span className={css.what}>{msg(deputy.accepted ? 'isDeputy' : 'isAskedDeputy', { name: deputy.name })}</span>
          {leader && end(msg('takeBackDeputy'))}
        </div>
      )}
      {!deputy && leader && (
        <>
          <p className="s">{msg('noDeputy')}</p>
          <div className={css.line}>
            <Select
              aria-label={msg('whoIsAsked')}
              placeholder={msg('whoIsAsked')}
              className={css.what}
              value={asked}
              onChange={ask}
              options={crew.map((p) => ({ value: p.id, label: p.name }))}
            />
            <Button
              disabled={!asked}
              onClick={() =>
                asked && void act(api.POST('/api/jobs/{job}/deputy', { ...path, body: { personId: asked } }))
              }
            >
              {msg('askToBeDeputy')}
            </Button>
          </div>
        </>
      )}
    </section>
  );
}
