import css from '../../ui/layout.module.css';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { TakeOff } from './TakeOff';
import { msg } from './words';

type Thing = Schemas['StruckThingView'];
type Question = Schemas['StruckQuestionView'];

/** What is asked about a building, vehicle or fence before anything is lifted off it. */
export function Struck({
  job,
  t,
  stem,
  leader,
}: {
  job: string;
  t: Schemas['TangleView'];
  stem?: Schemas['TangledStem'];
  leader: boolean;
}) {
  return (
    <>
      {t.struck.map((s) => (
        <section key={s.featureId} aria-label={msg('struckTitle', { place: s.name })}>
          <h2>
            {msg('struckTitle', { place: s.name })} <span>{msg('struckOpen', { open: s.open })}</span>
          </h2>
          <ul className="list">
            {s.questions.map((q) => (
              <Asked key={q.question} job={job} thing={s} q={q} leader={leader} />
            ))}
          </ul>
          {stem?.bearsOn.includes(s.featureId) && (
            <TakeOff key={stem.stemId} job={job} stem={stem} place={s.name} leader={leader} />
          )}
        </section>
      ))}
    </>
  );
}

function Asked({ job, thing, q, leader }: { job: string; thing: Thing; q: Question; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [note, setNote] = useState(q.note);
  const answer = (inOrder: boolean) =>
    void act(
      api.POST('/api/jobs/{job}/tangle/struck/{feature}/answers', {
        params: { path: { job, feature: thing.featureId } },
        body: { question: q.question, inOrder, note },
      }),
    );
  const inside = q.question === 'WHAT_CAME_THROUGH';
  return (
    <li className={css.row}>
      <Mark kind={q.inOrder ? 'ready' : 'none'} />
      <span className={css.grow}>
        <b>{q.words}</b>{' '}
        <small>
          {q.answered ? msg('answeredBy', { who: q.who ?? '', at: q.at ? clock(q.at) : '' }) : msg('notAnswered')}
        </small>
        {inside && leader ? (
          <Input.TextArea
            aria-label={q.words}
            autoSize
            maxLength={500}
            placeholder={msg('roomByRoom')}
            value={note}
            onChange={(e) => setNote(e.target.value)}
          />
        ) : (
          q.note && <div>{q.note}</div>
        )}
      </span>
      {leader && (
        <Button
          aria-label={msg(q.inOrder ? 'notSoOf' : 'soOf', { what: q.words, place: thing.name })}
          disabled={inside && !q.inOrder && note.trim() === ''}
          onClick={() => answer(!q.inOrder)}
        >
          {q.inOrder ? msg('notSo') : msg('so')}
        </Button>
      )}
    </li>
  );
}
