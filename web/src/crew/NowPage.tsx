import css from '../ui/layout.module.css';
import { Button } from 'antd';
import { lazy, Suspense } from 'react';
import type { Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import { clock } from '../units/format';
import { post as keep, useOutbox } from '../api/outbox';
import { later } from '../app/later';
import { AtButton } from './AtButton';
import { length } from '../units/length';
import { useWords } from '../words/words';

const LeadersGo = lazy(() => later(() => import('./LeadersGo')));
const SeenReady = lazy(() => later(() => import('../app/SeenReady')));
const Duties = lazy(() => later(() => import('./Duties')));
const Falls = lazy(() => later(() => import('./Falls')));
const WatchCard = lazy(() => later(() => import('./WatchCard')));
const Deputy = lazy(() => later(() => import('../app/Deputy')));
const SayNo = lazy(() => later(() => import('./SayNo')));
const NoStands = lazy(() => later(() => import('./NoStands')));
const PlanSketch = lazy(() => later(() => import('../plan/PlanSketch')).then((m) => ({ default: m.PlanSketch })));

type Run = Schemas['RunView'];
type Props = {
  job: string;
  run: Run;
  card?: Schemas['Card'];
  info: Schemas['JobView'];
  lost: boolean;
  say: (words: string) => void;
};

type Say = ReturnType<typeof useWords>;

/** One word for the one who holds the phone, and why. */
function because(t: Say, run: Run, task: string | undefined, waitAt: string): string {
  const waiting = run.step?.people.filter((p) => !p.readyAt).map((p) => p.name.split(' ')[0]) ?? [];
  switch (run.word) {
    case 'STOP':
      return t('now.stop');
    case 'GO':
      return task ?? '';
    case 'STAND_FAST':
      return t('now.standFast', { because: run.because });
    case 'DONE':
      return t('now.done');
    case 'STAY_OUT':
      return t('now.stayOut', { ring: run.ringM === undefined ? undefined : length(run.ringM, 0), at: waitAt });
    case 'WAIT':
      if (waiting.length > 0) return t('now.notReady', { names: waiting.join(', ') });
      return run.against.length > 0 ? t('now.against', { count: run.against.length }) : t('now.green');
  }
}

export function NowPage({ job, run, card, info, lost, say }: Props) {
  const t = useWords();
  const step = run.step;
  const out = useOutbox(job);
  const waits = (key: string) => out.unsent.some((u) => u.key === key);
  const post = card?.posts.find((p) => p.turn === step?.turn);
  const ready = (is: boolean) =>
    keep(job, {
      kind: 'ready',
      key: 'ready',
      words: t(is ? 'ready' : 'ready.not'),
      path: `/api/jobs/${job}/run/ready`,
      body: { ready: is },
    });
  const sketchMe = post?.stand && {
    stand: post.stand,
    ways: post.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })),
    label: t('label.me'),
  };
  const asked = run.deputy?.mine && !run.deputy.accepted;
  const deputy = (info.myPart === 'LEADER' || run.deputy) && (
    <div className="c">
      <Suspense>
        <Deputy
          job={job}
          deputy={run.deputy}
          crew={info.people.filter((p) => p.part === 'CREW')}
          leader={info.myPart === 'LEADER'}
          say={say}
        />
      </Suspense>
    </div>
  );
  return (
    <>
      {asked && deputy}
      <section
        className={`now ${lost && run.word === 'GO' ? 'old' : run.word === 'STAND_FAST' || run.word === 'STOP' ? 'halt' : ''}`}
      >
        <h2>{t('now', { turn: step?.turn, all: run.stepsInAll, title: step?.title })}</h2>
        <strong>{t(`word.${run.word}`)}</strong>
        <p>{because(t, run, post?.task, run.waitAt || info.meetingPoint)}</p>
        {lost && run.word === 'GO' && <p>{t('now.old')}</p>}
      </section>
      {post?.aloft && post.stem && (
        <Suspense>
          <NoStands job={job} stem={post.stem} />
        </Suspense>
      )}
      {post && card && (
        <>
          <Suspense fallback={<div className={css.sketchComes} />}>
            <PlanSketch plan={card.plan} height={230} focus={post.stem} me={sketchMe} />
          </Suspense>
          {(run.word !== 'GO' || post.kit.length > 0 || post.piece.length > 0) && (
            <div className="c">
              <h2>{t(run.word === 'GO' ? 'now.role' : 'now.then', { role: post.roleWords })}</h2>
              {post.piece.map((p) => (
                <p key={p} className={css.told}>
                  {p}
                </p>
              ))}
              {(step?.weighedSince ?? []).map((w) => (
                <p key={w} className={css.since}>
                  {w}
                </p>
              ))}
              {run.word !== 'GO' && <p>{post.task}</p>}
              {post.kit.length > 0 && <p>{t('brief.needs', { kit: post.kit.join(' · ') })}</p>}
            </div>
          )}
        </>
      )}
      <Gust run={run} />
      {run.watch.length > 0 && (
        <Suspense>
          <WatchCard job={job} run={run} me={info.me} />
        </Suspense>
      )}
      {(run.protections.some((p) => p.mine) || run.tickedSteps.some((x) => x.iMayTick)) && (
        <Suspense>
          <Duties job={job} run={run} />
        </Suspense>
      )}
      {step?.iAmPosted && !run.held && (
        <div className="c">
          {step.iAmReady ? (
            <>
              <p className="line">
                <Mark kind="ready" /> {t('ready')}
              </p>
              <Button size="large" block disabled={waits('ready')} onClick={() => ready(false)}>
                {t(waits('ready') ? 'sending' : 'ready.not')}
              </Button>
            </>
          ) : (
            <>
              {post?.aloft && <p className="s">{t('ready.means', { role: post.role })}</p>}
              <Button
                type="primary"
                size="large"
                block
                disabled={!card?.signedAt || waits('ready')}
                onClick={() => ready(true)}
              >
                {t(waits('ready') ? 'kept' : card?.signedAt ? 'ready' : 'ready.signFirst')}
              </Button>
            </>
          )}
          <AtButton refused={out.refused.ready} />
        </div>
      )}
      {post?.aloft && post.stem && (
        <Suspense>
          <SayNo job={job} stem={post.stem} part={post} />
        </Suspense>
      )}
      {!asked && deputy}
      {step?.iSeeReady && !run.held && (
        <Suspense>
          <SeenReady job={job} me={info.me} step={step} />
        </Suspense>
      )}
      {run.iSteer && step && <LeadersGo job={job} run={run} lost={lost} leader={info.myPart === 'LEADER'} say={say} />}
      {!run.going && !run.held && card && (info.myPart === 'LEADER' || card.posts.some((p) => p.role === 'CUTTER')) && (
        <Suspense>
          <Falls job={job} />
        </Suspense>
      )}
    </>
  );
}

function Gust({ run }: { run: Run }) {
  const t = useWords();
  const w = run.wind;
  return (
    <div className="c">
      <h2>
        {t('gust', { at: clock(w.at) })} {w.simulated && <span className="sim">{t('simulated')}</span>}
      </h2>
      <p className="n">
        {t('gust.is', {
          gust: w.gust,
          turn: run.step?.turn,
          limit: run.gustLimit,
        })}
      </p>
      <div className="bar">
        <i style={{ width: `${Math.min(100, (w.gustMs / run.gustLimitMs) * 100)}%` }} />
      </div>
    </div>
  );
}
