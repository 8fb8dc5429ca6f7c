import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Form, Input, InputNumber, Select, Slider, Switch } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, data, Problem, type Schemas } from '../../api/client';
import { useUnits } from '../../units/useUnits';
import { SumAnswer } from './SumAnswer';
import { SumPlot } from './SumPlot';
import css from './sums.module.css';
import { msg } from './words';

type Sum = Schemas['SumView'];
type Field = Schemas['FieldView'];
export type Figures = Record<string, unknown>;

/** What the address says of the figures; what is no number or list is left to be refused by the server. */
function figures(sum: Sum, search: URLSearchParams): Figures {
  const all: Figures = {};
  for (const f of sum.fields) {
    const raw = search.get(f.name)?.trim();
    if (!raw) continue;
    if (f.kind === 'choice') all[f.name] = raw;
    else
      try {
        all[f.name] = JSON.parse(raw);
      } catch {
        all[f.name] = raw;
      }
  }
  return all;
}

/** A number as it is written in the reader's unit, and back; the address and the server have it in its own. */
const read = (f: Field, v: number): number => Number((v * f.perUnit).toPrecision(5));
const sent = (f: Field, v: number): number => Number((v / f.perUnit).toPrecision(9));

/** Several of the same, or a few that belong together: written as the open interface has them. */
const WRITTEN = ['list', 'numbers', 'pairs', 'group', 'counts', 'named'];

/** The fields of one sum with their ranges, its answer as they change, and how the answer moves. */
export function SumForm({ sum }: { sum: Sum }) {
  const [search, setSearch] = useSearchParams();
  const given = figures(sum, search);
  const [copied, setCopied] = useState(false);
  const units = useUnits();
  const set = (name: string, value: unknown) => {
    setCopied(false);
    setSearch(
      (s) => {
        s.set('sum', sum.name);
        if (value === null || value === undefined || value === '') s.delete(name);
        else s.set(name, typeof value === 'string' ? value : JSON.stringify(value));
        return s;
      },
      { replace: true },
    );
  };
  const missing = sum.fields.filter((f) => f.required && given[f.name] === undefined);
  const answer = useQuery({
    queryKey: ['sum', sum.name, given, units],
    queryFn: ({ signal }) =>
      data(api.POST('/api/sums/{name}/table', { params: { path: { name: sum.name } }, body: given as never, signal })),
    enabled: missing.length === 0,
    placeholderData: keepPreviousData,
  });
  const refused = answer.error instanceof Problem ? answer.error : undefined;
  const wrong = (f: Field) =>
    refused?.faults
      .filter((x) => x.field === f.name || x.field.startsWith(`${f.name}[`))
      .map((x) => x.message)
      .join('; ');
  const needed = sum.fields.filter((f) => f.required);
  const more = sum.fields.filter((f) => !f.required);
  return (
    <>
      <Form layout="vertical" className={css.form} component="div">
        <h2 className={css.title}>{sum.title}</h2>
        {needed.map((f) => (
          <One key={f.name} field={f} value={given[f.name]} wrong={wrong(f)} set={(v) => set(f.name, v)} />
        ))}
        {more.length > 0 && <h2>{msg('whatCountsUnlessYou')}</h2>}
        {more.map((f) => (
          <One key={f.name} field={f} value={given[f.name]} wrong={wrong(f)} set={(v) => set(f.name, v)} />
        ))}
      </Form>
      <section className={css.answer} aria-label={msg('answer')}>
        {missing.length > 0 ? (
          <p>
            {msg('stillNeeded')} <b>{missing.map((f) => f.words).join(', ')}</b>.
          </p>
        ) : refused ? (
          <p role="alert" className="refused">
            {refused.message}
          </p>
        ) : (
          answer.data && <SumAnswer answer={answer.data} />
        )}
        {answer.data && missing.length === 0 && !refused && (
          <SumPlot
            sum={sum}
            given={given}
            about={answer.data.rows.find((r) => r.depth === 0 && r.name === answer.data.main)?.words}
          />
        )}
        <Button
          block
          size="large"
          onClick={() => void navigator.clipboard.writeText(window.location.href).then(() => setCopied(true))}
        >
          {copied ? msg('copiedTheLinkOpens') : msg('copyALinkWith')}
        </Button>
        <p className="s">{msg('localCodeTheMakers')}</p>
      </section>
    </>
  );
}

function One({
  field: f,
  value,
  wrong,
  set,
}: {
  field: Field;
  value: unknown;
  wrong?: string;
  set: (value: unknown) => void;
}) {
  const label = f.reads ? `${f.words}, ${f.reads}` : f.words;
  const standard =
    typeof f.standard === 'number'
      ? String(read(f, f.standard))
      : f.standard === undefined
        ? undefined
        : JSON.stringify(f.standard);
  const low = read(f, f.handyLow);
  const high = read(f, f.handyHigh);
  return (
    <Form.Item
      label={label}
      tooltip={f.kind === 'number' ? msg('to', { f: read(f, f.low), f2: read(f, f.high), reads: f.reads }) : undefined}
      validateStatus={wrong ? 'error' : undefined}
      help={wrong ?? (standard === undefined || f.kind !== 'number' ? undefined : msg('else', { standard }))}
      required={f.required}
    >
      {f.kind === 'number' && (
        <div className={css.number}>
          <Slider
            ariaLabelForHandle={msg('slider', { label })}
            min={low}
            max={high}
            step={(high - low) / 200 || 1}
            tooltip={{ open: false }}
            value={read(f, typeof value === 'number' ? value : Number(f.standard ?? f.handyLow))}
            onChange={(v) => set(sent(f, Number(v.toPrecision(3))))}
          />
          <InputNumber
            aria-label={label}
            value={typeof value === 'number' ? read(f, value) : null}
            placeholder={standard ?? '–'}
            onChange={(v) => set(v === null ? null : sent(f, v))}
          />
        </div>
      )}
      {f.kind === 'choice' && (
        <Select
          aria-label={label}
          value={(value ?? f.standard) as string}
          onChange={set}
          options={f.choices.map((c) => ({ value: c, label: c.replaceAll('_', ' ') }))}
        />
      )}
      {f.kind === 'flag' && <Switch aria-label={label} checked={Boolean(value ?? f.standard)} onChange={set} />}
      {f.kind === 'whole' && (
        <InputNumber
          aria-label={label}
          precision={0}
          value={typeof value === 'number' ? value : null}
          placeholder={standard ?? '–'}
          onChange={set}
        />
      )}
      {f.kind === 'text' && (
        <Input
          aria-label={label}
          defaultValue={typeof value === 'string' ? value : ''}
          onBlur={(e) => set(e.target.value)}
        />
      )}
      {WRITTEN.includes(f.kind) && (
        <Input.TextArea
          aria-label={label}
          autoSize
          placeholder={msg('aListAs1')}
          defaultValue={value === undefined ? '' : typeof value === 'string' ? value : JSON.stringify(value)}
          onBlur={(e) => set(e.target.value)}
        />
      )}
    </Form.Item>
  );
}
