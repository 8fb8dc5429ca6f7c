import css from '../ui/layout.module.css';
import { Button, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, data, Problem, type Schemas } from '../api/client';
import { NO_ANSWER } from '../api/job';
import { clock } from '../units/format';
import { useWords } from '../words/words';
import { Manner } from './Manner';

/** Joining a job: code, own name, own PIN. */
export default function JoinPage() {
  const t = useWords();
  const { code: given = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [code, setCode] = useState(given);
  const [people, setPeople] = useState<Schemas['JoinChoice'][]>();
  const [me, setMe] = useState<Schemas['JoinChoice']>();
  const [pin, setPin] = useState('');
  const [word, setWord] = useState('');
  const [refused, setRefused] = useState('');
  async function look(c: string) {
    setRefused('');
    try {
      await api.GET('/api/session', {});
      setPeople(await data(api.GET('/api/join/{code}', { params: { path: { code: c } } })));
    } catch (e) {
      setRefused(e instanceof Problem ? e.message : NO_ANSWER);
    }
  }
  useEffect(() => {
    if (given) void look(given);
  }, [given]);
  async function join(e: FormEvent) {
    e.preventDefault();
    if (!me) return;
    try {
      const joined = await data(api.POST('/api/join', { body: { code, personId: me.personId, pin, word } }));
      queries.clear();
      void navigate(`/crew/${joined.jobId}`);
    } catch (p) {
      setRefused(p instanceof Problem ? p.message : NO_ANSWER);
    }
  }
  return (
    <main className={`door ${css.centred}`}>
      <p className={css.alignRight}>
        <Manner />
      </p>
      <h1>{t('join')}</h1>
      {!people && (
        <form
          className={`door ${css.plainForm}`}
          onSubmit={(e) => {
            e.preventDefault();
            void look(code);
          }}
        >
          <label>
            {t('join.code')}
            <Input
              value={code}
              onChange={(e) => setCode(e.target.value.toUpperCase())}
              autoCapitalize="characters"
              autoComplete="off"
              maxLength={8}
              required
            />
          </label>
          <Button type="primary" size="large" block htmlType="submit">
            {t('join.find')}
          </Button>
        </form>
      )}
      {people && !me && (
        <>
          <p>{t('join.who')}</p>
          {people.map((p) => (
            <Button size="large" block key={p.personId} onClick={() => setMe(p)}>
              {p.name}
            </Button>
          ))}
        </>
      )}
      {me && (
        <form className={`door ${css.plainForm}`} onSubmit={(e) => void join(e)}>
          <p>
            <b>{me.name}</b>: {t(me.joined ? 'join.pin' : 'join.newPin')}
          </p>
          {me.resetBy && !me.joined && (
            <p className="refused">{t('join.reset', { by: me.resetBy, at: me.resetAt && clock(me.resetAt) })}</p>
          )}
          {!me.joined && (
            <label>
              {t('join.word')}
              <Input
                value={word}
                onChange={(e) => setWord(e.target.value)}
                autoComplete="off"
                autoCapitalize="none"
                required
              />
            </label>
          )}
          <label>
            {t('pin')}
            <Input
              value={pin}
              onChange={(e) => setPin(e.target.value)}
              type="password"
              inputMode="numeric"
              pattern="\d{4,8}"
              required
            />
          </label>
          <Button type="primary" size="large" block htmlType="submit">
            {t('join.do')}
          </Button>
        </form>
      )}
      {refused && (
        <p className="refused" role="alert">
          {refused}
        </p>
      )}
    </main>
  );
}
