import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useCallback, useState } from 'react';
import { askAnew } from '../../api/anew';
import { api, type Schemas } from '../../api/client';
import { useAct, useHold, useJob, useRun, useRunLog, useStems } from '../../api/job';
import { silentMs } from '../../api/heard';
import { post, useOutbox } from '../../api/outbox';
import { newId } from '../../app/newId';
import Deputy from '../../app/Deputy';
import SeenReady from '../../app/SeenReady';
import { TickedSteps } from '../../app/TickedSteps';
import { AgainstGo } from './AgainstGo';
import { StepDone } from './StepDone';
import type { PanelProps } from '../stage';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { CutTicks } from './CutTicks';
import { Watch } from './Watch';
import { msg } from './words';

/** Stage 8: everyone ready, go, hold; the log writes itself. */
export default function RunPanel({ job, go }: PanelProps) {
  const { say, selectStem } = usePlanTools();
  const stems = useStems(job).data ?? [];
  const act = useAct(job, say);
  const queries = useQueryClient();
  useOutbox(
    job,
    useCallback(() => askAnew(queries, ['job', job, 'run']), [job, queries]),
  );
  const info = useJob(job).data;
  const leader = info?.myPart === 'LEADER';
  const [closing, setClosing] = useState(false);
  const log = useRunLog(job).data ?? [];
  const answer = useRun(job).data;
  // the run as it was before a hold stays held until the answer after it is here: no go is green in between
  const held = Boolean(useHold(job)) || Boolean(answer?.held);
  const r = answer && { ...answer, held, going: answer.going && !held };
  const path = { params: { path: { job } } };
  const give = () => void act(api.POST('/api/jobs/{job}/run/go', { ...path, body: { id: newId() } }));
  if (!r) return <Waiting className="body" />;
  const step = r.step;
  const watch = (
    <Watch job={job} read={r.watch} people={info?.people ?? []} steers={r.iSteer && !info?.closed} say={say} />
  );
  const ready = step?.people.filter((p) => p.readyAt).length ?? 0;
  return (
    <>
      <div className="body">
        <h1>
          {step
            ? msg('stepOf', { turn: step.turn, stepsInAll: r.stepsInAll, title: step.title })
            : r.stepsInAll
              ? msg('allStepsAreDone')
              : msg('noStepPlanned')}{' '}
          <small>{r.briefing ? msg('briefing', { briefing: r.briefing }) : msg('notBriefed')}</small>
        </h1>
        {step && (
          <p className="s">
            {msg('gust')} <b className="n">{r.wind.gust}</b> {msg('atHoldAt', { at: clock(r.wind.at) })}{' '}
            <b className="n">{r.gustLimit}</b>
            {msg('theStrictestOfHouse')}
          </p>
        )}
        {held && <p className={`hero ${css.keepLine}`}>{msg('hold')}</p>}
        {r.word === 'STAND_FAST' || (!r.going && !held && r.because) ? (
          <p className="hero stand">
            {msg('standFast')}
            <small>{msg('theGoHasEnded', { because: r.because ?? '' })}</small>
          </p>
        ) : null}
        {r.going && <p className={`hero ${css.goLine}`}>{msg('go')}</p>}
        {step && (
          <section aria-label={msg('ready')}>
            <h2>
              {msg('allReadyThenGo')} <span>{msg('ofReady', { ready, peopleCount: step.people.length })}</span>
            </h2>
            <ul className="list">
              {step.people.map((p) => (
                <li key={p.personId + p.role} className={css.person}>
                  <Mark kind={p.readyAt ? 'ready' : 'none'} />
                  <b>{p.name}</b>
                  <span className={`s ${css.grow}`}>
                    {p.roleWords}
                    {p.signed ? '' : msg('notSigned')}
                    {p.seenBy ? msg('seenBy', { who: p.seenBy }) : ''}
                  </span>
                  <span className="n">{p.readyAt ? clock(p.readyAt) : '–'}</span>
                </li>
              ))}
            </ul>
            <SeenReady job={job} me={info?.me ?? ''} step={step} />
            <ul className="list" aria-label={msg('protections')}>
              <li className={css.person}>
                <Mark kind={r.signalTriedAt ? 'ready' : 'none'} />
                <b className={css.grow}>{msg('stopSignalTriedWhistle')}</b>
                {r.iSteer && !r.signalTriedAt ? (
                  <Button type="text" onClick={() => void act(api.POST('/api/jobs/{job}/run/signal-tried', path))}>
                    {msg('triedAnswered')}
                  </Button>
                ) : (
                  <span className="n">{r.signalTriedAt && clock(r.signalTriedAt)}</span>
                )}
              </li>
              {r.protections.map((p) => (
                <Protected key={p.featureId} job={job} p={p} />
              ))}
            </ul>
          </section>
        )}
        {r.watch.length > 0 && watch}
        <TickedSteps job={job} steps={r.tickedSteps} />
        {step && step.cuts.length > 0 && <CutTicks job={job} step={step} />}
        {!r.going && r.against.length > 0 && step && (
          <section aria-label={msg('againstAGo')}>
            <h2>
              {msg('standsAgainstAGo')} <span>{r.against.length}</span>
            </h2>
            {r.against.slice(0, 8).map((f) => (
              <AgainstGo key={f.why + f.subject} job={job} against={f} leader={leader} act={act} />
            ))}
            {r.against.length > 8 && <p className="s">{msg('andMore', { againstCount: r.against.length - 8 })}</p>}
          </section>
        )}
        <Deputy
          job={job}
          deputy={r.deputy}
          crew={(info?.people ?? []).filter((p) => p.part === 'CREW')}
          leader={leader && !info?.closed}
          say={say}
        />
        {r.watch.length === 0 && watch}
        <section aria-label={msg('log')}>
          <h2>
            {msg('logWrittenByItself')} <span>{msg('newest', { logCount: log.length })}</span>
          </h2>
          <Rows
            rows={log}
            columns={[
              { cell: (l) => <span className="n">{clock(l.at)}</span> },
              { cell: (l) => `${l.who.split(' ')[0]}: ${l.says.words}` },
            ]}
          />
        </section>
        {leader && !info?.closed && (
          <Button type="text" onClick={() => setClosing(true)}>
            {msg('closeTheJob')}
          </Button>
        )}
        <Modal
          open={closing}
          title={msg('closeTheJobTitle')}
          okText={msg('closeIt')}
          cancelText={msg('leaveItOpen')}
          onCancel={() => setClosing(false)}
          onOk={() => {
            setClosing(false);
            void act(api.POST('/api/jobs/{job}/close', path));
          }}
        >
          <p>{msg('whatIsClosedTakes')}</p>
        </Modal>
        {info?.closed && (
          <p>
            <b>{msg('theJobIsClosed')}</b>
          </p>
        )}
      </div>
      {!step ? (
        <Button type="primary" className="next" onClick={() => go('review')}>
          <span>
            {msg('nextReview')}
            <small>{msg('whatReallyHappened')}</small>
          </span>
          →
        </Button>
      ) : r.going ? (
        <StepDone
          job={job}
          step={step}
          act={act}
          disabled={!r.iSteer}
          onMoved={() => {
            const stem = stems.find((s) => s.label === step.stem);
            if (stem) selectStem(stem.id);
            go('tangle');
          }}
        />
      ) : (
        <Button
          type="primary"
          className="next"
          disabled={!r.iSteer || held || r.against.length > 0 || silentMs() > 10_000}
          onClick={give}
        >
          <span>
            {msg('go')}
            <small>
              {r.held
                ? msg('aHoldStands')
                : r.against.length > 0
                  ? msg('standsAgainstIt', { againstCount: r.against.length })
                  : msg('allIsGreen')}
            </small>
          </span>
          {ready}/{step.people.length}
        </Button>
      )}
    </>
  );
}

