import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { api, type Schemas } from '../api/client';
import { useAct, useSession } from '../api/job';
import { post, useOutbox } from '../api/outbox';
import '../words/pages';
import { useWords } from '../words/words';
import { AtButton } from './AtButton';
import css from './readback.module.css';

/** Where a person's own part of the briefing begins. */
export const MY_CARD = 'my-card';

/** Of the button that signs this briefing. */
const keyOf = (number: number) => `sign:${number}`;

type Card = Schemas['Card'];
type Props = { job: string; card: Card; say: (words: string) => void };

/** One question a screen, then the PIN. A wrong answer leads back to its question, and nothing is signed. */
export function ReadBack({ job, card, say }: Props) {
  const t = useWords();
  const [answers, setAnswers] = useState<(number | undefined)[]>([]);
  const [pin, setPin] = useState('');
  const out = useOutbox(job);
  const session = useSession().data;
  const at = useRef<HTMLElement>(null);
  const touched = useRef(false);
  const key = keyOf(card.number);
  const refused = out.refused[key];
  const all = card.questions.length;
  const open = card.questions.findIndex((_, i) => answers[i] === undefined);
  useEffect(() => setAnswers([]), [card.number]);
  const first = useRef(card.number);
  useEffect(() => {
    // what has changed is read from its top
    if (card.number !== first.current) {
      touched.current = false;
      window.scrollTo(0, 0);
    }
    first.current = card.number;
  }, [card.number]);
  useEffect(() => {
    const wrong = card.questions.map((_, i) => refused?.faults.some((f) => f.field === `answers[${i}]`));
    setAnswers((a) => a.map((answer, i) => (wrong[i] ? undefined : answer)));
  }, [refused, card.questions]);
  useEffect(() => {
    // whoever answers goes on reading at the next question, by eye and by ear
    if (!touched.current) return;
    at.current?.scrollIntoView();
    at.current?.querySelector<HTMLElement>('h2')?.focus();
  }, [open, refused]);
  const answer = (i: number, choice?: number) => {
    touched.current = true;
    setAnswers((a) => card.questions.map((_, k) => (k === i ? choice : a[k])));
  };
  const before = (i: number) =>
    i > 0 && (
      <Button block type="text" onClick={() => answer(i - 1)}>
        {t('brief.before')}
      </Button>
    );
  const question = card.questions[open];
  const wrong = refused?.faults.find((f) => f.field === `answers[${open}]`);
  // a leader who signs for the first time has a passphrase only: first that, so that the questions lead to the PIN
  if (session && !session.pinSet) return <OwnPin job={job} say={say} />;
  return (
    <section aria-label={t('label.readBack')} ref={at} className={css.screen}>
      {question && (
        <div className="c" role="group" aria-label={question.words}>
          <h2 tabIndex={-1}>{t('brief.readBack', { number: open + 1, all })}</h2>
          <p className={css.question}>{question.words}</p>
          {wrong && (
            <p className="refused" role="alert">
              {wrong.message}
            </p>
          )}
          <div className={`chips ${css.choices}`}>
            {question.choices.map((c, k) => (
              <Button key={c} block onClick={() => answer(open, k)}>
                {c}
              </Button>
            ))}
          </div>
          {wrong && (
            <Button block onClick={() => document.getElementById(MY_CARD)?.scrollIntoView()}>
              {t('brief.again')}
            </Button>
          )}
          {before(open)}
        </div>
      )}
      {!question && (
        <div className="c">
          <h2 tabIndex={-1}>{t('brief.answered')}</h2>
          <label>
            {t('pin')}
            <Input
              value={pin}
              onChange={(e) => setPin(e.target.value)}
              type="password"
              inputMode="numeric"
              aria-label={t('pin')}
            />
          </label>
          <Button
            type="primary"
            size="large"
            block
            className={css.sign}
            disabled={out.unsent.some((u) => u.key === key) || pin.length < 4}
            onClick={() =>
              post(job, {
                kind: 'sign',
                key,
                words: t('briefingNumber', { number: card.number }),
                path: `/api/jobs/${job}/briefings/${card.number}/signatures`,
                body: { answers: answers.map((a) => a ?? -1), pin },
              })
            }
          >
            {t(out.unsent.some((u) => u.key === key) ? 'kept' : 'brief.sign')}
          </Button>
          {refused && !refused.faults.some((f) => f.field.startsWith('answers')) && <AtButton refused={refused} />}
          {before(all)}
        </div>
      )}
    </section>
  );
}

/** Signed where there was no link, and the plan had changed before it arrived. */
export function SignedLate({ job, card }: { job: string; card: Card }) {
  const { refused } = useOutbox(job);
  return (
    <AtButton
      refused={Array.from({ length: card.number - 1 }, (_, i) => refused[keyOf(i + 1)]).find((r) =>
        r?.faults.some((f) => f.code === 'OUTDATED'),
      )}
    />
  );
}

/** A leader who cuts signs too: the PIN is set once, with the passphrase. */
function OwnPin({ job, say }: { job: string; say: (words: string) => void }) {
  const t = useWords();
  const act = useAct(job, say);
  const session = useSession();
  const [passphrase, setPassphrase] = useState('');
  const [pin, setPin] = useState('');
  const set = async () => {
    if (await act(api.PUT('/api/session/pin', { body: { passphrase, pin } }))) await session.refetch();
  };
  return (
    <div className="c" aria-label={t('pin.do')}>
      <p>{t('pin.set')}</p>
      <label>
        {t('pin.passphrase')}
        <Input
          type="password"
          autoComplete="current-password"
          value={passphrase}
          onChange={(e) => setPassphrase(e.target.value)}
        />
      </label>
      <label>
        {t('pin.new')}
        <Input type="password" inputMode="numeric" value={pin} onChange={(e) => setPin(e.target.value)} />
      </label>
      <Button type="primary" size="large" block disabled={pin.length < 4 || !passphrase} onClick={() => void set()}>
        {t('pin.do')}
      </Button>
    </div>
  );
}
