import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Collapse } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { Problem, type Schemas } from '../../api/client';
import { post } from '../../api/outbox';
import { later } from '../../app/later';
import { TopBar } from '../../app/TopBar';
import { Waiting } from '../../ui/Waiting';
import '../../words/drills';
import { useWords } from '../../words/words';
import { DrillPicture } from './DrillPicture';
import css from './drills.module.css';
import { answered } from './progress';
import { ANSWERS, addressOf, drillSets } from './sets';
import { exercise, useManner, useSaid } from './said';

const ReadAloud = lazy(() => later(() => import('../../crew/ReadAloud')));

type Exercise = Schemas['ExerciseView'];
type Answer = { marked: number[]; sure?: Schemas['SureView'] };

/** The address says which exercise it is: the same link is the same one for everybody. */
export default function RoundPage() {
  const t = useWords();
  const { kind: key } = useParams();
  const [search] = useSearchParams();
  const manner = useManner();
  const drills = useQuery(useSaid(manner)).data;
  const kind = drills?.kinds.find((k) => k.key === key);
  const level = Number(search.get('level') ?? 1);
  const seed = Number(search.get('seed') ?? 0);
  const nth = Number(search.get('n') ?? 1);
  const setId = search.get('set') ?? undefined;
  const set = useQuery({ ...drillSets, enabled: setId !== undefined }).data?.sets.find((s) => s.id === setId);
  const [total, setTotal] = useState(0);
  return (
    <>
      <TopBar />
      <main className={css.page}>
        <p className={css.head}>
          <Link to="/drills">{t('drill.title')}</Link>
          <span>{drills && t('drill.nth', { nth, of: drills.round, level })}</span>
          <span className="n">{seed}</span>
        </p>
        {drills && kind ? (
          <One
            key={`${level}/${seed}`}
            kind={kind}
            drills={drills}
            level={level}
            seed={seed}
            nth={nth}
            total={total}
            setId={setId}
            set={set}
            earned={(p) => setTotal((was) => was + p)}
          />
        ) : drills ? (
          <NoSuch />
        ) : (
          <Waiting />
        )}
      </main>
    </>
  );
}

/** A link that somebody mistyped: said, not waited for. */
function NoSuch() {
  return <p role="alert">{useWords()('drill.noSuch')}</p>;
}

type Props = {
  kind: Schemas['DrillKindView'];
  drills: Schemas['DrillsView'];
  level: number;
  seed: number;
  nth: number;
  total: number;
  /** Of a set that somebody gave: its answers are sent, its next one is named by it. */
  setId?: string;
  set?: Schemas['DrillSetView'];
  earned: (points: number) => void;
};

function One({ kind, drills, level, seed, nth, total, setId, set, earned }: Props) {
  const t = useWords();
  const manner = useManner();
  const queries = useQueryClient();
  const asked = useQuery(exercise(kind.kind, level, seed, manner));
  const e = asked.data;
  const [answer, setAnswer] = useState<Answer>({ marked: [] });
  const [done, setDone] = useState(false);
  const left = drills.round - nth;
  // the round is had ahead: it goes on without a network
  useEffect(() => {
    for (let i = 1; i <= left; i++) {
      const l = set?.links[nth - 1 + i];
      const of = l ? drills.kinds.find((k) => k.key === l.key) : kind;
      if (of) void queries.prefetchQuery(exercise(of.kind, l?.level ?? level, l?.seed ?? seed + i, manner));
    }
  }, [queries, kind.kind, level, seed, left, set?.id, manner.language, manner.units]); // eslint-disable-line react-hooks/exhaustive-deps
  if (asked.error instanceof Problem) return <NoSuch />;
  if (!e) return <Waiting />;
  const end = (a: Answer) => {
    const right = isRight(e, a);
    setAnswer(a);
    setDone(true);
    earned(pointsOf(e, a));
    answered(kind.key, kind.levels, level, seed, right, drills);
    if (setId) sendAnswer(t, setId, nth, a);
  };
  const mark = (i: number) => {
    if (e.way !== 'ONE') {
      const has = answer.marked.includes(i);
      const beside = answer.marked.filter((m) => m !== i && !e.choices[i].alone && !e.choices[m].alone);
      setAnswer({ marked: has ? answer.marked.filter((m) => m !== i) : [...beside, i] });
    } else if (e.choices[i].abstains) end({ marked: [i] });
    else setAnswer({ marked: [i] });
  };
  return (
    <>
      <h1>{e.asked}</h1>
      <DrillPicture picture={e.picture} over={done} said={e.said} />
      <Suspense fallback={null}>
        <ReadAloud key={String(done)} parts={done ? told(e) : [e.asked, e.said, ...e.choices.map((c) => c.words)]} />
      </Suspense>
      <Collapse ghost items={[{ key: 'said', label: t('drill.inWords'), children: e.said }]} />
      <div className={css.choices} role="group" aria-label={e.asked}>
        {e.choices.map((c, i) => (
          <Button
            key={c.words}
            size="large"
            disabled={done}
            aria-pressed={answer.marked.includes(i)}
            className={done && c.right ? css.truth : answer.marked.includes(i) ? css.mine : undefined}
            onClick={() => mark(i)}
          >
            {e.way === 'ORDER' && answer.marked.includes(i) && !c.alone && (
              <b className="n">{answer.marked.indexOf(i) + 1}&ensp;</b>
            )}
            {done && answer.marked.includes(i) ? t('drill.you', { answer: c.words }) : c.words}
          </Button>
        ))}
      </div>
      {!done && answer.marked.length > 0 && (
        <div className={css.choices} role="group" aria-label={t('drill.sure')}>
          {e.sure.map((s) => (
            <Button key={s.sure} size="large" onClick={() => end({ ...answer, sure: s })}>
              {s.words}
            </Button>
          ))}
        </div>
      )}
      {done && <Verdict e={e} answer={answer} drills={drills} kind={kind} nth={nth} total={total} set={set} />}
    </>
  );
}

