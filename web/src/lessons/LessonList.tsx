import { Button, Input } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../api/client';
import { Mark, type MarkKind } from '../figures/Mark';
import { useSend } from '../ui/useSend';
import '../words/lessons';
import { useWords } from '../words/words';
import css from './lessons.module.css';

type Lesson = Schemas['LessonView'];
type Decision = 'APPROVED' | 'DECLINED' | 'RETIRED';
const MARKS: Record<Lesson['state'], MarkKind> = {
  PROPOSED: 'part',
  STANDS: 'ready',
  DECLINED: 'none',
  RETIRED: 'none',
};

/** Lessons with where they stand; whoever may decides here. */
export function LessonList({ house = false, lessons }: { house?: boolean; lessons: Lesson[] }) {
  const t = useWords();
  const title = t(house ? 'lessons.all' : 'lessons.ofJob');
  return (
    <section aria-label={title}>
      <h2>
        {title} <span>{t('lessons.stand')}</span>
      </h2>
      {lessons.length === 0 && <p className="empty">{t('lessons.none')}</p>}
      <ul className={css.lessons}>
        {lessons.map((l) => (
          <One key={l.id} l={l} />
        ))}
      </ul>
    </section>
  );
}

function One({ l }: { l: Lesson }) {
  const t = useWords();
  const { send, sending, refused } = useSend();
  const [why, setWhy] = useState('');
  const [declining, setDeclining] = useState<Decision>();
  const decide = async (decision: Decision) => {
    const params = { path: { lesson: l.id } };
    if (await send(api.POST('/api/lessons/{lesson}/decisions', { params, body: { decision, reason: why } })))
      setDeclining(undefined);
  };
  const last = l.decided.at(-1);
  return (
    <li>
      <Mark kind={MARKS[l.state]} />
      <div>
        <b>{l.says.words}</b>
        <small>
          {[
            l.stateWords,
            l.becomesWords,
            t('lessons.from', { job: l.fromJob, stem: l.stem ?? 'none', who: l.proposedBy }),
            l.cause && t('lessons.cause', { cause: l.cause, sure: l.sure ? 'yes' : 'no' }),
            l.where.length > 0 ? t('lessons.where', { where: l.where.join(', ') }) : t('lessons.everywhere'),
            l.uses > 0 && t('lessons.helped', { helped: l.helped, uses: l.uses }),
            last && t('lessons.decided', { words: last.words, by: last.by, reason: last.reason || 'none' }),
          ]
            .filter(Boolean)
            .join(' · ')}
        </small>
        {l.asksToRetire && <small className={css.asks}>{t('lessons.retire')}</small>}
        {refused}
        {l.mayDecide && declining === undefined && (
          <div className={css.decide}>
            {l.state === 'PROPOSED' && (
              <>
                <Button type="primary" loading={sending} onClick={() => void decide('APPROVED')}>
                  {t('lessons.approve')}
                </Button>
                <Button onClick={() => setDeclining('DECLINED')}>{t('lessons.decline')}</Button>
              </>
            )}
            {l.state === 'STANDS' && <Button onClick={() => setDeclining('RETIRED')}>{t('lessons.retireIt')}</Button>}
          </div>
        )}
        {declining && (
          <div className={css.decide}>
            <Input
              aria-label={t('lessons.why')}
              placeholder={t('lessons.why')}
              maxLength={500}
              value={why}
              onChange={(e) => setWhy(e.target.value)}
            />
            <Button loading={sending} disabled={why.trim() === ''} onClick={() => void decide(declining)}>
              {t(declining === 'RETIRED' ? 'lessons.retireIt' : 'lessons.decline')}
            </Button>
          </div>
        )}
      </div>
    </li>
  );
}
