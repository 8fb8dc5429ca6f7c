import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useJob } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { words } from '../../units/format';

type Entry = Schemas['PlacesEntry'];
const KINDS: Entry['kind'][] = [
  'BUILDING',
  'GLASS',
  'ROAD',
  'PATH',
  'OVERHEAD_LINE',
  'BURIED',
  'FENCE',
  'WALL',
  'HEDGE',
  'WATER',
  'OTHER_TREE',
  'VEHICLE',
  'ANIMAL_PEN',
  'BEEHIVES',
  'BED',
  'COMPOST',
  'SURFACE',
  'FOOTBRIDGE',
  'BOAT',
  'LANDING_BED',
  'MACHINE_STAND',
  'MEETING_POINT',
  'ACCESS',
  'WORK_POSITION',
  'OTHER',
];
const KIND_WORDS: Partial<Record<Entry['kind'], string>> = {
  GLASS: 'glasshouse',
  BURIED: 'buried pipe, tank, drain field',
  BED: 'planting',
  SURFACE: 'lawn or paved surface',
  ACCESS: 'way in',
};
const PROTECTIONS: Entry['protection'][] = [
  'NONE',
  'MOVE',
  'EMPTY',
  'COVER',
  'CUSHION',
  'SWITCH_OFF',
  'CLOSE',
  'TAKE_DOWN',
];
const VOLTAGES = [
  ['NOT_KNOWN', 'not known'],
  ['TELEPHONE', 'phone'],
  ['LOW', 'low voltage'],
  ['HIGH', 'high voltage'],
  ['TRACTION', 'railway'],
] as const;
const BEDS = [
  ['LOG', 'log'],
  ['HUMP', 'hump'],
  ['DITCH', 'ditch'],
  ['HARD', 'hard'],
  ['SOFT', 'soft turf'],
] as const;
const PEOPLE = new Set<Entry['kind']>([
  'BUILDING',
  'GLASS',
  'FOOTBRIDGE',
  'BOAT',
  'PATH',
  'ROAD',
  'VEHICLE',
  'ANIMAL_PEN',
]);

/** All that is written of one feature but its place. A stored one is changed at once, its texts when they are left. */
export function FeatureForm({
  entry: e,
  change,
  stored = false,
}: {
  entry: Entry;
  change: (over: Partial<Entry>) => void;
  stored?: boolean;
}) {
  const { job = '' } = useParams();
  const people = useJob(job).data?.people ?? [];
  const more = (over: Partial<Entry['more']>) => change({ more: { ...e.more, ...over } });
  const [agreed, setAgreed] = useState(e.agreedBy);
  return (
    <div className="form">
      <div className="two">
        <label>
          Name
          <Text
            label={stored ? 'Name' : 'Name of the target'}
            value={e.name}
            set={(name) => change({ name })}
            live={!stored}
          />
        </label>
        <label>
          Kind
          <Select
            aria-label={stored ? 'Kind' : 'Kind of the target'}
            showSearch
            value={e.kind}
            optionFilterProp="label"
            onChange={(kind) => change({ kind })}
            options={KINDS.map((k) => ({ value: k, label: KIND_WORDS[k] ?? words(k) }))}
          />
        </label>
      </div>
      <Chips
        label="Worth (0 is no target, 4 must never be hit)"
        value={e.worth}
        options={[0, 1, 2, 3, 4].map((v) => ({ value: v, words: String(v) }))}
        onChange={(worth) => change({ worth })}
      />
      {e.kind === 'OVERHEAD_LINE' && (
        <Chips
          label="What it carries"
          value={e.more.voltage ?? 'NOT_KNOWN'}
          options={VOLTAGES.map(([value, w]) => ({ value, words: w }))}
          onChange={(voltage) => more({ voltage })}
        />
      )}
      {e.kind === 'LANDING_BED' && (
        <Chips
          label="What a stem lands on"
          value={e.more.bed}
          options={BEDS.map(([value, w]) => ({ value, words: w }))}
          onChange={(bed) => more({ bed })}
        />
      )}
      {PEOPLE.has(e.kind) && (
        <div className="two">
          <label>
            Who is in it
            <Text label="Who is in it" value={e.more.inside} set={(inside) => more({ inside })} live={!stored} />
          </label>
          <label>
            When
            <Text label="When" value={e.more.occupied} set={(occupied) => more({ occupied })} live={!stored} />
          </label>
        </div>
      )}
      {e.worth > 0 && (
        <div className="two">
          <label>
            Protection
            <Select
              aria-label="Protection"
              value={e.protection}
              options={PROTECTIONS.map((p) => ({ value: p, label: words(p) }))}
              onChange={(protection) => change({ protection, protectionDone: false })}
            />
          </label>
          <label>
            Who does it
            <Select
              aria-label="Who does it"
              value={e.protectedBy || undefined}
              options={people.map((p) => ({ value: p.name, label: p.name }))}
              onChange={(protectedBy) => change({ protectedBy })}
            />
          </label>
        </div>
      )}
      {stored && e.protection !== 'NONE' && (
        <Chips
          label="Protection"
          value={e.protectionDone ? 1 : 0}
          options={[
            { value: 0, words: 'not done' },
            { value: 1, words: 'done' },
          ]}
          onChange={(v) => change({ protectionDone: v === 1 })}
        />
      )}
      {e.worth > 0 && (
        <div className={`two ${css.atTheFoot}`}>
          <label>
            May be hit, agreed by
            <Input
              aria-label="Agreed by"
              value={agreed}
              onChange={(x) => setAgreed(x.target.value)}
              placeholder="name of the owner"
            />
          </label>
          {e.mayBeHit ? (
            <Button
              size="large"
              block
              className={css.fieldButton}
              onClick={() => change({ mayBeHit: false, agreedBy: '' })}
            >
              Must not be hit
            </Button>
          ) : (
            <Button
              size="large"
              block
              className={css.fieldButton}
              disabled={agreed.trim() === ''}
              onClick={() => change({ mayBeHit: true, agreedBy: agreed })}
            >
              It may be hit
            </Button>
          )}
        </div>
      )}
      {e.form === 'POINT' && (
        <Stepper
          label="Radius"
          unit="m"
          value={e.radiusM}
          onChange={(v) => v !== null && v >= 0 && change({ radiusM: v })}
          step={0.5}
          digits={1}
        />
      )}
      {e.form === 'POLYGON' && (
        <div className="two">
          <Stepper
            label="Own slope"
            unit="°"
            value={e.more.slopeDeg ?? null}
            onChange={(v) =>
              more({ slopeDeg: v ?? undefined, downhillDeg: v === null ? undefined : (e.more.downhillDeg ?? 0) })
            }
            step={1}
            digits={0}
          />
          <Stepper
            label="falls to"
            unit="°"
            value={e.more.downhillDeg ?? null}
            onChange={(v) => more({ downhillDeg: v === null ? undefined : ((v % 360) + 360) % 360 })}
            step={15}
            digits={0}
          />
        </div>
      )}
    </div>
  );
}

function Text({ label, value, set, live }: { label: string; value: string; set: (v: string) => void; live: boolean }) {
  const [text, setText] = useState(value);
  return (
    <Input
      aria-label={label}
      value={text}
      maxLength={80}
      onChange={(e) => {
        setText(e.target.value);
        if (live) set(e.target.value);
      }}
      onBlur={() => !live && text !== value && set(text)}
    />
  );
}
