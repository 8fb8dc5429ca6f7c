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
        <h1>Review</h1>
        {felled.length === 0 && (
          <p className="empty">Nothing is felled yet. Measured outcomes, stump readings and lessons will stand here.</p>
        )}
        {felled.map((s) => {
          const o = review?.outcomes.find((x) => x.outcome.stem === s.label);
          if (!o) return part !== 'CREW' && <Measure key={s.id} job={job} label={s.label} />;
          const correct = correcting === s.label;
          return (
            <div key={s.id}>
              <Outcome o={o.outcome} />
              {o.before.map((b) => (
                <p key={b.at} className="s">
                  Before: {b.deviation.said.deviationDeg} {b.deviation.deviationDeg >= 0 ? 'right' : 'left'}, {b.who} at{' '}
                  {clock(b.at)}
                </p>
              ))}
              {part !== 'CREW' && !correct && (
                <Button type="text" onClick={() => setCorrecting(s.label)}>
                  Correct it
                </Button>
              )}
              {correct && <Measure job={job} label={s.label} corrects done={() => setCorrecting('')} />}
            </div>
          );
        })}
        <h2>
          Lessons <span>shown on the next job’s card</span>
        </h2>
        <ul className="list">
          {review?.lessons.map((l) => (
            <li key={l.words} className={css.itemTall}>
              {l.words} <small>{l.who}</small>
            </li>
          ))}
        </ul>
        {review?.lessons.length === 0 && <p className="empty">None yet.</p>}
        {part === 'REVIEWER' && <LessonForm job={job} />}
      </div>
    </>
  );
}

function Outcome({ o }: { o: Schemas['Outcome'] }) {
  const d = o.deviation;
  return (
    <section aria-label={`Outcome of ${o.stem}`}>
      <h2>
        {o.stem}{' '}
        <span>
          measured by {o.who}, against briefing {o.briefing}
          {o.reason && `; corrected: ${o.reason}`}
        </span>
      </h2>
      <div className="figs">
        <div>
          <Figure shown={d.said.deviationDeg} more={d.deviationDeg >= 0 ? 'right' : 'left'} />
          <small>
            lay {o.said.plannedLayDeg} planned, {d.said.actualLayDeg} found
          </small>
        </div>
        <div>
          <Figure shown={d.said.atTipM} more={d.atTipM >= 0 ? 'right' : 'left'} />
          <small>at the tip, {o.measured.said.distanceM} out</small>
        </div>
      </div>
      <p className={css.rowBelow}>
        <Mark kind={o.spreadKnown && d.withinFan ? 'ready' : 'CAUTION'} />
        {o.spreadKnown
          ? d.withinFan
            ? `inside the foreseen fan of ${d.said.foreseenDeg} to that side (95 %)`
            : `outside the foreseen fan of ${d.said.foreseenDeg} to that side`
          : 'the spread was not known, so nothing was foreseen'}
      </p>
      <p>
        Hinge found: {o.measured.said.hingeLeftM ?? 'not known'} left, {o.measured.said.hingeRightM ?? 'not known'}{' '}
        right; planned {o.said.plannedHingeM}. {o.measured.surprise}
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
      words: `outcome of ${label}`,
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
    <section className="form" aria-label={`Measure ${label}`}>
      <h2>
        {corrects ? `Correct ${label}` : `${label} is down`} <span>from the stump</span>
      </h2>
      <div className="two">
        <Stepper label="Bearing to the tip" unit="°" value={bearing} onChange={setBearing} step={1} digits={1} />
        <Stepper label="Distance to the tip" unit="m" value={distance} onChange={setDistance} step={0.5} digits={1} />
      </div>
      <div className="two">
        <ShortLength label="Hinge left" value={left} by={0} note="as found" undo="" blank onChange={setLeft} />
        <ShortLength label="Hinge right" value={right} by={0} note="as found" undo="" blank onChange={setRight} />
      </div>
      <label>
        Surprises
        <Input aria-label="Surprises" size="large" value={surprise} onChange={(e) => setSurprise(e.target.value)} />
      </label>
      {corrects && (
        <label>
          Why is it corrected?
          <Input
            aria-label="Reason of the correction"
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
          It is so
        </Button>
      )}
      <Button type="primary" size="large" block disabled={waits} onClick={() => send(false)}>
        {waits ? 'Kept, being sent…' : 'Compare with the plan'}
      </Button>
      {done && (
        <Button type="text" onClick={done}>
          Leave it
        </Button>
      )}
    </section>
  );
}
