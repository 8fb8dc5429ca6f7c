import css from '../../ui/layout.module.css';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Schemas } from '../../api/client';
import { useJob, useReview, useStems } from '../../api/job';
import { post, useOutbox } from '../../api/outbox';
import type { PanelProps } from '../stage';
import { ShortLength } from '../../app/ShortLength';
import { Stepper } from '../../app/Stepper';
import { Figure } from '../../figures/Figure';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { clock } from '../../units/format';
import { LessonForm } from './LessonForm';
import { msg } from './words';

/** Stage 9: what really happened against what was foreseen, and what is learned. */
export default function ReviewPanel({ job }: PanelProps) {
  const part = useJob(job).data?.myPart;
  const review = useReview(job).data;
  const queries = useQueryClient();
  useOutbox(
    job,
    useCallback(() => queries.invalidateQueries({ queryKey: ['job', job, 'review'] }), [job, queries]),
  );
  const felled = (useStems(job).data ?? []).filter((s) => s.state === 'FELLED');
  const [correcting, setCorrecting] = useState('');
  return (
    <>
      <div className="body">
        <h1>{msg('review')}</h1>
        {felled.length === 0 && <p className="empty">{msg('nothingIsFelledYet')}</p>}
        {felled.map((s) => {
          const o = review?.outcomes.find((x) => x.outcome.stem === s.label);
          if (!o) return part !== 'CREW' && <Measure key={s.id} job={job} label={s.label} />;
          const correct = correcting === s.label;
          return (
            <div key={s.id}>
              <Outcome o={o.outcome} />
              {o.before.map((b) => (
                <p key={b.at} className="s">
                  {msg('beforeRightLeftAt', {
                    deviationDeg: b.deviation.said.deviationDeg,
                    deviationDeg2: b.deviation.deviationDeg >= 0 ? 'yes' : 'no',
                    who: b.who,
                    at: clock(b.at),
                  })}
                </p>
              ))}
              {part !== 'CREW' && !correct && (
                <Button type="text" onClick={() => setCorrecting(s.label)}>
                  {msg('correctIt')}
                </Button>
              )}
              {correct && <Measure job={job} label={s.label} corrects done={() => setCorrecting('')} />}
            </div>
          );
        })}
        <h2>
          {msg('lessons')} <span>{msg('shownOnTheNext')}</span>
        </h2>
        <ul className="list">
          {review?.lessons.map((l) => (
            <li key={l.words} className={css.itemTall}>
              {l.words} <small>{l.who}</small>
            </li>
          ))}
        </ul>
        {review?.lessons.length === 0 && <p className="empty">{msg('noneYet')}</p>}
        {part === 'REVIEWER' && <LessonForm job={job} />}
      </div>
    </>
  );
}

function Outcome({ o }: { o: Schemas['Outcome'] }) {
  const d = o.deviation;
  return (
    <section aria-label={msg('outcomeOf', { stem: o.stem })}>
      <h2>
        {o.stem}{' '}
        <span>
          {msg('measuredByAgainstBriefing', {
            who: o.who,
            briefing: o.briefing,
            reason: o.reason && msg('corrected', { reason: o.reason }),
          })}
        </span>
      </h2>
      <div className="figs">
        <div>
          <Figure shown={d.said.deviationDeg} more={d.deviationDeg >= 0 ? msg('right') : msg('left')} />
          <small>
            {msg('layPlannedFound', { plannedLayDeg: o.said.plannedLayDeg, actualLayDeg: d.said.actualLayDeg })}
          </small>
        </div>
        <div>
          <Figure shown={d.said.atTipM} more={d.atTipM >= 0 ? msg('right') : msg('left')} />
          <small>{msg('atTheTipOut', { distanceM: o.measured.said.distanceM })}</small>
        </div>
      </div>
      <p className={css.rowBelow}>
        <Mark kind={o.spreadKnown && d.withinFan ? 'ready' : 'CAUTION'} />
        {o.spreadKnown
          ? d.withinFan
            ? msg('insideTheForeseenFan', { foreseenDeg: d.said.foreseenDeg })
            : msg('outsideTheForeseenFan', { foreseenDeg: d.said.foreseenDeg })
          : msg('theSpreadWasNot')}
      </p>
      <p>
        {msg('hingeFoundLeftRight', {
          hingeLeftM: o.measured.said.hingeLeftM ?? msg('notKnown'),
          hingeRightM: o.measured.said.hingeRightM ?? msg('notKnown'),
          plannedHingeM: o.said.plannedHingeM,
          surprise: o.measured.surprise,
        })}
      </p>
    </section>
  );
}

