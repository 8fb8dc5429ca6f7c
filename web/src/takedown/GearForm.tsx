import { Chips, Stepper } from '../app/Stepper';
import { BedForm } from './BedForm';
import { GuyForm } from './GuyForm';
import { KitPick } from './KitPick';
import { SecondLineForm } from './SecondLineForm';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Gear = Draft['gear'];
type Props = { job: string; t: Takedown; view: View; leader: boolean };

/** What the pieces hang on, off the house's list; where the line goes, what they land on. */
export function GearForm({ job, t, view, leader }: Props) {
  const gear = t.draft?.gear;
  if (!gear) return null;
  const set = (more: Partial<Gear>) => t.change({ gear: { ...gear, ...more } });
  const pick = (
    name: 'line' | 'block' | 'sling' | 'brake',
    kind: 'ROPE' | 'BLOCK' | 'SLING' | 'BRAKE',
    words: string,
  ) => <KitPick kind={kind} label={words} leader={leader} value={gear[name]} change={(v) => set({ [name]: v })} />;
  return (
    <section aria-label={msg('gear')} className={css.form}>
      {pick('line', 'ROPE', msg('line'))}
      {pick('block', 'BLOCK', msg('block'))}
      {pick('sling', 'SLING', msg('sling'))}
      {pick('brake', 'BRAKE', msg('brake'))}
      <Chips
        label={msg('lineGoes')}
        options={[
          { value: 'trunk', words: msg('downTrunk') },
          { value: 'away', words: msg('awayFrom') },
        ]}
        value={gear.brakeDeg === undefined ? 'trunk' : 'away'}
        onChange={(v) => set({ brakeDeg: v === 'away' ? 180 : undefined })}
      />
      {gear.brakeDeg !== undefined && (
        <>
          <Stepper
            label={msg('brakeBearing')}
            unit="°"
            value={gear.brakeDeg}
            onChange={(v) => v !== null && set({ brakeDeg: v })}
            step={5}
            digits={0}
            min={0}
            max={360}
          />
          <Stepper
            label={msg('brakeAway')}
            unit="m"
            value={gear.brakeAwayM ?? null}
            onChange={(v) => v !== null && set({ brakeAwayM: v })}
            step={1}
            digits={0}
            min={1}
            max={60}
          />
        </>
      )}
      <Stepper
        label={msg('slack')}
        unit="m"
        value={gear.slackM ?? null}
        onChange={(v) => v !== null && set({ slackM: v })}
        step={0.1}
        digits={1}
        min={0}
        max={3}
      />
      <Chips
        label={msg('landsOn')}
        options={view.choices.surfaces.map((s) => ({ value: s.value, words: s.words }))}
        value={t.draft?.surface}
        onChange={(surface) => t.change({ surface })}
      />
      {leader && <BedForm job={job} t={t} view={view} />}
      <SecondLineForm t={t} view={view} leader={leader} />
      <GuyForm t={t} view={view} leader={leader} />
    </section>
  );
}
