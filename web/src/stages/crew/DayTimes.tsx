import { Button, Input, Slider, TimePicker } from 'antd';
import dayjs from 'dayjs';
import { useEffect, useRef, useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useRoster, useSurroundings } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import { long, ofDay, ofWork } from './clock';
import css from './crew.module.css';
import { Shorter } from './Shorter';
import { msg } from './words';

type Step = Schemas['StepView'];
type Act = (write: Promise<unknown>) => Promise<boolean>;
const LEAST_SHOWN_MIN = 60;
const DAY_MIN = 1440;
const GRID_MIN = 5;
/** Keys follow each other quickly: what is meant is written down once they rest. */
const SETTLED_MS = 500;

/** The day on one time line: each step can be dragged; when it ends, what it waits for, and what no plan can beat. */
export function DayTimes({ job, steps, leader }: { job: string; steps: Step[]; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const place = useSurroundings(job).data;
  const times = useRoster(job).data?.times;
  const starts = place?.startsMin;
  if (steps.length === 0) return null;
  const last = Math.max(...steps.map((s) => s.endMin), times?.likely80Min ?? 0, LEAST_SHOWN_MIN);
  const shown = Math.min(DAY_MIN, Math.ceil((last * 1.25) / 30) * 30);
  const waited = times?.waits ?? [];
  return (
    <section aria-label={msg('theDay')} className={css.times}>
      {times && (
        <p className={css.facts}>
          <span>
            {msg('ends')} <b className="n">{ofWork(times.endMin, starts)}</b>
          </span>
          <span>
            {msg('fourInFive')} <b className="n">{ofWork(times.likely80Min, starts)}</b>
          </span>
          {times.lightSpareMin !== undefined && (
            <span>
              <b className="n">{long(Math.abs(times.lightSpareMin))}</b>{' '}
              {msg(times.lightSpareMin < 0 ? 'afterDark' : 'beforeDark')}
            </span>
          )}
        </p>
      )}
      {steps.map((s) => (
        <Lane
          key={s.id}
          job={job}
          step={s}
          shown={shown}
          starts={starts}
          waited={waited.some((w) => w.step === s.id)}
          act={leader ? act : undefined}
        />
      ))}
      <div className={`s n ${css.axis}`}>
        <span>{ofWork(0, starts)}</span>
        <span>{ofWork(shown / 2, starts)}</span>
        <span>{ofWork(shown, starts)}</span>
      </div>
      {times && (
        <p className={`s ${css.line}`}>
          {waited.length > 1 && <>{msg('darkWaits', { chain: chain(waited, steps) })} </>}
          {times.lowestMin !== undefined &&
            times.binds &&
            msg('notBefore', { at: ofWork(times.lowestMin, starts), why: times.binds })}
        </p>
      )}
      {leader && <Hours job={job} place={place} act={act} />}
      {starts !== undefined && (
        <Button type="text" href={`/api/jobs/${job}/roster/calendar.ics`} download="day.ics">
          {msg('calendarFile')}
        </Button>
      )}
      {leader && <Shorter job={job} starts={starts} act={act} />}
    </section>
  );
}

/** "1 → Sefa Marsh → 2": what the end waits for, and who or what binds one to the next. */
function chain(waits: Schemas['WaitView'][], steps: Step[]): string {
  const turn = (id: string) => String(steps.find((s) => s.id === id)?.turn ?? '?');
  return waits.map((w, i) => (i === 0 ? '' : `→ ${w.what ? `${w.what} → ` : ''}`) + turn(w.step)).join(' ');
}

const inOrder = ([start = 0, end = 0]: number[]) => end > start;

function Lane(p: { job: string; step: Step; shown: number; starts: number | undefined; waited: boolean; act?: Act }) {
  const { job, step, shown, starts, act } = p;
  const [draft, setDraft] = useState<number[]>();
  const waiting = useRef<number>(undefined);
  useEffect(() => () => clearTimeout(waiting.current), []);
  const latest = useRef(step);
  useEffect(() => {
    latest.current = step;
  }, [step]);
  const save = async ([startMin = 0, endMin = 0]: number[]) => {
    const now = latest.current;
    if (startMin !== now.startMin || endMin !== now.endMin)
      await act?.(
        api.PUT('/api/jobs/{job}/steps/{id}', {
          params: { path: { job, id: now.id } },
          body: {
            kind: now.kind,
            stem: now.stem,
            startMin,
            endMin,
            posts: now.posts.map((x) => ({ role: x.role, personId: x.personId, stand: x.stand })),
            spread: now.spread,
            version: now.version,
          },
        }),
      );
    setDraft(undefined);
  };
  const settled = (v: number[]) => {
    clearTimeout(waiting.current);
    waiting.current = window.setTimeout(() => void save(v), SETTLED_MS);
  };
  return (
    <div className={`${css.lane} ${p.waited ? css.waited : ''}`}>
      <span className={css.called}>
        <b className="n">{step.turn}</b> {step.title}
      </span>
      <Slider
        range={{ draggableTrack: true }}
        min={0}
        max={shown}
        step={GRID_MIN}
        value={draft ?? [step.startMin, step.endMin]}
        disabled={!act || step.done}
        ariaLabelForHandle={[msg('startOf', { title: step.title }), msg('endOf', { title: step.title })]}
        tooltip={{ formatter: (m) => ofWork(m ?? 0, starts) }}
        onChange={(v: number[]) => {
          clearTimeout(waiting.current);
          if (inOrder(v)) setDraft(v);
        }}
        onChangeComplete={(v: number[]) => {
          if (inOrder(v)) settled(v);
        }}
      />
    </div>
  );
}

function Hours({ job, place, act }: { job: string; place: Schemas['PlaceView'] | undefined; act: Act }) {
  if (!place) return null;
  const { startsMin, darkMin, radioChannel } = place;
  const set = (over: Partial<Schemas['HoursRequest']>) =>
    void act(
      api.PUT('/api/jobs/{job}/place/hours', {
        params: { path: { job } },
        body: { startsMin, darkMin, radioChannel, ...over, version: place.versions.day },
      }),
    );
  const picker = (label: string, min: number | undefined, change: (m: number | undefined) => void) => (
    <label>
      {label}
      <TimePicker
        aria-label={label}
        size="large"
        format="HH:mm"
        minuteStep={5}
        needConfirm={false}
        placeholder={msg('notSaid')}
        value={min === undefined ? null : dayjs(ofDay(min), 'HH:mm')}
        onChange={(t) => change(t ? t.hour() * 60 + t.minute() : undefined)}
      />
    </label>
  );
  return (
    <div className={css.hours}>
      {picker(msg('workStarts'), startsMin, (m) => set({ startsMin: m }))}
      {picker(msg('darkFrom'), darkMin, (m) => set({ darkMin: m }))}
      <label>
        {msg('radioChannel')}
        <Input
          key={radioChannel}
          aria-label={msg('radioChannel')}
          size="large"
          maxLength={40}
          placeholder={msg('noRadio')}
          defaultValue={radioChannel}
          onBlur={(e) => e.target.value.trim() !== (radioChannel ?? '') && set({ radioChannel: e.target.value.trim() })}
        />
      </label>
    </div>
  );
}
