import css from '../../ui/layout.module.css';
import { useQueryClient } from '@tanstack/react-query';
import { Button, Grid } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { askAnew } from '../../api/anew';
import type { Schemas, Spot } from '../../api/client';
import { useJob, useReview, useStems } from '../../api/job';
import { useOutbox } from '../../api/outbox';
import type { PanelProps } from '../stage';
import { FallForm } from '../../app/FallForm';
import { Figure } from '../../figures/Figure';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { usePlanView } from '../../plan/planView';
import { reviewed } from '../../plan/reviewed';
import { clock } from '../../units/format';
import { Learn } from '../../lessons/Learn';
import { LessonList } from '../../lessons/LessonList';
import { useLessons } from '../../lessons/Told';
import { Records } from '../../records/Records';
import '../../words/pages';
import { useWords } from '../../words/words';
import { Missing, SignOff } from './SignOff';
import { FromGo } from './FromGo';
import { Pieces, usePieces } from './Pieces';
import { Shares } from './Shares';
import { Stumps } from './Stumps';
import { msg } from './words';

/** How much of the plan is shown on each side of a stem whose fall is asked for: where a tip can be tapped. */
const AROUND_M = 25;

/** Stage 9: what really happened against what was foreseen, and what is learned. */
export default function ReviewPanel({ job }: PanelProps) {
  const lessons = useLessons(job).data;
  const review = useReview(job).data;
  const pieces = usePieces(job);
  const queries = useQueryClient();
  useOutbox(
    job,
    useCallback(() => askAnew(queries, ['job', job, 'review']), [job, queries]),
  );
  const [correcting, setCorrecting] = useState('');
  const { pick } = usePlanTools();
  const narrow = !Grid.useBreakpoint().lg;
  const looked = useLookedAt(job, review, narrow);
  const told = review?.told ?? [];
  const first = (stemId: string) => Number(stemId !== looked);
  const outcomes = [...(review?.outcomes ?? [])].sort((a, b) => first(a.outcome.stemId) - first(b.outcome.stemId));
  const unmeasured = told.filter((label) => !review?.outcomes.some((o) => o.outcome.stem === label));
  return (
    <>
      <div className="body">
        <h1>{msg('review')}</h1>
        {review?.outcomes.length === 0 && unmeasured.length === 0 && pieces?.length === 0 && (
          <p className="empty">{msg('nothingIsFelledYet')}</p>
        )}
        {review && <Missing standing={review.standing} />}
        {review && unmeasured.map((label) => <Unmeasured key={label} job={job} label={label} review={review} />)}
        {review &&
          outcomes.map((o) => {
            const label = o.outcome.stem;
            const correct = correcting === label;
            const from = review.learnFrom.find((f) => f.stem === label);
            return (
              <div key={label}>
                <Outcome o={o.outcome} review={review} looked={looked === o.outcome.stemId} />
                {narrow && <Stumps o={o.outcome} />}
                <FromGo job={job} o={o.outcome} />
                {from && <Learn job={job} from={from} />}
                {o.before.map((b) => (
                  <p key={b.at} className="s">
                    {msg('beforeRightLeftAt', {
                      deviationDeg: b.deviation.said.missDeg,
                      deviationDeg2: b.deviation.missDeg >= 0 ? 'yes' : 'no',
                      who: b.who,
                      at: clock(b.at),
                    })}
                  </p>
                ))}
                {told.includes(label) && !correct && (
                  <Button type="text" onClick={() => setCorrecting(label)}>
                    {msg('correctIt')}
                  </Button>
                )}
                {correct && (
                  <FallForm
                    job={job}
                    label={label}
                    review={review}
                    corrects
                    done={() => setCorrecting('')}
                    pick={pick}
                  />
                )}
              </div>
            );
          })}
        <Pieces job={job} />
        {lessons && <LessonList lessons={lessons.learned} />}
        <Learn job={job} />
        <Records job={job} />
        {review && <SignOff job={job} standing={review.standing} />}
      </div>
    </>
  );
}

/** Asked at once while the job is at hand; of a closed one only by who wants to. */
function Unmeasured({ job, label, review }: { job: string; label: string; review: Schemas['ReviewView'] }) {
  const t = useWords();
  const { pick, selectStem } = usePlanTools();
  const closed = useJob(job).data?.closed ?? false;
  const down = useStems(job).data?.find((s) => s.label === label);
  const [asked, setAsked] = useState(false);
  const tell = () => {
    setAsked(true);
    if (down) selectStem(down.id);
  };
  return closed && !asked ? (
    <Button size="large" block onClick={tell}>
      {t('fall.tell', { stem: label })}
    </Button>
  ) : (
    <FallForm job={job} label={label} review={review} pick={pick} />
  );
}

