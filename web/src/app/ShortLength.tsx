import css from '../ui/layout.module.css';
import { Button, InputNumber } from 'antd';
import { PlusMinus } from '../ui/PlusMinus';
import { useUnits } from '../units/useUnits';
import { msg } from '../words/base';

type Props = {
  label: string;
  value?: number;
  by: number;
  onChange: (metres?: number) => void;
  wrong?: string;
  step?: number;
  note?: string;
  undo?: string;
  blank?: boolean;
};

/** A measure of a cut: millimetres or quarters of an inch, big buttons, the computed one beside the leader's own; a blank one shows nothing until it is entered. */
export function ShortLength({
  label,
  value,
  by,
  onChange,
  wrong,
  step = 0.005,
  note,
  undo = msg('takeIt'),
  blank = false,
}: Props) {
  const inches = useUnits() === 'feet';
  const per = inches ? 0.0254 : 0.001;
  const by1 = inches ? 0.00635 : step;
  const shown = value ?? by;
  const text = Number((shown / per).toFixed(inches ? 2 : 0));
  const rule = `${(by / per).toFixed(inches ? 2 : 0)} ${inches ? 'in' : 'mm'}`;
  return (
    <div className="field">
      <span>
        {label} ({inches ? 'in' : 'mm'})
        {value !== undefined && undo === 'take it' && <b className={css.ink}> {msg('yours')}</b>}
      </span>
      <PlusMinus label={label} by={(way) => onChange(Number((shown + way * by1).toFixed(5)))}>
        <InputNumber
          aria-label={label}
          value={blank && value === undefined ? null : text}
          status={wrong ? 'error' : undefined}
          controls={false}
          className={css.full}
          onChange={(v) =>
            typeof v === 'number' &&
            (value === undefined || Math.abs(v * per - shown) > 1e-6) &&
            onChange(Number((v * per).toFixed(5)))
          }
        />
      </PlusMinus>
      {wrong && (
        <span role="alert" className="wrong">
          {wrong}
        </span>
      )}
      <span className="beside">
        {note ?? msg('computed', { rule })}
        {value !== undefined && undo && (
          <Button type="text" onClick={() => onChange(undefined)}>
            {undo}
          </Button>
        )}
      </span>
    </div>
  );
}
