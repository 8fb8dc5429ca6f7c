import { Button, DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useJob, useSession } from '../api/job';
import { Chips, Stepper } from '../app/Stepper';
import { Mark } from '../figures/Mark';
import { Pick } from './Pick';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Props = { job: string; t: Takedown; view: View; leader: boolean };

/** May anyone be up there: by the records, as the leader says it, who climbs, and what is done when they say No. */
export function AloftForm({ job, t, view, leader }: Props) {
  const people = useJob(job).data?.people ?? [];
  const me = useSession().data?.name;
  const [atM, setAt] = useState<number | null>(null);
  const limit = view.aloft.said.climbToM ?? view.aloft.said.rigToM;
  return (
    <section aria-label={msg('aloft')} className={css.form}>
      <p className={css.verdict}>
        <Mark
          kind={view.aloft.allowed === 'WHOLE_TREE' ? 'ready' : view.aloft.allowed === 'NOBODY' ? 'STOP' : 'CAUTION'}
        />{' '}
        <b>
          {view.aloft.words}
          {view.aloft.allowed === 'UP_TO' && limit && ` ${limit}`}
        </b>
        {view.aloft.said.rigToM && <small> {msg('rigTo', { to: view.aloft.said.rigToM })}</small>}
      </p>
      <ul className="list">
        {view.aloft.reasons.map((r, i) => (
          <li key={i}>
            {r.words}
            {r.fault && `: ${r.fault}`}
            {r.said.fromM && ` ${msg('from', { from: r.said.fromM })}`}
            {!r.known && r.fault && <b> · {msg('nobodyLooked')}</b>}
          </li>
        ))}
      </ul>
      {view.aloft.reasons.length === 0 && <p className="s">{msg('nothingAgainst')}</p>}
      {leader && (
        <>
          <Pick
            label={msg('asISay')}
            none={msg('byTheRecords')}
            value={t.draft?.mayBe}
            change={(mayBe) => t.change({ mayBe })}
            options={view.choices.allowances.map((m) => ({ value: m.value, label: m.words }))}
          />
          <Pick
            label={msg('whoClimbs')}
            none={msg('nobodyNamed')}
            value={t.draft?.climber}
            change={(climber) => t.change({ climber })}
            options={people.filter((p) => p.competences.includes('CLIMB')).map((p) => ({ value: p.id, label: p.name }))}
          />
          <Pick
            label={msg('ifNo')}
            none={msg('notChosen')}
            value={t.draft?.fallback}
            change={(fallback) => t.change({ fallback })}
            options={view.choices.instead.map((f) => ({ value: f.value, label: f.words }))}
          />
          {t.draft?.fallback === 'AGREED_DAMAGE' && (
            <label className={css.pick}>
              {msg('agreedWith')}
              <Input
                size="large"
                value={t.draft.agreedWith ?? ''}
                status={t.draft.agreedWith ? undefined : 'error'}
                onChange={(e) => t.change({ agreedWith: e.target.value || undefined })}
              />
            </label>
          )}
          <Held
            view={view}
            climb={t.draft?.climb ?? { kit: {} }}
            change={(climb) => t.change({ climb })}
            people={people}
          />
        </>
      )}
      {view.id && view.climber && (
        <div className={css.no}>
          <Stepper
            label={msg('hangsAt')}
            unit="m"
            value={atM}
            onChange={setAt}
            step={0.5}
            digits={1}
            min={0}
            max={60}
          />
          <Button size="large" block disabled={atM === null} onClick={() => atM !== null && void t.saysNo(atM)}>
            {msg('climberNo')}
          </Button>
          {view.saidNoBy &&
            (view.saidNoBy === me ? (
              <Button size="large" block onClick={() => void t.takesBack()}>
                {msg('takeBack')}
              </Button>
            ) : (
              <p className="s">{msg('onlyTakesBack', { who: view.saidNoBy })}</p>
            ))}
        </div>
      )}
    </section>
  );
}

type Climb = NonNullable<Draft['climb']>;

