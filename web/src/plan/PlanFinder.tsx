import { Button, Checkbox, Popover, Select } from 'antd';
import { useState } from 'react';
import { GROUND, PICTURE, SAID } from './layers/registry';
import { usePlanView } from './planView';
import type { PlanScene } from './scene';
import css from './plan.module.css';
import { msg } from './words';

type Props = { scene: PlanScene; onStem: (id: string) => void; onFeature: (id: string) => void };

const SWITCHED = [...GROUND, ...SAID, PICTURE].filter((l) => l.words);
const ALL = SWITCHED.map((l) => l.key);
const choices = () => SWITCHED.map((l) => ({ value: l.key, label: l.words }));

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
    <div className={css.finder} data-over>
      <Popover
        trigger="click"
        placement="bottomLeft"
        open={open}
        onOpenChange={setOpen}
        content={
          <div className={css.find}>
            <Select
              aria-label={msg('findOnThePlan')}
              placeholder={msg('findOnThePlan')}
              className="wide"
              showSearch={{ optionFilterProp: 'label' }}
              value={null}
              onChange={(id: string) => find(id)}
              options={[
                { label: msg('stems'), options: stems },
                { label: msg('onThePlace'), options: things },
              ]}
            />
            <Checkbox.Group
              aria-label={msg('shownOnThePlan')}
              className={css.shown}
              options={choices()}
              value={ALL.filter((k) => !hidden.includes(k))}
              onChange={(keys) => show(ALL, keys)}
            />
          </div>
        }
      >
        <Button>{hidden.length > 0 ? msg('findNotShown', { hiddenCount: hidden.length }) : msg('findShow')}</Button>
      </Popover>
    </div>
  );
}
