import { lazy } from 'react';
import type { Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import { PlanSketch } from '../plan/PlanSketch';
import { clock } from '../units/format';
import { post as keep, type Refused, useOutbox } from '../api/outbox';

const LeadersGo = lazy(() => import('./LeadersGo'));

type Run = Schemas['RunView'];
type Props = {
  job: string;
  run: Run;
  card?: Schemas['Card'];
  info: Schemas['JobView'];
  lost: boolean;
  say: (words: string) => void;
};

const WORDS: Record<Run['word'], string> = {
  STOP: 'Stop',
  GO: 'Go',
  STAND_FAST: 'Stand fast',
  WAIT: 'Wait',
  STAY_OUT: 'Stay out',
  DONE: 'Done',
};

/** One word for the one who holds the phone, and why. */
function because(run: Run, task: string | undefined, waitAt: string): string {
  const waiting = run.step?.people.filter((p) => !p.readyAt).map((p) => p.name.split(' ')[0]) ?? [];
  switch (run.word) {
    case 'STOP':
      return 'A hold stands.';
    case 'GO':
      return task ?? '';
    case 'STAND_FAST':
      return `The go has ended: ${run.because ?? 'what it rested on is gone'}.`;
    case 'DONE':
      return 'All steps are done.';
    case 'STAY_OUT': {
      const ring = run.ringM === undefined ? 'the ring: ask the leader how wide it is' : `the ring of ${run.ringM} m`;
      return `You have no part in this step. Stay outside ${ring}. Wait at: ${waitAt || 'ask the leader where'}.`;
    }
    case 'WAIT':
      if (waiting.length > 0) return `not ready: ${waiting.join(', ')}`;
      return run.against.length > 0
        ? `stands against a go: ${run.against.length}`
        : 'all is green; wait for the leader’s GO';
  }
}

/** What the button says it could not do, beside the button. */
export const AtButton = ({ refused }: { refused?: Refused }) =>
  refused ? (
    <p className="refused" role="alert">
      {refused.message}
    </p>
  ) : null;

export function NowPage({ job, run, card, info, lost, say }: Props) {
  const step = run.step;
  const out = useOutbox(job);
  const waits = (key: string) => out.unsent.some((u) => u.key === key);
  const post = card?.posts.find((p) => p.turn === step?.turn);
  const ready = (is: boolean) =>
    keep(job, {
      kind: 'ready',
      key: 'ready',
      words: is ? 'I am ready' : 'not ready',
      path: `/api/jobs/${job}/run/ready`,
      body: { ready: is },
    });
  const me = info.people.find((p) => p.id === info.me)?.name;
  const sketchMe = post?.stand && {
    stand: post.stand,
    ways: post.waysOut.map((w) => ({ ...w, lengthM: Math.min(w.lengthM, 20) })),
    label: 'me',
  };
  return (
    <>
      <section
        className={`now ${lost && run.word === 'GO' ? 'old' : run.word === 'STAND_FAST' || run.word === 'STOP' ? 'halt' : ''}`}
      >
        <h3>Now{step ? `, step ${step.turn} of ${run.stepsInAll}: ${step.title}` : ''}</h3>
        <strong>{WORDS[run.word]}</strong>
        <p>{because(run, post?.task, run.waitAt || info.meetingPoint)}</p>
        {lost && run.word === 'GO' && <p>No link: this may be old. Go by the leader’s signal only.</p>}
      </section>
      {post && card && (
        <>
          <PlanSketch plan={card.plan} height={230} focus={post.stem} me={sketchMe} />
          <div className="c">
            <h3>Then, on GO: {post.roleWords}</h3>
            <p>{post.task}</p>
          </div>
        </>
      )}
      <Gust run={run} />
      {run.protections
        .filter((p) => p.by === me)
        .map((p) => (
          <Protected key={p.featureId} job={job} p={p} />
        ))}
      {step?.iAmPosted && !run.held && (
        <div className="c">
          {step.iAmReady ? (
            <>
              <p className="line">
                <Mark kind="ready" /> I am ready
              </p>
              <button className="big quiet" disabled={waits('ready')} onClick={() => ready(false)}>
                {waits('ready') ? 'Being sent…' : 'Not ready now'}
              </button>
            </>
          ) : (
            <button className="big" disabled={!card?.signedAt || waits('ready')} onClick={() => ready(true)}>
              {waits('ready') ? 'Kept, being sent…' : card?.signedAt ? 'I am ready' : 'Sign the briefing first'}
            </button>
          )}
          <AtButton refused={out.refused.ready} />
        </div>
      )}
      {info.myPart === 'LEADER' && step && <LeadersGo job={job} run={run} lost={lost} say={say} />}
    </>
  );
}

function Gust({ run }: { run: Run }) {
  const w = run.wind;
  return (
    <div className="c">
      <h3>
        Gust, read {clock(w.at)} {w.simulated && <span className="sim">simulated</span>}
      </h3>
      <p className="n">
        {w.gustMs.toFixed(1)} ±{w.sigmaMs} m/s, {run.step ? `step ${run.step.turn}: ` : ''}hold at {run.gustLimitMs}
      </p>
      <div className="bar">
        <i style={{ width: `${Math.min(100, (w.gustMs / run.gustLimitMs) * 100)}%` }} />
      </div>
    </div>
  );
}

function Protected({ job, p }: { job: string; p: Schemas['ProtectionState'] }) {
  const out = useOutbox(job);
  const key = `protection:${p.featureId}`;
  const waits = out.unsent.some((u) => u.key === key);
  const done = (is: boolean) =>
    keep(job, {
      kind: 'protection',
      key,
      words: p.name,
      path: `/api/jobs/${job}/run/protections/${p.featureId}`,
      body: { done: is },
    });
  return (
    <div className="c">
      <h3>{p.name}</h3>
      <p className="line">
        <Mark kind={p.done && !p.askAgain ? 'ready' : 'none'} />
        <span className="grow">
          {p.words}
          {p.askAgain && <b>, still so?</b>}
        </span>
        {waits && <small>being sent…</small>}
        {!waits && p.askAgain && (
          <button className="plain framed" onClick={() => done(true)}>
            Still so
          </button>
        )}
        {!waits && (
          <button className="plain framed" onClick={() => done(!p.done)}>
            {p.done ? 'Not done' : 'Done'}
          </button>
        )}
      </p>
      <AtButton refused={out.refused[key]} />
    </div>
  );
}