/** The day something was looked over. */
function LookedOver({ label, on, change }: { label: string; on?: string; change: (on?: string) => void }) {
  return (
    <label className={css.kitRow}>
      {label}
      <DatePicker
        size="large"
        inputReadOnly
        aria-label={msg('kitOn', { kit: label })}
        value={on ? dayjs(on) : null}
        maxDate={dayjs()}
        onChange={(d) => change(d ? d.format('YYYY-MM-DD') : undefined)}
      />
    </label>
  );
}

/** What is asked of the climber: how they are held, and that a line reaches the ground. */
function Held({
  view,
  climb,
  change,
  people,
}: {
  view: View;
  climb: Climb;
  change: (c: Climb) => void;
  people: { id: string; name: string }[];
}) {
  const kit = climb.kit;
  const yesNo = [
    { value: 'yes' as const, words: msg('yes') },
    { value: 'no' as const, words: msg('no') },
  ];
  const said = (b?: boolean) => (b === undefined ? undefined : b ? ('yes' as const) : ('no' as const));
  return (
    <>
      <Chips
        label={msg('attachments')}
        options={[1, 2, 3].map((n) => ({ value: String(n), words: String(n) }))}
        value={climb.attachments === undefined ? undefined : String(climb.attachments)}
        onChange={(n) => change({ ...climb, attachments: Number(n) })}
      />
      <Chips
        label={msg('cutProof')}
        options={yesNo}
        value={said(climb.cutProof)}
        onChange={(v) => change({ ...climb, cutProof: v === 'yes' })}
      />
      <Chips
        label={msg('reachesGround')}
        options={yesNo}
        value={said(climb.wayDown)}
        onChange={(v) => change({ ...climb, wayDown: v === 'yes' })}
      />
      <Stepper
        label={msg('rescueMin')}
        unit="min"
        value={climb.rescueMin ?? null}
        onChange={(v) => change({ ...climb, rescueMin: v ?? undefined })}
        step={1}
        digits={0}
        min={1}
        max={120}
      />
      {view.topped && (
        <Stepper
          label={msg('sway')}
          unit="m"
          value={climb.swayM ?? null}
          onChange={(v) => change({ ...climb, swayM: v ?? undefined })}
          step={0.1}
          digits={1}
          min={0}
          max={10}
        />
      )}
      {(view.mayBe ?? view.aloft.allowed) === 'PLATFORM' && (
        <Stepper
          label={msg('reach')}
          unit="m"
          value={climb.reachM ?? null}
          onChange={(v) => change({ ...climb, reachM: v ?? undefined })}
          step={0.5}
          digits={1}
          min={1}
          max={120}
        />
      )}
      <Pick
        label={msg('saidBy')}
        none={msg('nobodyNamed')}
        value={climb.saidBy}
        change={(saidBy) => change({ ...climb, saidBy })}
        options={people.map((p) => ({ value: p.id, label: p.name }))}
      />
      {view.kept && (
        <Chips
          label={msg('spikes')}
          options={yesNo}
          value={said(climb.spikes)}
          onChange={(v) => change({ ...climb, spikes: v === 'yes' })}
        />
      )}
      <h2>{msg('climbKit')}</h2>
      <LookedOver
        label={msg('allOfKit')}
        change={(on) =>
          change({ ...climb, kit: on ? Object.fromEntries(view.choices.climbKit.map((k) => [k.value, on])) : {} })
        }
      />
      {view.choices.climbKit.map((k) => (
        <LookedOver
          key={k.value}
          label={k.words}
          on={kit[k.value]}
          change={(on) => {
            const others = Object.entries(kit).filter(([of]) => of !== k.value);
            change({ ...climb, kit: Object.fromEntries<string>(on ? [...others, [k.value, on]] : others) });
          }}
        />
      ))}
      <Stepper
        label={msg('tieIn')}
        unit="m"
        value={climb.tieInM ?? null}
        onChange={(v) => change({ ...climb, tieInM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0.2}
        max={100}
      />
    </>
  );
}