function Protected({ job, p }: { job: string; p: Schemas['ProtectionState'] }) {
  const out = useOutbox(job);
  const key = `protection:${p.featureId}`;
  const waits = out.unsent.some((u) => u.key === key);
  const done = (is: boolean) =>
    post(job, {
      kind: 'protection',
      key,
      words: p.name,
      path: `/api/jobs/${job}/run/protections/${p.featureId}`,
      body: { done: is },
    });
  return (
    <li className="protected">
      <Mark kind={p.done && !p.askAgain ? 'ready' : 'none'} />
      <b>{p.name}</b>
      <span className="s">
        {p.words}, {p.by || msg('nobodyNamed')}
        {p.askAgain && <b>{msg('stillSo')}</b>}
      </span>
      {waits && <small>{msg('beingSent')}</small>}
      {!waits && p.askAgain && (
        <Button type="text" aria-label={msg('stillSoWithName', { name: p.name })} onClick={() => done(true)}>
          {msg('stillSoTitle')}
        </Button>
      )}
      {!waits && (
        <Button
          type="text"
          aria-label={`${p.name} ${p.done ? msg('notDone') : msg('done')}`}
          onClick={() => done(!p.done)}
        >
          {p.done ? msg('notDoneTitle') : msg('doneTitle')}
        </Button>
      )}
      {out.refused[key] && (
        <p className="refused" role="alert">
          {out.refused[key].message}
        </p>
      )}
    </li>
  );
}
