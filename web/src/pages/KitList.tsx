import css from '../ui/layout.module.css';
import { Rows } from '../ui/Rows';
import { Button, Input, InputNumber, Select } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, Problem, type Schemas } from '../api/client';
import { NO_ANSWER, useKit } from '../api/job';
import { field } from '../app/field';
import { Stepper } from '../app/Stepper';

type Kind = Schemas['KitRequest']['kind'];
type Asked = {
  name: 'barM' | 'liftM' | 'lengthM' | 'strengthN' | 'efficiency' | 'madeYear';
  words: string;
  unit: string;
  /** One of the unit in ours. */
  per: number;
  step: number;
};
const BAR: Asked = { name: 'barM', words: 'Usable bar', unit: 'cm', per: 0.01, step: 5 };
const YEAR: Asked = { name: 'madeYear', words: 'Made in', unit: '', per: 1, step: 1 };
const LOAD: Asked = { name: 'strengthN', words: 'Working load', unit: 'kN', per: 1000, step: 5 };
const KINDS: { value: Kind; words: string; asks: Asked[] }[] = [
  { value: 'SAW', words: 'saw', asks: [BAR] },
  {
    value: 'WEDGE',
    words: 'wedge',
    asks: [
      { name: 'liftM', words: 'Thick at the butt', unit: 'mm', per: 0.001, step: 5 },
      { name: 'lengthM', words: 'Long', unit: 'mm', per: 0.001, step: 10 },
    ],
  },
  { value: 'HAMMER', words: 'hammer', asks: [] },
  {
    value: 'LEVER',
    words: 'felling lever',
    asks: [{ name: 'lengthM', words: 'Long', unit: 'cm', per: 0.01, step: 10 }],
  },
  {
    value: 'ROPE',
    words: 'rope',
    asks: [
      { name: 'strengthN', words: 'Breaking strength', unit: 'kN', per: 1000, step: 5 },
      { name: 'lengthM', words: 'Long', unit: 'm', per: 1, step: 5 },
      YEAR,
    ],
  },
  { value: 'SLING', words: 'sling', asks: [LOAD, YEAR] },
  {
    value: 'BLOCK',
    words: 'block',
    asks: [LOAD, { name: 'efficiency', words: 'Pull passed on (0.9)', unit: '', per: 1, step: 0.01 }],
  },
  {
    value: 'WINCH',
    words: 'winch',
    asks: [{ name: 'strengthN', words: 'Rated pull', unit: 'kN', per: 1000, step: 1 }],
  },
];

/** Saws, wedges, ropes and what else the plans choose from. */
export function Kit({ owner }: { owner: boolean }) {
  const kit = useKit().data ?? [];
  const queries = useQueryClient();
  const [kind, setKind] = useState<Kind>('SAW');
  const [faults, setFaults] = useState<{ field: string; message: string }[]>([]);
  const [typed, setTyped] = useState<Partial<Record<Asked['name'], number | null>>>({});
  const asks = KINDS.find((k) => k.value === kind)!.asks;
  async function run(write: Promise<unknown>) {
    try {
      await write;
      setFaults([]);
      await queries.invalidateQueries({ queryKey: ['kit'] });
      return true;
    } catch (e) {
      setFaults(
        e instanceof Problem
          ? e.faults.length
            ? e.faults
            : [{ field: '', message: e.message }]
          : [{ field: '', message: NO_ANSWER }],
      );
      return false;
    }
  }
  async function add(e: FormEvent<HTMLFormElement>) {
    e.preventDefault();
    const form = e.currentTarget;
    const f = new FormData(form);
    const numbers = Object.fromEntries(
      asks.flatMap((a) => {
        const given = typed[a.name];
        return given === undefined || given === null ? [] : [[a.name, given * a.per]];
      }),
    );
    if (
      await run(
        api.POST('/api/house/kit', {
          body: {
            kind,
            name: field(f, 'name'),
            count: Number(f.get('count') || 1),
            note: '',
            ...numbers,
          },
        }),
      )
    ) {
      form.reset();
      setTyped({});
    }
  }
  const wrong = (field: string) => faults.find((x) => x.field === field)?.message;
  return (
    <section aria-label="Saws and kit">
      <h2>
        Saws and kit <span>{kit.length}</span>
      </h2>
      <Rows
        rows={kit}
        keyOf={(k) => k.id}
        columns={[
          { cell: (k) => <b>{k.name}</b> },
          { cell: (k) => `${k.kindWords}${k.count > 1 ? `, ${k.count} of them` : ''}` },
          { cell: (k) => <span className="n">{said(k)}</span> },
          {
            right: true,
            cell: (k) =>
              owner && (
                <Button
                  type="text"
                  onClick={() =>
                    void run(
                      api.DELETE('/api/house/kit/{id}', {
                        params: { path: { id: k.id }, query: { version: k.version } },
                      }),
                    )
                  }
                >
                  Take off the list
                </Button>
              ),
          },
        ]}
      />
      {owner && (
        <form className={`door ${css.apart}`} onSubmit={(e) => void add(e)} aria-label="Add kit">
          <b>Add a saw or kit</b>
          <label>
            Kind
            <Select
              aria-label="Kind"
              value={kind}
              onChange={(k) => {
                setKind(k);
                setTyped({});
              }}
              options={KINDS.map((k) => ({ value: k.value, label: k.words }))}
            />
          </label>
          <label>
            Called
            <Input name="name" required maxLength={60} />
          </label>
          <label>
            How many
            <InputNumber name="count" defaultValue={1} />
          </label>
          {asks.map((a) => (
            <Stepper
              key={kind + a.name}
              label={a.words}
              unit={a.unit}
              value={typed[a.name] ?? null}
              onChange={(v) => setTyped({ ...typed, [a.name]: v })}
              step={a.step}
              wrong={wrong(a.name)}
            />
          ))}
          {faults
            .filter((x) => !asks.some((a) => a.name === x.field))
            .map((x) => (
              <p key={x.field} role="alert" className="refused">
                {x.message}
              </p>
            ))}
          <Button type="primary" size="large" block htmlType="submit">
            Add to the list
          </Button>
        </form>
      )}
    </section>
  );
}

function said(k: Schemas['KitView']): string {
  const parts = [
    k.barM !== undefined && `${k.said.barM} bar`,
    k.liftM !== undefined && `${k.said.liftM} lift`,
    k.lengthM !== undefined && `${k.said.lengthM} long`,
    k.strengthN !== undefined &&
      `${k.said.strengthN} ${k.kind === 'ROPE' ? 'breaking' : k.kind === 'WINCH' ? 'pull' : 'working'}`,
    k.efficiency !== undefined && `passes on ${k.efficiency}`,
    k.madeYear !== undefined && `made ${k.madeYear}`,
  ];
  return parts.filter(Boolean).join(', ');
}
