import { InputNumber } from 'antd';

type Props = { label: string; unit: string; value: number | null; onChange: (v: number | null) => void; step: number; min?: number; max?: number; digits?: number };

/** A number with big buttons, for gloves; typing works as well. */
export function Stepper({ label, unit, value, onChange, step, min, max, digits = 2 }: Props) {
  const move = (by: number) => onChange(Number(((value ?? 0) + by).toFixed(digits)));
  return (
    <label>
      {label} ({unit})
      <span style={{ display: 'grid', gridTemplateColumns: '46px 1fr 46px' }}>
        <button type="button" className="plain" style={{ border: '1px solid var(--mute)' }} aria-label={`${label} less`} onClick={() => move(-step)}>−</button>
        <InputNumber aria-label={label} value={value} onChange={(v) => onChange(typeof v === 'number' ? v : null)} min={min} max={max} step={step} controls={false} style={{ width: '100%' }} />
        <button type="button" className="plain" style={{ border: '1px solid var(--mute)' }} aria-label={`${label} more`} onClick={() => move(step)}>+</button>
      </span>
    </label>
  );
}

/** One of a few, each a big button. */
export function Chips<T extends string | number>({ label, options, value, onChange }: { label: string; options: { value: T; words: string }[]; value?: T; onChange: (v: T) => void }) {
  return (
    <div role="group" aria-label={label}>
      <small>{label}</small>
      <div className="chips">
        {options.map((o) => <button type="button" key={o.value} aria-pressed={o.value === value} onClick={() => onChange(o.value)}>{o.words}</button>)}
      </div>
    </div>
  );
}
