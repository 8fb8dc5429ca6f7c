import { useEffect, useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct, useSession } from '../api/job';
import { post, useOutbox } from '../api/outbox';
import { Mark } from '../figures/Mark';
import { PlanSketch } from '../plan/PlanSketch';
import { azimuth, clock } from '../units/format';
import { AtButton } from './NowPage';

type Card = Schemas['Card'];
type Props = { job: string; card?: Card; changed: boolean; say: (words: string) => void };

/** What the leader knows, read back and signed. */
export function BriefPage({ job, card, changed, say }: Props) {
  if (!card)
    return (
      <div className="c">
        <p>No briefing yet.</p>
        <h3>The leader issues it; it appears here by itself.</h3>
      </div>
    );
  const e = card.plan.emergency;
  return (
    <>
      {changed && <p className="refused">The plan is being changed. Wait for the next briefing.</p>}
      {card.changes.length > 0 && (
        <div className="c" aria-label="What changed">
          <h3>Changed in briefing {card.number}</h3>
          <ul>
            {card.changes.map((c) => (
              <li key={c.words}>
                <Mark kind="SECOND_OPINION" size={18} /> <b>{c.words}</b>
              </li>
            ))}
          </ul>
        </div>
      )}
      {card.posts.length === 0 && (
        <>
          <PlanSketch plan={card.plan} height={230} changes={card.changes} />
          <div className="c">
            <p>You have no part in a step.</p>
            <h3>Stay outside every ring; you may call HOLD.</h3>
          </div>
        </>
      )}
      {card.posts.map((p) => (
        <MyPost key={p.turn + p.role} card={card} p={p} />
      ))}
      <div className="c">
        <h3>Signals</h3>
        <p>{card.signals.join(' · ')}</p>
      </div>
      <div className="c">
        <h3>I call HOLD when</h3>
        <ul>
          {card.stopConditions.map((s) => (
            <li key={s}>
              <Mark kind="STOP" size={20} /> {s}
            </li>
          ))}
        </ul>
      </div>
      {e.nearestHelp && (
        <div className="c" aria-label="Emergency">
          <h3>When somebody lies there</h3>
          <p>
            {e.nearestHelp} · say: {e.gridReference}
          </p>
          <p className="s">
            {e.route} · cover: {e.phoneCover} · first-aider {e.firstAider} · kit {e.kit} · {e.rescuePlan}
            {e.utilityLine && ` · ${e.utilityLine}`}
          </p>
        </div>
      )}
      {card.signedAt ? (
        <div className="c">
          <p className="line">
            <Mark kind="ready" /> I read back and signed, {clock(card.signedAt)}
          </p>
        </div>
      ) : (
        <Sign job={job} card={card} say={say} />
      )}
      <p className="s" style={{ padding: '8px 16px' }}>
        Local code, the maker’s limits and the qualified person on site outrank this.
      </p>
    </>
  );
}

function MyPost({ card, p }: { card: Card; p: Card['posts'][number] }) {
  const me = p.stand && {
    stand: p.stand,
    ways: p.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })),
    label: 'me',
  };
  const stand = p.stand
    ? p.role === 'CUTTER'
      ? `at ${p.stem}`
      : `${p.fromStemM ?? '?'} m from ${p.stem}, as drawn`
    : 'not set: ask the leader';
  const ways = p.waysOut.map((w) => `${w.name}: to ${azimuth(w.azimuthDeg)}°, ${Math.ceil(w.lengthM)} m`).join(' · ');
  return (
    <section aria-label={`Step ${p.turn}`}>
      <div className="c dark">
        <p>
          Step {p.turn}: {p.title}
        </p>
      </div>
      <PlanSketch plan={card.plan} height={230} focus={p.stem} changes={card.changes} me={me} />
      <div className="c">
        <h3>I stand</h3>
        <p>
          {stand}
          {p.exclusionM !== undefined && p.role !== 'CUTTER' && ` · ring ${p.exclusionM} m`}
        </p>
      </div>
      <div className="c">
        <h3>My way out</h3>
        <p style={{ color: 'var(--esc)' }}>{ways || 'none found: ask the leader before you stand there'}</p>
      </div>
      <div className="c">
        <h3>My task: {p.roleWords}</h3>
        <p>{p.task}</p>
      </div>
    </section>
  );
}

