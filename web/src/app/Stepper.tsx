import css from '../ui/layout.module.css';
import { Button, Input, InputNumber, Tabs as AntTabs } from 'antd';
import { useEffect, useState } from 'react';
import { feetInches, IMPERIAL, parseLength, stepM } from '../units/length';
import { PlusMinus } from '../ui/PlusMinus';
import { useUnits } from '../units/useUnits';
import '../words/seeing';
import { useWords } from '../words/words';

type Props = {
  label: string;
  unit: string;
  /** What the number counts from or to: up, out, north. */
  way?: string;
  value: number | null;
  onChange: (v: number | null) => void;
  step: number;
  min?: number;
  max?: number;
  digits?: number;
  wrong?: string;
  note?: string;
  undo?: () => void;
};

/** A number with big buttons, for gloves; typing works as well. It is typed in the person's own units, given in ours. */
export function Stepper({ label, unit, way, value, onChange, step, min, max, digits = 2, wrong, note, undo }: Props) {
  const t = useWords();
  const feet = useUnits() === 'feet';
  const imperial = feet && unit === 'm';
  const other = feet ? IMPERIAL[unit] : undefined;
  const per = other?.per ?? 1;
  const by = imperial ? stepM(step) : (other?.step ?? step) / per;
  // what is typed stays as it was typed: out of its range it is said, never brought into it without a word
  const outside =
    value === null || ((min === undefined || value >= min) && (max === undefined || value <= max))
      ? undefined
      : between(t, min, max, imperial ? feetInches : (v) => String(Number((v * per).toFixed(other?.digits ?? digits))));
  const move = (d: number) => onChange(Number(((value ?? 0) + d).toFixed(imperial || other ? 4 : digits)));
  return (
    <div className="field">
      {label} {unit && `(${[imperial ? 'ft in' : (other?.unit ?? unit), way].filter(Boolean).join(' ')})`}
      <PlusMinus label={label} by={(sign) => move(sign * by)}>
        {imperial ? (
          <Said label={label} value={value} onChange={onChange} />
        ) : (
          <InputNumber
            aria-label={label}
            value={value === null || !other ? value : Number((value * per).toFixed(other.digits))}
            onChange={(v) => onChange(typeof v === 'number' ? (other ? Number((v / per).toFixed(4)) : v) : null)}
            step={other?.step ?? step}
            status={wrong || outside ? 'error' : undefined}
            controls={false}
            className={css.full}
          />
        )}
      </PlusMinus>
      {wrong || outside ? (
        <span role="alert" className="wrong">
          {wrong ?? outside}
        </span>
      ) : (
        note && (
          <span className="beside">
            {note}
            {undo && (
              <Button type="text" onClick={undo}>
                {t('amount.takeIt')}
              </Button>
            )}
          </span>
        )
      )}
    </div>
  );
}

const between = (
  t: ReturnType<typeof useWords>,
  min: number | undefined,
  max: number | undefined,
  say: (v: number) => string,
): string =>
  min === undefined
    ? t('amount.atMost', { high: say(max ?? 0) })
    : max === undefined
      ? t('amount.orMore', { low: say(min) })
      : t('amount.between', { low: say(min), high: say(max) });

/** A length as people say it; what is no length stays standing, marked, and counts as not given. */
function Said({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | null;
  onChange: (v: number | null) => void;
}) {
  const [text, setText] = useState(value === null ? '' : feetInches(value));
  const [wrong, setWrong] = useState(false);
  useEffect(() => {
    setText(value === null ? '' : feetInches(value));
  }, [value]);
  const read = () => {
    const metres =
      text.trim() === ''
        ? null
        : parseLength(
            text.replace('′', "'").replace('″', '"').replace('¼', ' 1/4').replace('½', ' 1/2').replace('¾', ' 3/4'),
            'feet',
          );
    setWrong(text.trim() !== '' && metres === null);
    if (text.trim() !== '' && metres === null) return;
    if (metres === null || value === null || Math.abs(metres - value) > 0.003)
      onChange(metres === null ? null : Number(metres.toFixed(4)));
  };
  return (
    <Input
      aria-label={label}
      value={text}
      status={wrong ? 'error' : undefined}
      placeholder={'5\' 7 1/2"'}
      onChange={(e) => setText(e.target.value)}
      onBlur={read}
      onPressEnter={read}
    />
  );
}

/** One of a few, each a big button. */
export function Chips<T extends string | number>({
  label,
  heard = false,
  options,
  value,
  onChange,
}: {
  label: string;
  /** The label stands above already: it is only for who hears the page. */
  heard?: boolean;
  options: { value: T; words: string }[];
  value?: T;
  onChange: (v: T) => void;
}) {
  return (
    <div role="group" aria-label={label}>
      {label && !heard && <small>{label}</small>}
      <div className="chips">
        {options.map((o) => (
          <Button
            type={o.value === value ? 'primary' : 'default'}
            key={o.value}
            aria-pressed={o.value === value}
            onClick={() => onChange(o.value)}
          >
            {o.words}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** The parts of a panel, one shown at a time. */
export function Tabs<T extends string>({
  label,
  tabs,
  value,
  onChange,
}: {
  label: string;
  tabs: { value: T; words: string; mark?: boolean }[];
  value: T;
  onChange: (v: T) => void;
}) {
  return (
    <AntTabs
      className="parts"
      aria-label={label}
      activeKey={value}
      onChange={(chosen) => onChange(chosen as T)}
      tabBarGutter={16}
      items={tabs.map((t) => ({
        key: t.value,
        label: (
          <>
            {t.words}
            {t.mark && <i aria-hidden="true"> •</i>}
          </>
        ),
      }))}
    />
  );
}
