import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import { post, useOutbox } from '../../api/outbox';
import { Mark } from '../../figures/Mark';
import { clock } from '../../units/format';
import { met } from '../../words/measures';
import '../../words/pages';
import { useWords } from '../../words/words';

type Step = NonNullable<Schemas['RunView']['step']>;

/** The cut as it was briefed, ticked off by cutter, lookout or leader; a tick waits for the network by itself. */
export function CutTicks({ job, step }: { job: string; step: Step }) {
  const t = useWords();
  const out = useOutbox(job);
  let n = 0;
  const waits = (key: string) => out.unsent.some((u) => u.key === key);
  return (
    <section aria-label={t('ticks.label')}>
      <h2>
        {t('ticks.title')}{' '}
        <span>{t('ticks.done', { done: step.cuts.length - step.openTicks, all: step.cuts.length })}</span>
      </h2>
      {step.cuts.map((c) => {
        if (c.kind === 'CUT') n += 1;
        const key = `tick:${c.key}`;
        const tick = () =>
          post(job, {
            kind: 'tick',
            key,
            words: c.says.words,
            path: `/api/jobs/${job}/run/ticks`,
            body: { key: c.key, done: !c.at },
          });
        const words =
          c.kind === 'CUT' ? (
            <b>
              {n} {c.says.words}
            </b>
          ) : (
            c.says.words
          );
        const when = waits(key) ? t('ticks.sending') : c.at ? `${clock(c.at)} ${c.who?.split(' ')[0]}` : '';
        return (
          <div key={c.key}>
            <Button
              type={c.at ? 'primary' : 'default'}
              className={c.kind === 'CUT' ? 'tick cut' : 'tick'}
              disabled={!step.iMayTick || waits(key)}
              aria-pressed={Boolean(c.at)}
              onClick={tick}
            >
              <Mark kind={c.at ? 'ready' : 'none'} />
              <span style={c.kind === 'SIGNAL' ? { color: 'var(--lay)' } : undefined}>
                {words}
                {c.measures.length > 0 && <span className="n"> · {met(c.measures)}</span>}
              </span>
              <small className="n">{when}</small>
            </Button>
            {out.refused[key] && (
              <p className="refused" role="alert">
                {out.refused[key].message}
              </p>
            )}
          </div>
        );
      })}
    </section>
  );
}
