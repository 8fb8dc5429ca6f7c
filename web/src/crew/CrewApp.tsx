import { Button } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, type ReactNode, Suspense, useCallback, useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { askAnew } from '../api/anew';
import { Problem } from '../api/client';
import { useCard, useHold, useJob, useRun, useShown } from '../api/job';
import { type Link as Connection, useLive } from '../api/live';
import { post, pressHold, type UnsentKind, useOutbox } from '../api/outbox';
import { switchGlare } from '../app/glare';
import { later } from '../app/later';
import { unlockAlarm } from '../app/alarm';
import { useAlarm, useSeen } from '../app/holds';
import { silence } from './aloud';
import { HeldCard } from './HeldCard';
import { NowPage } from './NowPage';
import { fetchSpanish, useWords } from '../words/words';
import { Manner } from './Manner';

const ahead = {
  brief: () => import('./BriefPage'),
  see: () => import('./SeePage'),
  cut: () => import('./CutPage'),
  plan: () => import('../plan/PlanSketch'),
  go: () => import('./LeadersGo'),
  duties: () => import('./Duties'),
  lit: () => import('./lit'),
  what: () => import('../app/WhatIsIt'),
};
const FaceForm = lazy(() => later(() => import('./FaceForm')));
const ShownCard = lazy(() => later(() => import('./ShownCard')));
const BriefPage = lazy(() => later(ahead.brief));
const SeePage = lazy(() => later(ahead.see));
const CutPage = lazy(() => later(ahead.cut));
/** Once the first page stands, the others are had while there is a link. */
const AHEAD_MS = 1500;

const AFTER: Record<UnsentKind, string[]> = {
  hold: [],
  no: ['run'],
  stopped: [],
  surprise: ['hold'],
  face: ['card', 'run'],
  ready: ['run'],
  tick: ['run'],
  protection: ['run'],
  step: ['run', 'card'],
  sign: ['card', 'run'],
  sighting: ['stems'],
  defect: ['stems'],
  photo: ['photos'],
  voice: ['voice'],
  outcome: ['review'],
  lesson: ['lessons'],
  record: ['records'],
  drill: [],
};
const LINK: Partial<Record<Connection, string>> = { asking: 'link.asking', lost: 'link.lost' };

/** The phone of one person on the job: what to do now, the briefing, HOLD under the thumb on every page. */
export default function CrewApp() {
  const t = useWords();
  const { job = '', page = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const link = useLive(job, false);
  useEffect(() => {
    const soon = setTimeout(
      () => [...Object.values(ahead), fetchSpanish].forEach((load) => void later<unknown>(load).catch(() => undefined)),
      AHEAD_MS,
    );
    return () => clearTimeout(soon);
  }, []);
  const info = useJob(job);
  const card = useCard(job).data ?? undefined;
  const run = useRun(job).data;
  const shown = useShown(job).data;
  const after = useCallback(
    (kind: UnsentKind) => Promise.all(AFTER[kind].map((name) => askAnew(queries, ['job', job, name]))),
    [job, queries],
  );
  const out = useOutbox(job, after);
  const [refused, setRefused] = useState('');
  const hold = useHold(job);
  const me = info.data?.me ?? '';
  useSeen(job, me, hold);
  const unreached = useAlarm(hold, run?.step?.people ?? []);
  useEffect(unlockAlarm, []);
  const posted = run?.step?.iAmPosted ?? false;
  useEffect(() => {
    const touched = () => void later(ahead.lit).then((m) => m.keepLit(posted));
    document.addEventListener('pointerdown', touched);
    return () => document.removeEventListener('pointerdown', touched);
  }, [posted]);
  const gone = info.error instanceof Problem && (info.error.status === 401 || info.error.status === 404);
  useEffect(() => {
    if (gone) void navigate('/join');
  }, [gone, navigate]);
  const unsent = out.unsent.some((u) => u.kind === 'hold');
  const stops = Boolean(hold) || unsent;
  useEffect(() => {
    if (stops) silence();
  }, [stops]);
  const needsSign = Boolean(card && !card.signedAt);
  const at = page || (needsSign ? 'brief' : 'run');
  const tab = (to: string, words: string) => (
    <Link className={at === to ? 'on' : ''} to={`/crew/${job}/${to}`}>
      {words}
    </Link>
  );
  const name = info.data?.people.find((p) => p.id === me)?.name.split(' ')[0];
  const confirm = () =>
    hold &&
    post(job, {
      kind: 'stopped',
      key: 'stopped',
      words: 'stopped',
      path: `/api/jobs/${job}/run/holds/${hold.id}/receipts`,
      body: { state: 'STOPPED' },
    });
  let body: ReactNode = <p className="c">{t(info.error ? 'serverSilent' : 'opening')}</p>;
  if (info.data && run) {
    const lost = link === 'lost';
    const changed = run.against.some((a) => a.why === 'PLAN_CHANGED');
    // A hold that is here stops, whatever an older answer says; so does one that was pressed here and has not arrived.
    const mine = unsent || hold ? { ...run, word: 'STOP' as const, held: true, going: false } : run;
    const pages: Record<string, ReactNode> = {
      cut: <CutPage job={job} card={card} />,
      see: <SeePage job={job} />,
      brief: <BriefPage job={job} card={card} changed={changed} say={setRefused} />,
    };
    body = pages[at] ?? <NowPage job={job} run={mine} card={card} info={info.data} lost={lost} say={setRefused} />;
  }
  return (
    <div className="phone">
      <header className="top">
        <b>{name}</b>
        <h1 className="grow">
          {info.data?.name}
          {card ? ` · ${t('briefingNumber', { number: card.number })}` : ''}
        </h1>
        <Button type="text" onClick={switchGlare}>
          {t('glare')}
        </Button>
        <Manner />
      </header>
      <nav className="tabs">
        {tab('brief', `${t('tab.brief')}${needsSign ? ' •' : ''}`)}
        {tab('run', t('tab.run'))}
        {tab('cut', t('tab.cut'))}
        {tab('see', t('tab.see'))}
      </nav>
      <main>
        {LINK[link] && (
          <p className="refused" role="alert">
            {t(LINK[link])}
          </p>
        )}
        {(refused || (out.says && !unsent)) && (
          <p className="refused" role="alert">
            {refused || out.says}
          </p>
        )}
        {(hold || unsent) && (
          <HeldCard
            job={job}
            hold={hold}
            me={me}
            unsent={unsent}
            says={out.says}
            mayConfirm={run?.step?.iMayConfirmStopped ?? false}
            confirming={out.unsent.some((u) => u.kind === 'stopped')}
            confirm={confirm}
            unreached={unreached}
            steers={run?.iSteer ?? false}
            say={setRefused}
          />
        )}
        {hold?.what?.code === 'Surprise.FACE_ROTTEN' && run?.step?.iCut && (
          <Suspense>
            <div className="c">
              <FaceForm job={job} />
            </div>
          </Suspense>
        )}
        {shown && !shown.mine && (
          <Suspense>
            <ShownCard job={job} shown={shown} />
          </Suspense>
        )}
        <Suspense fallback={<p className="c">{t('opening')}</p>}>{body}</Suspense>
      </main>
      <footer>
        <Button type="text" className="thumb" onClick={() => pressHold(job)}>
          <b>{t('hold')}</b>
          <span>{t('hold.who')}</span>
        </Button>
      </footer>
    </div>
  );
}
