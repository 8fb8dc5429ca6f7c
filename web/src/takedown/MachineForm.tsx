import { Checkbox, Collapse } from 'antd';
import { Chips, Stepper } from '../app/Stepper';
import { Pick } from './Pick';
import type { Crane, CraneView, SetUp } from './useCrane';
import css from './takedown.module.css';
import { msg } from './words';

type Props = { c: Crane; view: CraneView; open: boolean; setOpen: (open: boolean) => void };
type Number = {
  name: keyof SetUp & keyof CraneView;
  label: string;
  unit: string;
  step: number;
  digits: number;
  most: number;
};

/** What hangs on the hook beside the piece, what the slings bear, where it is laid down. */
const numbers = (): Number[] => [
  { name: 'massKg', label: msg('craneMassKg'), unit: 'kg', step: 100, digits: 0, most: 2_000_000 },
  { name: 'hookKg', label: msg('craneHookKg'), unit: 'kg', step: 5, digits: 0, most: 100_000 },
  { name: 'slingsKg', label: msg('craneSlingsKg'), unit: 'kg', step: 5, digits: 0, most: 100_000 },
  { name: 'attachmentKg', label: msg('craneAttachmentKg'), unit: 'kg', step: 10, digits: 0, most: 100_000 },
  { name: 'slingN', label: msg('craneSlingN'), unit: 'N', step: 1000, digits: 0, most: 10_000_000 },
  { name: 'legM', label: msg('craneLegM'), unit: 'm', step: 0.5, digits: 1, most: 60 },
  { name: 'hookLineM', label: msg('craneHookLineM'), unit: 'm', step: 1, digits: 0, most: 100 },
  { name: 'marginM', label: msg('craneMarginM'), unit: 'm', step: 0.1, digits: 1, most: 20 },
  { name: 'windLimitMs', label: msg('craneWindLimitMs'), unit: 'm/s', step: 1, digits: 0, most: 30 },
  { name: 'makersN', label: msg('craneMakersN'), unit: 'N', step: 1000, digits: 0, most: 10_000_000 },
];

export function MachineForm({ c, view, open, setOpen }: Props) {
  // as it is typed: what it comes to follows
  const set = c.draft ?? view;
  const landing = set.landing;
  return (
    <Collapse
      ghost
      activeKey={open ? ['machine'] : []}
      onChange={(keys) => setOpen(keys.length > 0)}
      items={[
        {
          key: 'machine',
          label: msg('machine'),
          children: (
            <div className={css.form}>
              <HowItStands
                stands={set.stands ?? {}}
                machines={view.machines}
                change={(stands) => c.change({ stands })}
              />
              {numbers().map((n) => (
                <Stepper
                  key={n.name}
                  label={n.label}
                  unit={n.unit}
                  value={(set[n.name] as number | undefined) ?? null}
                  onChange={(v) => c.change({ [n.name]: v ?? undefined })}
                  step={n.step}
                  digits={n.digits}
                  min={0}
                  max={n.most}
                />
              ))}
              {landing && (
                <>
                  <Stepper
                    label={msg('landingLength')}
                    unit="m"
                    value={landing.lengthM}
                    onChange={(v) => v !== null && c.change({ landing: { ...landing, lengthM: v } })}
                    step={0.5}
                    digits={1}
                    min={0.2}
                  />
                  <Stepper
                    label={msg('landingWidth')}
                    unit="m"
                    value={landing.widthM}
                    onChange={(v) => v !== null && c.change({ landing: { ...landing, widthM: v } })}
                    step={0.5}
                    digits={1}
                    min={0.2}
                  />
                </>
              )}
              <Checkbox checked={set.tagLine} onChange={(e) => c.change({ tagLine: e.target.checked })}>
                {msg('tagLine')}
              </Checkbox>
            </div>
          ),
        },
      ]}
    />
  );
}

type Stands = NonNullable<SetUp['stands']>;

/** Which machine it is, so that its way in is checked; its level and the ground under its pads. */
function HowItStands({
  stands,
  machines,
  change,
}: {
  stands: Stands;
  machines: string[];
  change: (s: Stands) => void;
}) {
  return (
    <>
      <Pick
        label={msg('whichMachine')}
        none={msg('notChosen')}
        value={stands.machine}
        change={(machine) => change({ ...stands, machine })}
        options={machines.map((m) => ({ value: m, label: m }))}
      />
      <Stepper
        label={msg('outOfLevel')}
        unit="°"
        value={stands.outOfLevelDeg ?? null}
        onChange={(v) => change({ ...stands, outOfLevelDeg: v ?? undefined })}
        step={0.1}
        digits={1}
        min={0}
        max={20}
      />
      <Chips
        label={msg('ice')}
        options={[
          { value: 'no', words: msg('no') },
          { value: 'yes', words: msg('yes') },
        ]}
        value={stands.ice === undefined ? undefined : stands.ice ? 'yes' : 'no'}
        onChange={(v) => change({ ...stands, ice: v === 'yes' })}
      />
    </>
  );
}
