import { api, type Schemas } from '../../api/client';
import { Mark } from '../../figures/Mark';
import { clock } from '../../units/format';
import { useUnits } from '../../units/useUnits';

/** The cut as it was briefed, ticked off by cutter, lookout or leader. */
export function CutTicks({ job, step, act }: { job: string; step: NonNullable<Schemas['RunView']['step']>; act: (w: Promise<unknown>) => Promise<boolean> }) {
  const inches = useUnits() === 'feet';
  let n = 0;
  return (
    <section aria-label="Cuts and checks"><h2>Cuts and checks, as briefed <span>{step.cuts.filter((c) => c.at).length} of {step.cuts.length}</span></h2>
      {step.cuts.map((c) => {
        if (c.kind === 'CUT') n += 1;
        return (
          <button key={c.key} className={c.kind === 'CUT' ? 'tick cut' : 'tick'} disabled={!step.iMayTick} aria-pressed={Boolean(c.at)} onClick={() => void act(api.POST('/api/jobs/{job}/run/ticks', { params: { path: { job } }, body: { key: c.key, done: !c.at } }))}>
            <Mark kind={c.at ? 'ready' : 'none'} />
            <span style={c.kind === 'SIGNAL' ? { color: 'var(--lay)' } : undefined}>{c.kind === 'CUT' ? <b>{n} {c.words}</b> : c.words}{c.measure && <span className="n"> · {inches ? c.inches : c.measure}</span>}</span>
            <small className="n">{c.at ? `${clock(c.at)} ${c.who?.split(' ')[0]}` : ''}</small>
          </button>
        );
      })}
    </section>
  );
}