/** The plan shows the fall that went farthest beside, until another one is asked for, and stays near to it. */
function useLookedAt(job: string, review: Schemas['ReviewView'] | undefined, narrow: boolean): string | undefined {
  const { stem, selectStem } = usePlanTools();
  const stayNear = usePlanView((v) => v.stayNear);
  const begun = useRef(false);
  const all = review?.outcomes.map((x) => x.outcome) ?? [];
  const worst = reviewed(all)?.stemId;
  useEffect(() => {
    if (begun.current || !worst) return;
    begun.current = true;
    selectStem(worst);
  }, [worst, selectStem]);
  const o = reviewed(all, stem);
  const told = useStems(job).data?.find((s) => s.id === stem && s.id !== o?.stemId);
  const around =
    told && [-1, 1].map((d) => ({ eastM: told.at.eastM + d * AROUND_M, northM: told.at.northM + d * AROUND_M }));
  const near =
    (around && JSON.stringify(around)) ??
    (o &&
      JSON.stringify([
        o.planned.stump,
        o.planned.tip,
        o.tip,
        ...o.planned.fan,
        ...(narrow ? [] : o.there.map((p) => p.at)),
      ]));
  useEffect(() => {
    if (near) stayNear(JSON.parse(near) as Spot[]);
    return () => stayNear(undefined);
  }, [near, stayNear]);
  return o?.stemId;
}

const side = (deg: number) => msg(deg >= 0 ? 'right' : 'left');

/** The quantity first: how far beside the predicted direction, at the tip, against the usual error. */
function Outcome({ o, review, looked }: { o: Schemas['Outcome']; review: Schemas['ReviewView']; looked: boolean }) {
  const { selectStem } = usePlanTools();
  const d = o.deviation;
  const found = o.measured.stump;
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
      {!looked && (
        <Button type="text" onClick={() => selectStem(o.stemId)}>
          {msg('show', { stem: o.stem })}
        </Button>
      )}
      <div className="figs">
        <div>
          <Figure shown={d.said.missDeg} more={side(d.missDeg)} />
          <small>{msg('ofThePredicted', { predicted: d.said.predictedDeg, off: d.said.sigmaDeg })}</small>
        </div>
        <div>
          <Figure shown={d.said.acrossM} more={side(d.acrossM)} />
          <small>
            {msg('atTheTip', {
              along: d.said.alongM ?? 'none',
              longer: (d.alongM ?? 0) >= 0 ? 'yes' : 'no',
              distance: o.measured.said.distanceM,
            })}
          </small>
        </div>
        {d.said.times && (
          <div>
            <Figure shown={d.said.times} more="×" />
            <small>{msg('theUsualError')}</small>
          </div>
        )}
      </div>
      <p className={css.rowBelow}>
        <Mark kind={d.withinFan ? 'ready' : 'CAUTION'} />
        {d.withinFan === undefined
          ? msg('theSpreadWasNot')
          : msg(d.withinFan ? 'insideTheForeseenFan' : 'outsideTheForeseenFan', {
              foreseenDeg: d.said.foreseenDeg ?? '',
            })}
      </p>
      <p>
        {msg('measuredWith', {
          by: review.by.find((b) => b.by === o.measured.by)?.words ?? msg('notSaid'),
          control: review.controls.find((c) => c.control === o.measured.control)?.words ?? msg('notSaid'),
        })}
      </p>
      <Shares stem={o.stem} explained={o.explained} />
      {!o.stump.drawn && (
        <p>
          {msg('hingeFoundLeftRight', {
            hingeLeftM: found.hinge.said.leftM ?? msg('notKnown'),
            hingeRightM: found.hinge.said.rightM ?? msg('notKnown'),
            plannedHingeM: o.said.plannedHingeM,
          })}
        </p>
      )}
      {o.measured.surprise && <p>{o.measured.surprise}</p>}
      <Came o={o} />
    </section>
  );
}

/** What it did on the ground, and what its line pulled. */
function Came({ o }: { o: Schemas['Outcome'] }) {
  const l = o.measured.landing;
  const rows = [
    l.said.firstTouchM && msg('firstTouch', { out: l.said.firstTouchM }),
    l.said.bounceM && msg('bounced', { high: l.said.bounceM }),
    l.said.rolledM && msg('rolled', { far: l.said.rolledM, side: (l.rolledM ?? 0) >= 0 ? 'right' : 'left' }),
    o.said.gustMs && msg('gustAtGo', { gust: o.said.gustMs }),
    o.measured.said.peakPullN && msg('peakPull', { peak: o.measured.said.peakPullN, most: o.said.mostPullN ?? 'none' }),
    o.measured.stump.back.strap && msg('strap', { strap: o.measured.stump.back.strap }),
  ].filter((r) => Boolean(r));
  return rows.length > 0 ? <p className="s">{rows.join(' · ')}</p> : null;
}
