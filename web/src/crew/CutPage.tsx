import css from '../ui/layout.module.css';
import { Collapse } from 'antd';
import type { Schemas } from '../api/client';
import { useRun } from '../api/job';
import { CutFigure } from '../figures/CutFigure';
import { CutTicks } from '../stages/run/CutTicks';
import FaceForm from './FaceForm';
import { useUnits } from '../units/useUnits';
import { met } from '../words/measures';
import '../words/pages';
import { useTerms, useWords } from '../words/words';

/** The cut card on the phone, read at arm's length: the largest figures first, then the picture, then the order. */
export default function CutPage({ job, card }: { job: string; card?: Schemas['Card'] }) {
  const t = useWords();
  const term = useTerms();
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
        <p>{t('cut.none')}</p>
        <h2>{t('cut.comes')}</h2>
      </div>
    );
  return (
    <>
      {cuts.map((c) => {
        const ticking = run?.step && run.step.stem === c.stem && run.step.cuts.length > 0 ? run.step : undefined;
        return (
          <section key={c.stem} aria-label={t('cut.card', { stem: c.stem, school: term('School', c.school) })}>
            <div className={`c ${css.inkGround}`}>
              <p>{t('cut.card', { stem: c.stem, school: term('School', c.school) })}</p>
            </div>
            <div className="cutbig">
              {c.measures
                .filter((m) => m.key !== 'BORE_FROM' && m.key !== 'STEP' && m.key !== 'MOUTH')
                .map((m) => (
                  <div key={m.key}>
                    <strong className="n">{m.shown.words}</strong>
                    <span>
                      {term('Measure.Key', m.key)}
                      {m.outside && (
                        <>
                          <br />
                          {t('cut.fromBark', { outside: m.outside.words })}
                        </>
                      )}
                    </span>
                  </div>
                ))}
              <div>
                <span>
                  {t('cut.each', {
                    step: inches ? '±1/4 in' : '±5 mm',
                    bar: c.said.barM,
                    reach: term('CutCard.BarReach', c.barReach),
                    bark: c.barkM,
                  })}
                </span>
              </div>
            </div>
            {ticking && run?.step?.iCut && (
              <Collapse
                ghost
                className="c"
                items={[{ key: 'face', label: t('face.open'), children: <FaceForm job={job} /> }]}
              />
            )}
            <div className={css.figureBox}>
              <CutFigure card={c} phone />
            </div>
            <div className="c">
              <h2>{t('cut.stand', { stand: term('EscapeRoutes.Side', c.stand) })}</h2>
              <p>{t('cut.never', { because: c.standsBecause.words })}</p>
            </div>
            {ticking ? (
              <div className="c">
                <CutTicks job={job} step={ticking} />
              </div>
            ) : (
              <div className="c">
                <h2>{t('cut.order')}</h2>
                <ol className={css.numbered}>
                  {c.steps
                    .filter((s) => s.kind === 'CUT')
                    .map((s) => (
                      <li key={s.key}>
                        <b>{s.says.words}</b>
                        {s.measures.length > 0 && <span className="n"> · {met(s.measures)}</span>}
                      </li>
                    ))}
                </ol>
              </div>
            )}
            {c.help.length > 0 && (
              <div className="c">
                <h2>{t('cut.help')}</h2>
                <ul>
                  {c.help.map((h) => (
                    <li key={h.words}>{h.words}</li>
                  ))}
                </ul>
              </div>
            )}
          </section>
        );
      })}
      <p className={`s ${css.footnote}`}>{t('outrank')}</p>
    </>
  );
}
