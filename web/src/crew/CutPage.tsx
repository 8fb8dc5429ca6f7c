import type { Schemas } from '../api/client';
import { useRun } from '../api/job';
import { CutFigure } from '../figures/CutFigure';
import { CutTicks } from '../stages/run/CutTicks';
import { useUnits } from '../units/useUnits';

/** The cut card on the phone, read at arm's length: the largest figures first, then the picture, then the order. */
export default function CutPage({ job, card }: { job: string; card?: Schemas['Card'] }) {
  const inches = useUnits() === 'feet';
  const run = useRun(job).data;
  const mine = card?.posts.map((p) => p.stem).filter(Boolean) ?? [];
  const cuts =
    card?.plan.stems
      .filter((s) => s.lay?.cuts && (mine.length === 0 || mine.includes(s.label)))
      .map((s) => s.lay!.cuts!) ?? [];
  if (cuts.length === 0)
    return (
      <div className="c">
        <p>No cut card in the briefing.</p>
        <h3>It comes with a fixed lay.</h3>
      </div>
    );
  return (
    <>
      {cuts.map((c) => {
        const ticking = run?.step && run.step.stem === c.stem && run.step.cuts.length > 0 ? run.step : undefined;
        return (
          <section key={c.stem} aria-label={`Cut card ${c.stem}`}>
            <div className="c" style={{ background: 'var(--ink)', color: '#fff' }}>
              <p>
                Cut card {c.stem}: {c.school}
              </p>
            </div>
            <div className="cutbig">
              {c.measures
                .filter((m) => m.key !== 'boreFrom' && m.key !== 'step' && m.key !== 'mouth')
                .map((m) => (
                  <div key={m.key}>
                    <strong className="n">{inches ? m.inches : m.metric}</strong>
                    <span>
                      {m.words}
                      {m.outside && (
                        <>
                          <br />
                          {inches ? m.outsideInches : m.outside} from bark
                        </>
                      )}
                    </span>
                  </div>
                ))}
              <div>
                <span>
                  each {inches ? '±1/4 in' : '±5 mm'}, to the safe side; bar {Math.round(c.barM * 100)} cm: {c.barReach}
                  {c.barkM === undefined ? '; bark not looked at' : ''}
                </span>
              </div>
            </div>
            <div style={{ padding: '0 6px' }}>
              <CutFigure card={c} phone />
            </div>
            <div className="c">
              <h3>Stand on the {c.stand}</h3>
              <p>{c.standsBecause}; never behind the butt, before the notch, under the lean or in a line’s angle</p>
            </div>
            {ticking ? (
              <div className="c">
                <CutTicks job={job} step={ticking} />
              </div>
            ) : (
              <div className="c">
                <h3>In this order</h3>
                <ol style={{ paddingLeft: 22 }}>
                  {c.steps
                    .filter((s) => s.kind === 'CUT')
                    .map((s) => (
                      <li key={s.key}>
                        <b>{s.words}</b>
                        {s.measure && <span className="n"> · {inches ? s.inches : s.measure}</span>}
                      </li>
                    ))}
                </ol>
              </div>
            )}
            {c.help.length > 0 && (
              <div className="c">
                <h3>Help and signal</h3>
                <ul>
                  {c.help.map((h) => (
                    <li key={h}>{h}</li>
                  ))}
                </ul>
              </div>
            )}
          </section>
        );
      })}
      <p className="s" style={{ padding: '8px 16px' }}>
        Local code, the maker’s limits and the qualified person on site outrank this.
      </p>
    </>
  );
}
