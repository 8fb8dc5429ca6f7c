import css from '../ui/layout.module.css';
import { Pairs } from '../ui/Rows';
import { Button, Input, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, data, Problem, type Schemas } from '../api/client';
import { TopBar } from '../app/TopBar';

/** Every calculator on its own, drawn from what the server says of its fields. */
export default function SumsPage() {
  const sums = useQuery({ queryKey: ['sums'], queryFn: () => data(api.GET('/api/sums', {})), staleTime: Infinity });
  const [name, setName] = useState('diameter');
  const sum = sums.data?.find((s) => s.name === name);
  return (
    <>
      <TopBar />
      <main className="sums">
        <h1>Sums</h1>
        <p className="s">
          Every computation on its own, no job needed. Local code, the maker’s limits and the qualified person on site
          outrank every number here.
        </p>
        <div className="chips" role="group" aria-label="Sums">
          {sums.data?.map((s) => (
            <Button
              type={s.name === name ? 'primary' : 'default'}
              key={s.name}
              aria-pressed={s.name === name}
              onClick={() => setName(s.name)}
            >
              {s.title}
            </Button>
          ))}
        </div>
        {sum && <One key={sum.name} sum={sum} />}
      </main>
    </>
  );
}

const range = (f: Schemas['FieldView']): string =>
  f.kind === 'number'
    ? `${f.low} to ${f.high} ${f.unit}${f.required ? ', needed' : f.standard === undefined ? '' : `, else ${JSON.stringify(f.standard)}`}`
    : f.kind === 'list'
      ? 'a list, as JSON'
      : '';

function One({ sum }: { sum: Schemas['SumView'] }) {
  const [values, setValues] = useState<Record<string, string>>({});
  const [answer, setAnswer] = useState<Record<string, unknown>>();
  const [refused, setRefused] = useState('');
  async function compute() {
    const body: Record<string, unknown> = {};
    try {
      for (const f of sum.fields) {
        const raw = values[f.name]?.trim();
        if (!raw) continue;
        body[f.name] =
          f.kind === 'number'
            ? Number.isNaN(Number(raw))
              ? raw
              : Number(raw)
            : f.kind === 'choice'
              ? raw
              : JSON.parse(raw);
      }
      setAnswer(
        await data(api.POST('/api/sums/{name}', { params: { path: { name: sum.name } }, body: body as never })),
      );
      setRefused('');
    } catch (e) {
      setAnswer(undefined);
      setRefused(
        e instanceof Problem
          ? e.faults.map((f) => `${f.field} ${f.message}`).join('; ') || e.message
          : 'A list must be written as JSON.',
      );
    }
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void compute();
      }}
    >
      <h2>
        {sum.title} <span className="n">{sum.name}</span>
      </h2>
      <div className={`form ${css.cardsWide}`}>
        {sum.fields.map((f) => (
          <label key={f.name}>
            <span className="n">{f.name}</span>
            {f.kind === 'choice' ? (
              <Select
                aria-label={f.name}
                value={values[f.name] ?? (f.standard as unknown as string)}
                onChange={(c) => setValues({ ...values, [f.name]: c })}
                options={f.choices.map((c) => ({ value: c, label: c }))}
              />
            ) : (
              <Input
                value={values[f.name] ?? ''}
                onChange={(e) => setValues({ ...values, [f.name]: e.target.value })}
              />
            )}
            <small>{range(f)}</small>
          </label>
        ))}
      </div>
      <Button type="primary" size="large" block htmlType="submit">
        Compute
      </Button>
      {refused && (
        <p className="refused" role="alert">
          {refused}
        </p>
      )}
      {answer && (
        <Pairs
          label="Answer"
          rows={Object.entries(answer)
            .filter(([k]) => k !== 'ok' && k !== 'errors')
            .map(
              ([k, v]) =>
                [
                  <span className="n">{k}</span>,
                  <b>
                    {v === null ? 'not known' : typeof v === 'number' ? Number(v.toPrecision(6)) : JSON.stringify(v)}
                  </b>,
                ] as const,
            )}
        />
      )}
    </form>
  );
}
