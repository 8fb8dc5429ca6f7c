import { Button } from 'antd';
import { post, useOutbox } from '../api/outbox';
import type { Schemas } from '../api/client';
import { Mark } from '../figures/Mark';
import { msg } from '../words/base';
import css from './ticked.module.css';

/** Steps that need no go: whoever does one ticks it off, and it can be open again. */
export function TickedSteps({ job, steps }: { job: string; steps: Schemas['TickedStep'][] }) {
  const out = useOutbox(job);
  if (steps.length === 0) return null;
  return (
    <section aria-label={msg('withoutAGo')}>
      <h2>{msg('withoutAGo')}</h2>
      <ul className="list">
        {steps.map((s) => {
          const key = `step:${s.id}`;
          const waits = out.unsent.some((u) => u.key === key);
          const tick = () =>
            post(job, {
              kind: 'step',
              key,
              words: s.title,
              path: `/api/jobs/${job}/run/steps/${s.id}/tick`,
              body: { done: !s.done },
            });
          return (
            <li key={s.id} className={css.line}>
              <Mark kind={s.done ? 'ready' : 'none'} />
              <span className={css.what}>
                <b>{s.title}</b>
                <small>
                  {s.who.join(', ') || msg('nobodyDoesIt')}
                  {s.first && !s.done ? msg('comesFirst') : ''}
                </small>
              </span>
              {waits ? (
                <small>{msg('stepIsSent')}</small>
              ) : (
                s.iMayTick && (
                  <Button
                    type={s.mine && !s.done ? 'primary' : 'default'}
                    size="large"
                    aria-label={`${s.title}: ${s.done ? msg('stepIsNotDone') : msg('stepIsDone')}`}
                    onClick={tick}
                  >
                    {s.done ? msg('stepIsNotDone') : msg('stepIsDone')}
                  </Button>
                )
              )}
              {out.refused[key] && (
                <p className="refused" role="alert">
                  {out.refused[key].message}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
