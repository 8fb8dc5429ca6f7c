import { Select } from 'antd';
import css from './takedown.module.css';

type Props<T extends string> = {
  label: string;
  /** Said while nothing is chosen. */
  none: string;
  value?: T;
  options: { value: T; label: string }[];
  change: (value?: T) => void;
  disabled?: boolean;
};

/** One of a list, its name above; what is chosen can be taken back. */
export function Pick<T extends string>({ label, none, value, options, change, disabled }: Props<T>) {
  return (
    <label className={css.pick}>
      {label}
      <Select<T>
        size="large"
        allowClear
        disabled={disabled}
        aria-label={label}
        placeholder={none}
        value={value}
        onChange={(v?: T) => change(v)}
        options={options}
      />
    </label>
  );
}
