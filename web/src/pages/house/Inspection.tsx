import { Button, Checkbox, DatePicker, Modal } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { Stepper } from '../../app/Stepper';
import css from './house.module.css';
import { msg } from './words';

type Props = { k: Schemas['KitView']; owner: boolean; run: (write: Promise<unknown>) => Promise<boolean> };
const DAY = 'D MMM YYYY';

/** Until when a piece of kit is good, and what the last inspection found. */
export function Inspection({ k, owner, run }: Props) {
  const [open, setOpen] = useState(false);
  const [on, setOn] = useState(k.inspectedOn);
  const [due, setDue] = useState(k.dueOn);
  const [withdrawn, setWithdrawn] = useState(k.withdrawn);
  const [left, setLeft] = useState<number | null>(k.leftShare === undefined ? null : 100 * k.leftShare);
  const words = k.withdrawn
    ? msg('withdrawn')
    : k.dueOn
      ? msg('inspectionDue', { date: dayjs(k.dueOn).format(DAY) })
      : msg('inspectionNotKnown');
  if (!owner) return <span>{words}</span>;
  const save = async () => {
    const body = {
      inspectedOn: on,
      dueOn: due,
      withdrawn,
      leftShare: left === null ? undefined : left / 100,
      version: k.version,
    };
    if (await run(api.PUT('/api/house/kit/{id}/inspection', { params: { path: { id: k.id } }, body }))) setOpen(false);
  };
  const day = (label: string, value: string | undefined, change: (d: string | undefined) => void) => (
    <label className={css.day}>
      {label}
      <DatePicker
        aria-label={label}
        size="large"
        format={DAY}
        value={value ? dayjs(value) : null}
        onChange={(d) => change(d ? d.format('YYYY-MM-DD') : undefined)}
      />
    </label>
  );
  return (
    <>
      <Button type="text" onClick={() => setOpen(true)}>
        {words}
      </Button>
      <Modal
        open={open}
        title={msg('inspectionOf', { name: k.name })}
        okText={msg('saveInspection')}
        onOk={() => void save()}
        onCancel={() => setOpen(false)}
      >
        {day(msg('inspectedOn'), on, setOn)}
        {day(msg('dueAgain'), due, setDue)}
        {k.strengthN !== undefined && (
          <Stepper
            label={msg('strengthLeft')}
            unit="%"
            value={left}
            onChange={setLeft}
            step={5}
            digits={0}
            min={10}
            max={100}
          />
        )}
        <Checkbox checked={withdrawn} onChange={(e) => setWithdrawn(e.target.checked)}>
          {msg('withdrawnFromUse')}
        </Checkbox>
      </Modal>
    </>
  );
}
