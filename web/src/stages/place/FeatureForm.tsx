import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import type { Schemas } from '../../api/client';
import { useJob } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { msg } from './words';
import { term } from '../../words/terms';

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
const VOLTAGES = ['NOT_KNOWN', 'TELEPHONE', 'LOW', 'HIGH', 'TRACTION'] as const;
const BEDS = ['LOG', 'HUMP', 'DITCH', 'HARD', 'SOFT'] as const;
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
          {msg('name')}
          <Text
            label={stored ? msg('name') : msg('nameOfTheTarget')}
            value={e.name}
            set={(name) => change({ name })}
            live={!stored}
          />
        </label>
        <label>
          {msg('kind')}
          <Select
            aria-label={stored ? msg('kind') : msg('kindOfTheTarget')}
            showSearch
            value={e.kind}
            optionFilterProp="label"
            onChange={(kind) => change({ kind })}
            options={KINDS.map((k) => ({ value: k, label: term('FeatureKind', k) }))}
          />
        </label>
      </div>
      <Chips
        label={msg('worth0IsNo')}
        value={e.worth}
        options={[0, 1, 2, 3, 4].map((v) => ({ value: v, words: String(v) }))}
        onChange={(worth) => change({ worth })}
      />
      {e.kind === 'OVERHEAD_LINE' && (
        <Chips
          label={msg('whatItCarries')}
          value={e.more.voltage ?? 'NOT_KNOWN'}
          options={VOLTAGES.map((value) => ({ value, words: term('VoltageClass', value) }))}
          onChange={(voltage) => more({ voltage })}
        />
      )}
      {e.kind === 'LANDING_BED' && (
        <Chips
          label={msg('whatAStemLands')}
          value={e.more.bed}
          options={BEDS.map((value) => ({ value, words: term('Bed', value) }))}
          onChange={(bed) => more({ bed })}
        />
      )}
      {PEOPLE.has(e.kind) && (
        <div className="two">
          <label>
            {msg('whoIsInIt')}
            <Text label={msg('whoIsInIt')} value={e.more.inside} set={(inside) => more({ inside })} live={!stored} />
          </label>
          <label>
            {msg('when')}
            <Text label={msg('when')} value={e.more.occupied} set={(occupied) => more({ occupied })} live={!stored} />
          </label>
        </div>
      )}
      {e.worth > 0 && (
        <div className="two">
          <label>
            {msg('protection')}
            <Select
              aria-label={msg('protection')}
              value={e.protection}
              options={PROTECTIONS.map((p) => ({ value: p, label: term('Protection', p) }))}
              onChange={(protection) => change({ protection, protectionDone: false })}
            />
          </label>
          <label>
            {msg('whoDoesIt')}
            <Select
              aria-label={msg('whoDoesIt')}
              value={e.protectedBy || undefined}
              options={people.map((p) => ({ value: p.name, label: p.name }))}
              onChange={(protectedBy) => change({ protectedBy })}
            />
          </label>
        </div>
      )}
      {stored && e.protection !== 'NONE' && (
        <Chips
          label={msg('protection')}
          value={e.protectionDone ? 1 : 0}
          options={[
            { value: 0, words: msg('notDone') },
            { value: 1, words: msg('done') },
          ]}
          onChange={(v) => change({ protectionDone: v === 1 })}
        />
      )}
      {e.worth > 0 && (
        <div className={`two ${css.atTheFoot}`}>
          <label>
            {msg('mayBeHitAgreed')}
            <Input
              aria-label={msg('agreedBy')}
              value={agreed}
              onChange={(x) => setAgreed(x.target.value)}
              placeholder={msg('nameOfTheOwner')}
            />
          </label>
          {e.mayBeHit ? (
            <Button
              size="large"
              block
              className={css.fieldButton}
              onClick={() => change({ mayBeHit: false, agreedBy: '' })}
            >
              {msg('mustNotBeHit')}
            </Button>
          ) : (
            <Button
              size="large"
              block
              className={css.fieldButton}
              disabled={agreed.trim() === ''}
              onClick={() => change({ mayBeHit: true, agreedBy: agreed })}
            >
              {msg('itMayBeHit')}
            </Button>
          )}
        </div>
      )}
      {e.form === 'POINT' && (
        <Stepper
          label={msg('radius')}
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
            label={msg('ownSlope')}
            unit="°"
            value={e.more.slopeDeg ?? null}
            onChange={(v) =>
              more({ slopeDeg: v ?? undefined, downhillDeg: v === null ? undefined : (e.more.downhillDeg ?? 0) })
            }
            step={1}
            digits={0}
          />
          <Stepper
            label={msg('fallsTo')}
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