/** The questions, then the PIN; a wrong answer is marked at its question and nothing is signed. */
function Sign({ job, card, say }: { job: string; card: Card; say: (words: string) => void }) {
  const [answers, setAnswers] = useState<(number | undefined)[]>([]);
  const [pin, setPin] = useState('');
  const out = useOutbox(job);
  const session = useSession().data;
  const key = `sign:${card.number}`;
  const waits = out.unsent.some((u) => u.key === key);
  const refused = out.refused[key];
  useEffect(() => setAnswers([]), [card.number]);
  const wrong = (i: number) => refused?.faults.find((f) => f.field === `answers[${i}]`);
  const sign = () =>
    post(job, {
      kind: 'sign',
      key,
      words: `briefing ${card.number}`,
      path: `/api/jobs/${job}/briefings/${card.number}/signatures`,
      body: { answers: card.questions.map((_, i) => answers[i] ?? -1), pin },
    });
  return (
    <section aria-label="Read back">
      {card.questions.map((q, i) => (
        <div className="c" key={q.words} role="group" aria-label={q.words}>
          <h3>
            Read back {i + 1} of {card.questions.length}
          </h3>
          <p>{q.words}</p>
          <div className="chips">
            {q.choices.map((c, k) => (
              <button
                key={c}
                aria-pressed={answers[i] === k}
                onClick={() => setAnswers((a) => Object.assign([...a], { [i]: k }))}
              >
                {c}
              </button>
            ))}
          </div>
          {wrong(i) && (
            <p className="refused" role="alert">
              {wrong(i)?.message}
            </p>
          )}
        </div>
      ))}
      {session && !session.pinSet ? (
        <OwnPin job={job} say={say} />
      ) : (
        <>
          <div className="c">
            <label>
              PIN
              <input
                value={pin}
                onChange={(e) => setPin(e.target.value)}
                type="password"
                inputMode="numeric"
                aria-label="PIN"
              />
            </label>
          </div>
          <div className="c">
            <button
              className="big"
              disabled={waits || card.questions.some((_, i) => answers[i] === undefined) || pin.length < 4}
              onClick={sign}
            >
              {waits ? 'Kept, being sent…' : 'I read it back: sign'}
            </button>
            {refused && !refused.faults.some((f) => f.field.startsWith('answers')) && <AtButton refused={refused} />}
          </div>
        </>
      )}
    </section>
  );
}

/** A leader who cuts signs too: the PIN is set once, with the passphrase. */
function OwnPin({ job, say }: { job: string; say: (words: string) => void }) {
  const act = useAct(job, say);
  const session = useSession();
  const [passphrase, setPassphrase] = useState('');
  const [pin, setPin] = useState('');
  const set = async () => {
    if (await act(api.PUT('/api/session/pin', { body: { passphrase, pin } }))) await session.refetch();
  };
  return (
    <div className="c" aria-label="Set your PIN">
      <p>You have no PIN yet. Set one to sign with, 4 to 8 digits.</p>
      <label>
        Passphrase
        <input
          type="password"
          autoComplete="current-password"
          value={passphrase}
          onChange={(e) => setPassphrase(e.target.value)}
        />
      </label>
      <label>
        New PIN
        <input type="password" inputMode="numeric" value={pin} onChange={(e) => setPin(e.target.value)} />
      </label>
      <button className="big" disabled={pin.length < 4 || !passphrase} onClick={() => void set()}>
        Set the PIN
      </button>
    </div>
  );
}
