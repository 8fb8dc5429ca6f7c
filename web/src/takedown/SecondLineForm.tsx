import { Button } from 'antd';
import { Stepper } from '../app/Stepper';
import { AnchorForm } from './AnchorForm';
import { LinePick } from './LinePick';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Second = NonNullable<Draft['gear']['second']>;
type Props = { t: Takedown; view: View; leader: boolean };

/** A second line from another tree: draws across what hangs in the first. */
export function SecondLineForm({ t, view, leader }: Props) {
  const gear = t.draft?.gear;
  if (!gear) return null;
  const second = gear.second;
  const put = (s?: Second) => t.change({ gear: { ...gear, second: s } });
  const near = view.anchors.at(0);
  if (!second) {
    return leader ? (
      <Button
        block
        size="large"
        onClick={() =>
          put({
            deg: near?.deg ?? 0,
            awayM: near?.awayM ?? 10,
            sound: near?.sound,
            heightM: 6,
            toM: (near?.awayM ?? 10) / 2,
            letDownM: 3,
          })
        }
      >
        {msg('rigSecond')}
      </Button>
    ) : null;
  }
  const set = (more: Partial<Second>) => put({ ...second, ...more });
  return (
    <section aria-label={msg('secondLine')} className={css.form}>
      <h2>
        {msg('secondLine')} <span>{msg('secondLineDraws')}</span>
      </h2>
      <LinePick value={second.line} change={(line) => set({ line })} leader={leader} />
      <AnchorForm anchors={view.anchors} value={second} change={set} leader={leader} least={2} most={60} />
      <Stepper
        label={msg('anchorHigh')}
        unit="m"
        value={second.heightM}
        onChange={(v) => v !== null && set({ heightM: v })}
        step={0.5}
        digits={1}
        min={0.3}
        max={40}
      />
      <Stepper
        label={msg('letDown')}
        unit="m"
        value={second.letDownM}
        onChange={(v) => v !== null && set({ letDownM: v })}
        step={0.5}
        digits={1}
        min={0}
        max={30}
      />
      <Stepper
        label={msg('drawnTo')}
        unit="m"
        value={second.toM}
        onChange={(v) => v !== null && set({ toM: v })}
        step={0.5}
        digits={1}
        min={0.5}
        max={second.awayM}
      />
      {leader && (
        <Button type="text" onClick={() => put(undefined)}>
          {msg('takeSecond')}
        </Button>
      )}
    </section>
  );
}
