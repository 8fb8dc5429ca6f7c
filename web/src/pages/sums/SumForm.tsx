import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Button, Form, Input, InputNumber, Select, Slider, Switch } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, data, Problem, type Schemas } from '../../api/client';
import { SumAnswer } from './SumAnswer';
import { SumPlot } from './SumPlot';
import css from './sums.module.css';

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

export const compute = (name: string, given: Figures, signal?: AbortSignal): Promise<Figures> =>
  data(api.POST('/api/sums/{name}', { params: { path: { name } }, body: given as never, signal }));

/** The fields of one sum with their ranges, its answer as they change, and how the answer moves. */
export function SumForm({ sum }: { sum: Sum }) {
  const [search, setSearch] = useSearchParams();
  const given = figures(sum, search);
  const [copied, setCopied] = useState(false);
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
    queryKey: ['sum', sum.name, given],
    queryFn: ({ signal }) => compute(sum.name, given, signal),
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
        {more.length > 0 && <h2>What counts unless you say otherwise</h2>}
        {more.map((f) => (
          <One key={f.name} field={f} value={given[f.name]} wrong={wrong(f)} set={(v) => set(f.name, v)} />
        ))}
      </Form>
      <section className={css.answer} aria-label="Answer">
        {missing.length > 0 ? (
          <p>
            Still needed: <b>{missing.map((f) => f.words).join(', ')}</b>.
          </p>
        ) : refused ? (
          <p role="alert" className="refused">
            {refused.message}
          </p>
        ) : (
          answer.data && <SumAnswer answer={answer.data} />
        )}
        {answer.data && missing.length === 0 && !refused && <SumPlot sum={sum} given={given} answer={answer.data} />}
        <Button
          block
          size="large"
          onClick={() => void navigator.clipboard.writeText(window.location.href).then(() => setCopied(true))}
        >
          {copied ? 'Copied: the link opens with these figures' : 'Copy a link with these figures'}
        </Button>
        <p className="s">Local code, the maker’s limits and the qualified person on site outrank every number here.</p>
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
  const label = f.unit ? `${f.words}, ${f.unit}` : f.words;
  const standard = f.standard === undefined ? undefined : JSON.stringify(f.standard);
  return (
    <Form.Item
      label={label}
      tooltip={f.kind === 'number' ? `${f.low} to ${f.high} ${f.unit}` : undefined}
      validateStatus={wrong ? 'error' : undefined}
      help={wrong ?? (standard === undefined || f.kind !== 'number' ? undefined : `else ${standard}`)}
      required={f.required}
    >
      {f.kind === 'number' && (
        <div className={css.number}>
          <Slider
            ariaLabelForHandle={`${label}, slider`}
            min={f.usualLow}
            max={f.usualHigh}
            step={(f.usualHigh - f.usualLow) / 200 || 1}
            tooltip={{ open: false }}
            value={typeof value === 'number' ? value : Number(f.standard ?? f.usualLow)}
            onChange={(v) => set(Number(v.toPrecision(3)))}
          />
          <InputNumber
            aria-label={label}
            value={typeof value === 'number' ? value : null}
            placeholder={standard ?? '–'}
            onChange={set}
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
      {f.kind === 'list' && (
        <Input.TextArea
          aria-label={label}
          autoSize
          placeholder="a list, as [1, 2, 3]"
          defaultValue={value === undefined ? '' : typeof value === 'string' ? value : JSON.stringify(value)}
          onBlur={(e) => set(e.target.value)}
        />
      )}
    </Form.Item>
  );
}