/** Kept until there is a link. */
const sendAnswer = (t: ReturnType<typeof useWords>, set: string, nth: number, a: Answer) =>
  post(ANSWERS, {
    kind: 'drill',
    key: `${set}/${nth}`,
    words: t('drill.title'),
    method: 'PUT',
    path: `/api/drill-sets/${set}/answers/${nth}`,
    body: { marked: a.marked, sure: a.sure?.sure },
  });

/** In an order: marked before what comes first. */
const tooEarly = (e: Exercise, a: Answer, i: number): boolean =>
  e.way === 'ORDER' &&
  a.marked.includes(i) &&
  e.choices[i].after.some((first) => !a.marked.slice(0, a.marked.indexOf(i)).includes(first));

/** Right when what is marked is what is true, no more and no less, and in an order that breaks no rule. */
const isRight = (e: Exercise, a: Answer): boolean =>
  e.choices.every((c, i) => c.right === a.marked.includes(i) && !tooEarly(e, a, i));

const pointsOf = (e: Exercise, a: Answer): number => (a.sure ? (isRight(e, a) ? a.sure.right : a.sure.wrong) : 0);

/** Marked where it is wrong, of several left out where it is right, in an order marked too early. */
const deadlyOf = (e: Exercise, a: Answer): string | undefined =>
  e.choices.find(
    (c, i) =>
      c.deadly &&
      (e.way === 'ORDER' ? tooEarly(e, a, i) : a.marked.includes(i) ? !c.right : e.way === 'SEVERAL' && c.right),
  )?.deadly;

/** The truth as it is read aloud: what was right, then why. */
const told = (e: Exercise): string[] => [
  e.choices
    .filter((c) => c.right)
    .map((c) => c.words)
    .join(', '),
  ...e.truth.map((f) => `${f.words}: ${f.says}`),
];

type VerdictProps = Pick<Props, 'drills' | 'kind' | 'nth' | 'total' | 'set'> & { e: Exercise; answer: Answer };

function Verdict({ e, answer, drills, kind, nth, total, set }: VerdictProps) {
  const t = useWords();
  const navigate = useNavigate();
  const head = useRef<HTMLDivElement>(null);
  useEffect(() => head.current?.focus(), []);
  const right = isRight(e, answer);
  const deadly = deadlyOf(e, answer);
  const truth = e.choices
    .filter((c) => c.right)
    .map((c) => c.words)
    .join(', ');
  // a set is answered to its end: a deadly answer is said, and the next one asked
  const over = nth >= drills.round || (deadly !== undefined && !set);
  const next =
    set && !over ? addressOf(set, nth) : `/drills/${kind.key}?level=${e.level}&seed=${e.seed + 1}&n=${nth + 1}`;
  return (
    <>
      <div ref={head} tabIndex={-1} role="status" className={css.verdict}>
        <b>{right ? t('drill.right') : t('drill.wrong', { right: truth })}</b>
        <span className="n">{t('drill.points', { points: pointsOf(e, answer) })}</span>
      </div>
      {deadly && (
        <p className={css.deadly} role="alert">
          <b>{t(set ? 'drill.deadly' : 'drill.ended')}</b> {deadly}
        </p>
      )}
      <dl className={css.facts}>
        {e.truth.map((f) => (
          <div key={f.says}>
            <dt>{f.words}</dt>
            <dd>{f.says}</dd>
          </div>
        ))}
      </dl>
      {e.thrownAway > 0 && <p className="s">{t('drill.thrown', { count: e.thrownAway })}</p>}
      {over ? (
        <>
          <p>{t('drill.round', { points: Math.round(10 * total) / 10, of: nth })}</p>
          <Button type="primary" size="large" block onClick={() => void navigate('/drills')}>
            {t('drill.back')}
          </Button>
        </>
      ) : (
        <Button type="primary" size="large" block onClick={() => void navigate(next)}>
          {t('drill.next', { nth: nth + 1, of: drills.round })}
        </Button>
      )}
      <p className="s">{t('drill.caution', { days: drills.againDays.join(', ') })}</p>
    </>
  );
}
