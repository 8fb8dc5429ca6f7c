import { Button, Checkbox, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { Rows } from '../ui/Rows';
import type { Crane, CraneView } from './useCrane';
import css from './takedown.module.css';
import { msg } from './words';

type Props = { c: Crane; view: CraneView; leader: boolean };

/** What the display showed of each piece; an odd one stops all until somebody says what it was. */
export function Readings({ c, view, leader }: Props) {
  const read = new Set(view.readings.map((r) => r.piece));
  const first = view.picks.find((p) => !read.has(p.number)) ?? view.picks.at(0);
  const [picked, setPicked] = useState<number>();
  const [kg, setKg] = useState<number | null>(null);
  const [free, setFree] = useState(false);
  const [why, setWhy] = useState('');
  const piece = picked ?? first?.number;
  if (piece === undefined || !view.id) return null;
  const write = async () => {
    if (kg === null || !(await c.weigh(piece, kg, free))) return;
    setKg(null);
    setFree(false);
    setPicked(undefined);
  };
  const odd = view.oddId;
  return (
    <section aria-label={msg('readings')}>
      <h2>
        {msg('readings')} <span>{msg('readingsLearn')}</span>
      </h2>
      {odd && leader && (
        <div className={css.form}>
          <Input
            size="large"
            aria-label={msg('oddWhy')}
            placeholder={msg('oddWhy')}
            maxLength={200}
            value={why}
            onChange={(e) => setWhy(e.target.value)}
          />
          <Button size="large" disabled={!why.trim()} onClick={() => void c.found(odd, why)}>
            {msg('oddFound')}
          </Button>
        </div>
      )}
      <div className={css.form}>
        <Select
          size="large"
          aria-label={msg('readingOf')}
          value={piece}
          onChange={setPicked}
          options={view.picks.map((p) => ({ value: p.number, label: msg('piece', { piece: p.number }) }))}
        />
        <InputNumber
          size="large"
          aria-label={msg('displayReads')}
          placeholder={msg('displayReads')}
          suffix="kg"
          min={0}
          value={kg}
          onChange={setKg}
        />
        <Checkbox checked={free} onChange={(e) => setFree(e.target.checked)}>
          {msg('hungFree')}
        </Checkbox>
        <Button size="large" disabled={kg === null} onClick={() => void write()}>
          {msg('writeReading')}
        </Button>
      </div>
      {view.readings.length > 0 && (
        <Rows
          label={msg('readings')}
          rows={view.readings}
          keyOf={(r) => r.id}
          voided={(r) => !r.free}
          columns={[
            { head: msg('pieceHead'), cell: (r) => `${r.piece} ${r.kind}` },
            { head: msg('reckoned'), quantity: true, cell: (r) => r.said.estKg },
            { head: msg('weighed'), quantity: true, cell: (r) => <b>{r.said.weighedKg}</b> },
            { head: msg('readBy'), cell: (r) => [r.who, r.why].filter(Boolean).join(': ') },
          ]}
        />
      )}
    </section>
  );
}