type MeasureProps = { job: string; label: string; corrects?: boolean; done?: () => void };

/** What was found; a measure that can hardly be is asked back at its field, and taken when it is so. */
function Measure({ job, label, corrects, done }: MeasureProps) {
  const { say } = usePlanTools();
  const [bearing, setBearing] = useState<number | null>(null);
  const [distance, setDistance] = useState<number | null>(null);
  const [left, setLeft] = useState<number>();
  const [right, setRight] = useState<number>();
  const [surprise, setSurprise] = useState('');
  const [reason, setReason] = useState('');
  const key = `outcome:${label}`;
  const out = useOutbox(job);
  const waits = out.unsent.some((u) => u.key === key);
  const refused = out.refused[key];
  const odd = refused?.faults.some((f) => f.code === 'ASKED_BACK') ?? false;
  const sent = useRef(false);
  useEffect(() => {
    if (sent.current && !waits && !refused) done?.();
  }, [waits, refused, done]);
  const send = (sure: boolean) => {
    if (bearing === null || distance === null) {
      say('Bearing and distance to the tip are needed.');
      return;
    }
    sent.current = true;
    post(job, {
      kind: 'outcome',
      key,
      words: msg('outcomeOfWithLabel', { label }),
      method: 'PUT',
      path: `/api/jobs/${job}/review/outcomes/${label}`,
      body: {
        bearingDeg: bearing,
        distanceM: distance,
        hingeLeftM: left,
        hingeRightM: right,
        surprise,
        sure,
        reason,
      },
    });
  };
  return (
    <section className="form" aria-label={msg('measure', { label })}>
      <h2>
        {corrects ? msg('correct', { label }) : msg('isDown', { label })} <span>{msg('fromTheStump')}</span>
      </h2>
      <div className="two">
        <Stepper label={msg('bearingToTheTip')} unit="°" value={bearing} onChange={setBearing} step={1} digits={1} />
        <Stepper
          label={msg('distanceToTheTip')}
          unit="m"
          value={distance}
          onChange={setDistance}
          step={0.5}
          digits={1}
        />
      </div>
      <div className="two">
        <ShortLength
          label={msg('hingeLeft')}
          value={left}
          by={0}
          note={msg('asFound')}
          undo=""
          blank
          onChange={setLeft}
        />
        <ShortLength
          label={msg('hingeRight')}
          value={right}
          by={0}
          note={msg('asFound')}
          undo=""
          blank
          onChange={setRight}
        />
      </div>
      <label>
        {msg('surprises')}
        <Input
          aria-label={msg('surprises')}
          size="large"
          value={surprise}
          onChange={(e) => setSurprise(e.target.value)}
        />
      </label>
      {corrects && (
        <label>
          {msg('whyIsItCorrected')}
          <Input
            aria-label={msg('reasonOfTheCorrection')}
            size="large"
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        </label>
      )}
      {refused && (
        <p className="refused" role="alert">
          {refused.message}
        </p>
      )}
      {odd && (
        <Button size="large" block disabled={waits} onClick={() => send(true)}>
          {msg('itIsSo')}
        </Button>
      )}
      <Button type="primary" size="large" block disabled={waits} onClick={() => send(false)}>
        {waits ? msg('keptBeingSent') : msg('compareWithThePlan')}
      </Button>
      {done && (
        <Button type="text" onClick={done}>
          {msg('leaveIt')}
        </Button>
      )}
    </section>
  );
}
