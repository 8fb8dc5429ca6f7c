import css from '../../ui/layout.module.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { Chips, Stepper } from '../../app/Stepper';
import { length } from '../../units/length';
import { msg } from './words';

export type DefectEntry = Schemas['DefectRequest'];
const FACES = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'];

/** One fault: kind, height, side, extent, how it was found, and the signs that tell harmless from dangerous. */
export function DefectForm({
  choices,
  from,
  topM,
  measured,
  record,
  leave,
}: {
  choices: Schemas['Choices'];
  from: { fromM: number; faceDeg: number };
  topM?: number;
  measured: number[];
  record: (d: DefectEntry) => void;
  leave: () => void;
}) {
  const [kind, setKind] = useState<DefectEntry['kind']>('CRACK');
  const [low, setLow] = useState<number | null>(from.fromM);
  const [high, setHigh] = useState<number | null>(Math.min(topM ?? 120, from.fromM + 0.5));
  const [face, setFace] = useState<number | null>(from.faceDeg);
  const [width, setWidth] = useState<number | null>(null);
  const [depth, setDepth] = useState<number | null>(null);
  const [found, setFound] = useState<Schemas['FoundChoice']['key']>('SEEN');
  const [tells, setTells] = useState<Schemas['TellChoice']['key'][]>([]);
  const choice = choices.defects.find((d) => d.key === kind);
  return (
    <section className={`form ${css.formAbove}`} aria-label={msg('newDefect')}>
      <label>
        {msg('kind')}
        <Select
          aria-label={msg('kindOfDefect')}
          showSearch
          optionFilterProp="label"
          value={kind}
          options={choices.defects.map((d) => ({ value: d.key, label: d.words }))}
          onChange={(k) => {
            setKind(k);
            setTells([]);
          }}
        />
      </label>
      <div className="two">
        <Stepper label={msg('from')} unit="m" value={low} onChange={setLow} step={0.1} digits={1} />
        <Stepper label={msg('to')} unit="m" value={high} onChange={setHigh} step={0.1} digits={1} />
      </div>
      {measured.length > 0 && (
        <Chips
          label={msg('heightAsMeasured')}
          onChange={(v) => {
            setLow(Number(v.toFixed(1)));
            setHigh(Number((v + 0.5).toFixed(1)));
          }}
          options={measured.map((v) => ({ value: v, words: length(v) }))}
        />
      )}
      <Chips
        label={msg('onTheSideTo')}
        value={face === null ? undefined : Math.round(face / 45) % 8}
        onChange={(i) => setFace(i * 45)}
        options={FACES.map((words, value) => ({ value, words }))}
      />
      <div className="two">
        <Stepper label={msg('across')} unit="m" value={width} onChange={setWidth} step={0.05} digits={2} />
        <Stepper label={msg('intoTheStem')} unit="m" value={depth} onChange={setDepth} step={0.05} digits={2} />
      </div>
      <Chips
        label={msg('howItWasFound')}
        value={found}
        onChange={setFound}
        options={choices.found.map((f) => ({ value: f.key, words: f.words }))}
      />
      {choice && choice.tells.length > 0 && (
        <div role="group" aria-label={msg('signs')}>
          <small>{msg('whatTellsThemApart')}</small>
          <div className="chips">
            {choice.tells.map((t) => (
              <Button
                type={tells.includes(t.key) ? 'primary' : 'default'}
                key={t.key}
                aria-pressed={tells.includes(t.key)}
                onClick={() => setTells(tells.includes(t.key) ? tells.filter((x) => x !== t.key) : [...tells, t.key])}
              >
                {t.words}
              </Button>
            ))}
          </div>
        </div>
      )}
      <Button
        type="primary"
        size="large"
        block
        disabled={low === null || high === null || face === null}
        onClick={() =>
          record({
            kind,
            fromM: low ?? 0,
            toM: high ?? 0,
            faceDeg: face ?? 0,
            widthM: width ?? undefined,
            depthM: depth ?? undefined,
            found,
            tells,
            extent: '',
            note: '',
          })
        }
      >
        {msg('recordTheDefect')}
      </Button>
      <Button type="text" onClick={leave}>
        {msg('leaveIt')}
      </Button>
    </section>
  );
}
