import { Button, Checkbox, Popover, Select } from 'antd';
import { useState } from 'react';
import { GROUND, PICTURE, SAID } from './layers/registry';
import { usePlanView } from './planView';
import type { PlanScene } from './scene';
import css from './plan.module.css';

type Props = { scene: PlanScene; onStem: (id: string) => void; onFeature: (id: string) => void };

const SWITCHED = [...GROUND, ...SAID, PICTURE].flatMap((l) => (l.words ? [{ value: l.key, label: l.words }] : []));
const ALL = SWITCHED.map((l) => l.value);

/** Everything on the plan as a list that brings it into the middle, and what of the plan is shown. */
export function PlanFinder({ scene, onStem, onFeature }: Props) {
  const { hidden, show, look } = usePlanView();
  const [open, setOpen] = useState(false);
  const stems = scene.stems.map((s) => ({ value: s.id, label: `${s.label} ${s.commonName}`, at: s.at }));
  const things = scene.features.map((f) => ({ value: f.id, label: f.entry.name, at: f.mark }));
  const find = (id: string) => {
    const found = [...stems, ...things].find((x) => x.value === id);
    if (!found) return;
    look(found.at);
    if (stems.some((s) => s.value === id)) onStem(id);
    else onFeature(id);
    setOpen(false);
  };
  return (
    <div className={css.finder}>
      <Popover
        trigger="click"
        placement="bottomLeft"
        open={open}
        onOpenChange={setOpen}
        content={
          <div className={css.find}>
            <Select
              aria-label="Find on the plan"
              placeholder="Find on the plan"
              className="wide"
              showSearch={{ optionFilterProp: 'label' }}
              value={null}
              onChange={(id: string) => find(id)}
              options={[
                { label: 'Stems', options: stems },
                { label: 'On the place', options: things },
              ]}
            />
            <Checkbox.Group
              aria-label="Shown on the plan"
              className={css.shown}
              options={SWITCHED}
              value={ALL.filter((k) => !hidden.includes(k))}
              onChange={(keys) => show(ALL, keys)}
            />
          </div>
        }
      >
        <Button>{hidden.length > 0 ? `Find; ${hidden.length} not shown` : 'Find, show'}</Button>
      </Popover>
    </div>
  );
}
