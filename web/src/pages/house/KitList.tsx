import { Button, Form, Input, InputNumber, Select } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useKit } from '../../api/job';
import { StepperItem } from '../../ui/StepperItem';
import { useSend } from '../../ui/useSend';
import { HouseList } from './HouseList';
import css from './house.module.css';

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

type Typed = { name: string; count: number; kind: Kind } & Partial<Record<Asked['name'], number | null>>;

/** Saws, wedges, ropes and what else the plans choose from. */
export function Kit({ owner }: { owner: boolean }) {
  const kit = useKit().data ?? [];
  const [form] = Form.useForm<Typed>();
  const { send, sending, refused } = useSend(form);
  const kind = Form.useWatch('kind', form) ?? 'SAW';
  const asks = KINDS.find((k) => k.value === kind)?.asks ?? [];
  const add = async ({ name, count, ...typed }: Typed) => {
    const numbers = Object.fromEntries(
      asks.flatMap((a) => {
        const given = typed[a.name];
        return given === undefined || given === null ? [] : [[a.name, given * a.per]];
      }),
    );
    if (await send(api.POST('/api/house/kit', { body: { kind, name, count, note: '', ...numbers } })))
      form.setFieldsValue({ name: '', count: 1, ...Object.fromEntries(asks.map((a) => [a.name, null])) });
  };
  return (
    <section aria-label="Saws and kit">
      <HouseList
        heading="Saws and kit"
        items={kit}
        says={[
          (k) => `${k.kindWords}${k.count > 1 ? `, ${k.count} of them` : ''}`,
          (k) => <span className="n">{said(k)}</span>,
        ]}
        takeOff={
          owner ? (path, query) => void send(api.DELETE('/api/house/kit/{id}', { params: { path, query } })) : undefined
        }
      />
      {owner && (
        <Form
          form={form}
          name="kit"
          layout="vertical"
          className={css.add}
          requiredMark={false}
          initialValues={{ kind: 'SAW', count: 1 }}
          onFinish={(t) => void add(t)}
          aria-label="Add kit"
        >
          <b>Add a saw or kit</b>
          <Form.Item name="kind" label="Kind">
            <Select aria-label="Kind" options={KINDS.map((k) => ({ value: k.value, label: k.words }))} />
          </Form.Item>
          <Form.Item name="name" label="Called" rules={[{ required: true, message: 'what it is called' }]}>
            <Input maxLength={60} />
          </Form.Item>
          <Form.Item name="count" label="How many">
            <InputNumber />
          </Form.Item>
          {asks.map((a) => (
            <StepperItem key={kind + a.name} name={a.name} label={a.words} unit={a.unit} step={a.step} />
          ))}
          {refused}
          <Button type="primary" size="large" block htmlType="submit" loading={sending}>
            Add to the list
          </Button>
        </Form>
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
