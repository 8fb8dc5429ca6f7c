import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import { Chips, Stepper } from '../app/Stepper';
import { Rows } from '../ui/Rows';
import type { Draft, Takedown, View } from './useTakedown';
import css from './takedown.module.css';
import { msg } from './words';

type Limb = Draft['limbs'][number];
type Props = { t: Takedown; view: View; leader: boolean };
const SIDES = [0, 45, 90, 135, 180, 225, 270, 315];
const THICK = [0.05, 0.08, 0.12, 0.15, 0.2, 0.3];

/** The limbs as lines: where, to which side, how thick, how long. */
export function LimbList({ t, view, leader }: Props) {
  const [atM, setAt] = useState<number | null>(null);
  const [lengthM, setLength] = useState<number | null>(null);
  const [sideDeg, setSide] = useState<number>();
  const [thickM, setThick] = useState<number>();
  const [loose, setLoose] = useState(false);
  const ready = atM !== null && lengthM !== null && sideDeg !== undefined && thickM !== undefined;
  const add = () => {
    if (!ready || !t.draft) return;
    const used = t.draft.limbs.map((l) => Number(l.id.slice(1)));
    const limb: Limb = {
      id: `L${Math.max(0, ...used) + 1}`,
      atM,
      lengthM,
      sideDeg,
      thickM,
      riseDeg: loose ? 0 : 30,
      loose,
    };
    t.change({ limbs: [...t.draft.limbs, limb] });
    setSide(undefined);
    setLoose(false);
  };
  const off = (id: string) =>
    t.draft &&
    t.change({
      limbs: t.draft.limbs.filter((l) => l.id !== id),
      cuts: t.draft.cuts.filter((c) => c.limb !== id),
    });
  return (
    <section aria-label={msg('limbs')}>
      {view.limbs.length > 0 && (
        <Rows
          label={msg('limbs')}
          rows={view.limbs}
          keyOf={(l) => l.id}
          columns={[
            { cell: (l) => <b>{l.id}</b> },
            {
              cell: (l) =>
                msg('limbIs', {
                  side: l.sideWords,
                  at: l.said.atM,
                  thick: l.said.thickM,
                  length: l.said.lengthM,
                  loose: l.loose ? 'yes' : 'no',
                }),
            },
            {
              right: true,
              cell: (l) =>
                leader && (
                  <Button type="text" aria-label={msg('offLimb', { limb: l.id })} onClick={() => off(l.id)}>
                    {msg('off')}
                  </Button>
                ),
            },
          ]}
        />
      )}
      {view.limbs.length === 0 && <p className="empty">{msg('drawLimbs')}</p>}
      {leader && (
        <div className={css.form}>
          <h2>{msg('addLimb')}</h2>
          <Stepper
            label={msg('leavesAt')}
            unit="m"
            value={atM}
            onChange={setAt}
            step={0.5}
            digits={1}
            min={0}
            max={60}
          />
          <Chips
            label={msg('toWhere')}
            options={SIDES.map((value, i) => ({ value, words: msg('side', { side: i }) }))}
            value={sideDeg}
            onChange={setSide}
          />
          <Chips
            label={msg('thick')}
            options={THICK.map((value) => ({ value, words: msg('cm', { cm: Math.round(value * 100) }) }))}
            value={thickM}
            onChange={setThick}
          />
          <Stepper
            label={msg('long')}
            unit="m"
            value={lengthM}
            onChange={setLength}
            step={0.5}
            digits={1}
            min={0.3}
            max={30}
          />
          <Checkbox checked={loose} onChange={(e) => setLoose(e.target.checked)}>
            {msg('loose')}
          </Checkbox>
          <Button size="large" block disabled={!ready} onClick={add}>
            {msg('addIt')}
          </Button>
        </div>
      )}
    </section>
  );
}
