import { Slider } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useRunLog } from '../../api/job';
import { clock } from '../../units/format';
import { msg } from './words';

/** What was written from the go of a fall on; a slider runs through it. */
export function FromGo({ job, o }: { job: string; o: Schemas['Outcome'] }) {
  const log = useRunLog(job).data ?? [];
  const [chosen, setChosen] = useState(0);
  if (!o.goAt) return null;
  const from = Date.parse(o.goAt);
  const until = Date.parse(o.at);
  const lines = log
    .filter((l) => Date.parse(l.at) >= from && Date.parse(l.at) <= until)
    .sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const line = lines.at(Math.min(chosen, lines.length - 1));
  if (!line || lines.length < 2) return null;
  return (
    <section aria-label={msg('fromGoOf', { stem: o.stem })}>
      <h2>
        {msg('fromGo')} <span>{msg('lines', { n: lines.length })}</span>
      </h2>
      <Slider
        min={0}
        max={lines.length - 1}
        value={Math.min(chosen, lines.length - 1)}
        onChange={setChosen}
        dots
        ariaLabelForHandle={msg('fromGo')}
        ariaValueTextFormatterForHandle={(n) => lines[n]?.says.words ?? ''}
        tooltip={{ open: false }}
      />
      <p role="status">
        <span className="n">{clock(line.at)}</span> {line.who}: <b>{line.says.words}</b>
      </p>
    </section>
  );
}
