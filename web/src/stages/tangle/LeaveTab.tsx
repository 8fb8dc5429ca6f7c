import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useJob } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { Closure } from './Closure';
import { msg } from './words';

/** Left hanging: who guards it, what is closed, and what nobody does while it hangs. */
export function LeaveTab({ job, t, leader }: { job: string; t: Schemas['TangleView']; leader: boolean }) {
  return (
    <>
      {t.hangs.length === 0 && <p className="empty">{msg('nothingHangs')}</p>}
      {t.hangs.map((h) => (
        <Guard key={h.stemId + h.version} job={job} hang={h} leader={leader} t={t} />
      ))}
      {t.forbidden.length > 0 && (
        <>
          <h2>{msg('neverWhileItHangs')}</h2>
          <ul className="list" aria-label={msg('neverWhileItHangsTitle')}>
            {t.forbidden.map((f) => (
              <li key={f}>{f}</li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

function Guard({
  job,
  hang,
  leader,
  t,
}: {
  job: string;
  hang: Schemas['HangView'];
  leader: boolean;
  t: Schemas['TangleView'];
}) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [guard, setGuard] = useState(hang.entry.guard);
  const [closure, setClosure] = useState(hang.entry.closure);
  const people = useJob(job).data?.people ?? [];
  const area = t.areas.find((a) => a.hung === hang.stem);
  return (
    <section className="form" aria-label={msg('guardOf', { stem: hang.stem })}>
      <h2>
        {msg('hangs', { stem: hang.stem })} <span>{msg('neverLeftUnmarked')}</span>
      </h2>
      {area && <p className="s">{msg('closeAround', { keepOut: area.said.keepOutM })}</p>}
      <div className="two">
        <label>
          {msg('guardedBy')}
          <Select
            aria-label={msg('guardedBy')}
            value={guard || undefined}
            onChange={(v: string | undefined) => setGuard(v ?? '')}
            allowClear
            options={people.map((m) => ({ value: m.name, label: m.name }))}
          />
        </label>
        <label>
          {msg('closedOffHow')}
          <Input
            aria-label={msg('closedOffHow')}
            value={closure}
            onChange={(e) => setClosure(e.target.value)}
            className={css.wideField}
          />
        </label>
      </div>
      {leader && (
        <Button
          size="large"
          block
          className={css.plainSize}
          onClick={() =>
            void act(
              api.PUT('/api/jobs/{job}/tangle/hangs/{stem}', {
                params: { path: { job, stem: hang.stemId } },
                body: {
                  tractorWinchN: hang.entry.tractorWinchN,
                  handWinchN: hang.entry.handWinchN,
                  lockedInFork: hang.entry.lockedInFork,
                  guard,
                  closure,
                  version: hang.version,
                },
              }),
            )
          }
        >
          {msg('saveGuardAndClosure')}
        </Button>
      )}
      <Closure job={job} hang={hang} leader={leader} />
    </section>
  );
}
