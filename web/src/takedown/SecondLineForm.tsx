import { Button } from 'antd';
import { Chips, Stepper } from '../app/Stepper';
import { AnchorForm } from './AnchorForm';
import { KitPick } from './KitPick';
import { useBegun } from './useBegun';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

const NEEDS = ['deg', 'awayM', 'heightM', 'toM', 'letDownM'] as const;

type Second = NonNullable<Draft['gear']['second']>;
type Props = { t: Takedown; view: View; leader: boolean };

/** A second line from another tree: draws across what hangs in the first, or holds it first. */
export function SecondLineForm({ t, view, leader }: Props) {
  const gear = t.draft?.gear;
  const begun = useBegun<Second>(gear?.second, NEEDS, {}, (s) => gear && t.change({ gear: { ...gear, second: s } }));
  if (!gear) return null;
  const second = begun.value;
  if (!second) {
    return leader ? (
      <Button block size="large" onClick={begun.begin}>
        {msg('rigSecond')}
      </Button>
    ) : null;
  }
  const { set, missing } = begun;
  const holds = second.holdsFirst;
  return (
    <section aria-label={msg('secondLine')} className={css.form}>
      <h2>
        {msg('secondLine')} <span>{holds ? msg('secondLineHolds') : msg('secondLineDraws')}</span>
      </h2>
      {missing.length > 0 && <p className="refused">{msg('secondNotYet')}</p>}
      <KitPick
        kind="ROPE"
        label={msg('lineThere')}
        value={second.line}
        change={(line) => set({ line })}
        leader={leader}
      />
      <AnchorForm anchors={view.choices.anchors} value={second} change={set} leader={leader} least={2} most={60} />
      <Stepper
        label={msg('anchorHigh')}
        unit="m"
        value={second.heightM ?? null}
        onChange={(v) => set({ heightM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0.3}
        max={40}
      />
      <Chips
        label={msg('whichFirst')}
        options={[
          { value: 'stem', words: msg('stemFirst') },
          { value: 'other', words: msg('otherFirst') },
        ]}
        value={holds ? 'other' : 'stem'}
        onChange={(v) => set({ holdsFirst: v === 'other' ? (holds ?? {}) : undefined })}
      />
      {holds && (
        <>
          <KitPick
            kind="BRAKE"
            label={msg('frictionThere')}
            value={holds.device}
            change={(device) => set({ holdsFirst: { ...holds, device } })}
            leader={leader}
          />
          <KitPick
            kind="SLING"
            label={msg('slingThere')}
            value={holds.sling}
            change={(sling) => set({ holdsFirst: { ...holds, sling } })}
            leader={leader}
          />
        </>
      )}
      <Stepper
        label={msg('letDown')}
        unit="m"
        value={second.letDownM ?? null}
        onChange={(v) => set({ letDownM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0}
        max={30}
      />
      <Stepper
        label={holds ? msg('landsFromStem') : msg('drawnTo')}
        unit="m"
        value={second.toM ?? null}
        onChange={(v) => set({ toM: v ?? undefined })}
        step={0.5}
        digits={1}
        min={0.5}
        max={second.awayM}
      />
      {leader && (
        <Button type="text" onClick={begun.drop}>
          {msg('takeSecond')}
        </Button>
      )}
    </section>
  );
}
