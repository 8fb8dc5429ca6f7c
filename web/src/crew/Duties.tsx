import { Button } from 'antd';
import type { Schemas } from '../api/client';
import { post as keep, useOutbox } from '../api/outbox';
import { TickedSteps } from '../app/TickedSteps';
import { Mark } from '../figures/Mark';
import '../words/pages';
import { useWords } from '../words/words';
import { AtButton } from './AtButton';

/** What whoever holds the phone keeps shut or does without a go. */
export default function Duties({ job, run }: { job: string; run: Schemas['RunView'] }) {
  const mine = run.tickedSteps.filter((s) => s.iMayTick);
  return (
    <>
      {run.protections
        .filter((p) => p.mine)
        .map((p) => (
          <Protected key={p.featureId} job={job} p={p} />
        ))}
      {mine.length > 0 && (
        <div className="c">
          <TickedSteps job={job} steps={mine} />
        </div>
      )}
    </>
  );
}

function Protected({ job, p }: { job: string; p: Schemas['ProtectionState'] }) {
  const t = useWords();
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
      <h2>{p.name}</h2>
      <p className="line">
        <Mark kind={p.done && !p.askAgain ? 'ready' : 'none'} />
        <span className="grow">
          {p.words}
          {p.askAgain && <b>{t('protected.stillSo')}</b>}
        </span>
        {waits && <small>{t('sending')}</small>}
        {!waits && p.askAgain && <Button onClick={() => done(true)}>{t('protected.isSo')}</Button>}
        {!waits && <Button onClick={() => done(!p.done)}>{t(p.done ? 'protected.notDone' : 'protected.done')}</Button>}
      </p>
      <AtButton refused={out.refused[key]} />
    </div>
  );
}
