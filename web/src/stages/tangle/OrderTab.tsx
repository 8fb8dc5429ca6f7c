import { Fragment } from 'react';
import { Button } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useAct, useMissingSteps } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { Rings } from './Holding';
import { Pull } from './Pull';
import { Tied } from './Tied';
import css from './tangle.module.css';
import { msg } from './words';

type Step = Schemas['OrderStep'];
type Way = Schemas['StemWays'];

/** One card a step: why now, what is prepared, the way and its force, why the others are out, what it changes. */
export function OrderTab({ job, t, leader }: { job: string; t: Schemas['TangleView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const missing = useMissingSteps(job).data ?? [];
  if (t.order.length === 0) return <p className="empty">{msg('noOrderYet')}</p>;
  return (
    <section aria-label={msg('releaseOrder')}>
      <Rings job={job} t={t} leader={leader} />
      {t.order.map((s, i) => (
        <div key={`${s.kind}${s.stems.join()}${s.tie ?? ''}`} className={i === 0 ? css.first : css.step}>
          {i === 0 ? (
            <div className={css.head}>
              <span className={css.disc}>{s.turn}</span> {title(s)}
            </div>
          ) : (
            <span className={css.disc}>{s.turn}</span>
          )}
          <div>
            {i > 0 && <b>{title(s)}</b>}
            <Lines s={s} />
          </div>
        </div>
      ))}
      {t.stems
        .filter((s) => s.state === 'HUNG')
        .map((s) => (
          <Fragment key={s.stemId}>
            <Pull job={job} stem={s} leader={leader} />
            {(leader || s.tiedOff) && <Tied job={job} stem={s} leader={leader} />}
          </Fragment>
        ))}
      {leader && missing.length > 0 && (
        <section aria-label={msg('notYetInCrew')}>
          <h2>{msg('notYetInCrew')}</h2>
          <ol>
            {missing.map((m) => (
              <li key={m.title}>{m.title}</li>
            ))}
          </ol>
          <Button
            size="large"
            block
            onClick={() => void act(api.POST('/api/jobs/{job}/tangle/steps', { params: { path: { job } } }))}
          >
            {msg('addStepsToCrew', { n: missing.length })}
          </Button>
        </section>
      )}
    </section>
  );
}

const title = (s: Step) =>
  s.kind === 'SEVER_TIE'
    ? msg('severTitle', { stem: s.stems[0] ?? '', to: s.tie ?? '' })
    : s.kind === 'LET_GO'
      ? msg('letGoTitle', { stem: s.stems[0] ?? '' })
      : s.kind === 'SINGLE'
        ? `${s.stems.join(', ')}: ${s.methods[0] && s.methods[0].laid ? msg('felledByItsLay') : (s.methods[0]?.ladder[0]?.words ?? '')}`
        : `${s.stems.join(' + ')}: ${s.kindWords}`;

function Lines({ s }: { s: Step }) {
  return (
    <dl className={css.lines}>
      {s.why.length > 0 && (
        <>
          <dt>{msg('whyNow')}</dt>
          <dd>{msg('nobodyWorksAt', { spots: s.why.join(', ') })}</dd>
        </>
      )}
      {s.before.length > 0 && (
        <>
          <dt>{msg('before')}</dt>
          <dd>
            {s.before.map((b) => (
              <div key={b}>
                <b>{b}</b>
              </div>
            ))}
          </dd>
        </>
      )}
      {s.methods.map((m) => (
        <Ways key={m.stem} m={m} several={s.methods.length > 1} />
      ))}
      {s.changes.length > 0 && (
        <>
          <dt>{msg('changes')}</dt>
          <dd>{s.changes.join('; ')}</dd>
        </>
      )}
      {s.reveals.length > 0 && (
        <>
          <dt>{msg('reveals')}</dt>
          <dd>{msg('notSeenOf', { stems: s.reveals.join(', ') })}</dd>
        </>
      )}
    </dl>
  );
}

function Ways({ m, several }: { m: Way; several: boolean }) {
  const head = several ? `${m.stem}: ` : '';
  const r = m.ring;
  return (
    <>
      {!m.laid && (
        <>
          <dt>{msg('way')}</dt>
          <dd>
            {head}
            <b>{m.ladder[0]?.words}</b>
            {m.pull !== undefined && <span> · {msg('dragAtMost', { pull: m.pull })}</span>}
            {m.rated !== undefined && (
              <div className="s">{msg('ratedAtHand', { rated: m.rated, atHand: m.atHand ?? msg('none') })}</div>
            )}
            {m.ladder.length > 1 && (
              <div className="s">
                {msg('orElse', {
                  ways: m.ladder
                    .slice(1)
                    .map((w) => w.words)
                    .join('; '),
                })}
              </div>
            )}
          </dd>
          <dt>{msg('out')}</dt>
          <dd className="s">{m.out.map((w) => `${w.words}: ${w.why ?? ''}`).join(' · ')}</dd>
        </>
      )}
      {!m.laid && (
        <>
          <dt>{msg('closed')}</dt>
          <dd>
            {r.notKnown.length > 0 ? (
              <b className={css.never}>{msg('ringNotKnown')}</b>
            ) : r.wholeSlope ? (
              <b>{msg('wholeSlope', { around: r.said.envelopeM ?? '' })}</b>
            ) : (
              <>
                <b>{msg('ringOf', { around: r.said.envelopeM ?? '' })}</b>
                {r.said.downslopeM !== undefined && r.said.downslopeM !== r.said.envelopeM && (
                  <>, {msg('downhill', { down: r.said.downslopeM })}</>
                )}
                {r.said.stripHalfM !== undefined && <>; {msg('stripOf', { strip: r.said.stripHalfM })}</>}
                {r.said.guardM !== undefined && <>; {msg('guardAt', { guard: r.said.guardM })}</>}
              </>
            )}
          </dd>
        </>
      )}
    </>
  );
}
