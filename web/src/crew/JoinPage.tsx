import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, data, Problem, type Schemas } from '../api/client';
import { NO_ANSWER } from '../api/job';
import { clock } from '../units/format';

/** Joining a job: code, own name, own PIN. */
export default function JoinPage() {
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
    <main className="door" style={{ margin: '0 auto' }}>
      <h1>Join a job</h1>
      {!people && (
        <form
          className="door"
          style={{ margin: 0, padding: 0, border: 0 }}
          onSubmit={(e) => {
            e.preventDefault();
            void look(code);
          }}
        >
          <label>
            Code on the leader’s board
            <input
              value={code}
              onChange={(e) => setCode(e.target.value.toUpperCase())}
              autoCapitalize="characters"
              autoComplete="off"
              maxLength={8}
              required
            />
          </label>
          <button className="big">Find the job</button>
        </form>
      )}
      {people && !me && (
        <>
          <p>Who are you?</p>
          {people.map((p) => (
            <button key={p.personId} className="big quiet" onClick={() => setMe(p)}>
              {p.name}
            </button>
          ))}
        </>
      )}
      {me && (
        <form className="door" style={{ margin: 0, padding: 0, border: 0 }} onSubmit={(e) => void join(e)}>
          <p>
            <b>{me.name}</b>:{' '}
            {me.joined ? 'your PIN' : 'set a PIN of your own, 4 to 8 digits. It is yours on every job.'}
          </p>
          {me.resetBy && !me.joined && (
            <p className="refused">
              Your PIN was reset by {me.resetBy}
              {me.resetAt && `, ${clock(me.resetAt)}`}.
            </p>
          )}
          {!me.joined && (
            <label>
              The word your leader reads out to you
              <input
                value={word}
                onChange={(e) => setWord(e.target.value)}
                autoComplete="off"
                autoCapitalize="none"
                aria-label="Word"
                required
              />
            </label>
          )}
          <label>
            PIN
            <input
              value={pin}
              onChange={(e) => setPin(e.target.value)}
              type="password"
              inputMode="numeric"
              pattern="\d{4,8}"
              required
            />
          </label>
          <button className="big">Join</button>
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
