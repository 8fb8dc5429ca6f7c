import { Button, Form, Input, InputNumber, Select } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useKit } from '../../api/job';
import { StepperItem } from '../../ui/StepperItem';
import { useSend } from '../../ui/useSend';
import { HouseList } from './HouseList';
import css from './house.module.css';
import { Inspection } from './Inspection';
import { msg } from './words';

type Kind = Schemas['KitRequest']['kind'];
type Asked = {
  name: 'barM' | 'liftM' | 'lengthM' | 'strengthN' | 'efficiency' | 'madeYear';
  words: string;
  unit: string;
  /** One of the unit in ours. */
  per: number;
  step: number;
};
const bar = (): Asked => ({ name: 'barM', words: msg('usableBar'), unit: 'cm', per: 0.01, step: 5 });
const year = (): Asked => ({ name: 'madeYear', words: msg('madeIn'), unit: '', per: 1, step: 1 });
const load = (): Asked => ({ name: 'strengthN', words: msg('workingLoad'), unit: 'kN', per: 1000, step: 5 });
const kinds = (): { value: Kind; words: string; asks: Asked[] }[] => [
  { value: 'SAW', words: msg('saw'), asks: [bar()] },
  {
    value: 'WEDGE',
    words: msg('wedge'),
    asks: [
      { name: 'liftM', words: msg('thickAtTheButt'), unit: 'mm', per: 0.001, step: 5 },
      { name: 'lengthM', words: msg('long'), unit: 'mm', per: 0.001, step: 10 },
    ],
  },
  { value: 'HAMMER', words: msg('hammer'), asks: [] },
  {
    value: 'LEVER',
    words: msg('fellingLever'),
    asks: [{ name: 'lengthM', words: msg('long'), unit: 'cm', per: 0.01, step: 10 }],
  },
  {
    value: 'ROPE',
    words: msg('rope'),
    asks: [
      { name: 'strengthN', words: msg('breakingStrength'), unit: 'kN', per: 1000, step: 5 },
      { name: 'lengthM', words: msg('long'), unit: 'm', per: 1, step: 5 },
      year(),
    ],
  },
  { value: 'SLING', words: msg('sling'), asks: [load(), year()] },
  {
    value: 'BLOCK',
    words: msg('block'),
    asks: [load(), { name: 'efficiency', words: msg('pullPassedOn0'), unit: '', per: 1, step: 0.01 }],
  },
  {
    value: 'WINCH',
    words: msg('winch'),
    asks: [{ name: 'strengthN', words: msg('ratedPull'), unit: 'kN', per: 1000, step: 1 }],
  },
];

type Typed = { name: string; count: number; kind: Kind } & Partial<Record<Asked['name'], number | null>>;

/** Saws, wedges, ropes and what else the plans choose from. */
export function Kit({ owner }: { owner: boolean }) {
  const kit = useKit().data ?? [];
  const [form] = Form.useForm<Typed>();
  const { send, sending, refused } = useSend(form);
  const kind = Form.useWatch('kind', form) ?? 'SAW';
  const asks = kinds().find((k) => k.value === kind)?.asks ?? [];
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
    <section aria-label={msg('sawsAndKit')}>
      <HouseList
        heading={msg('sawsAndKit')}
        items={kit}
        says={[
          (k) => msg('line', { kindWords: k.kindWords, count: k.count > 1 ? msg('ofThem', { count: k.count }) : '' }),
          (k) => <span className="n">{said(k)}</span>,
          (k) => <Inspection k={k} owner={owner} run={(w) => send(w)} />,
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
          aria-label={msg('addKit')}
        >
          <b>{msg('addASawOr')}</b>
          <Form.Item name="kind" label={msg('kind')}>
            <Select aria-label={msg('kind')} options={kinds().map((k) => ({ value: k.value, label: k.words }))} />
          </Form.Item>
          <Form.Item name="name" label={msg('called')} rules={[{ required: true, message: msg('whatItIsCalled') }]}>
            <Input maxLength={60} />
          </Form.Item>
          <Form.Item name="count" label={msg('howMany')}>
            <InputNumber />
          </Form.Item>
          {asks.map((a) => (
            <StepperItem key={kind + a.name} name={a.name} label={a.words} unit={a.unit} step={a.step} />
          ))}
          {refused}
          <Button type="primary" size="large" block htmlType="submit" loading={sending}>
            {msg('addToTheList')}
          </Button>
        </Form>
      )}
    </section>
  );
}

function said(k: Schemas['KitView']): string {
  const parts = [
    k.barM !== undefined && msg('bar', { barM: k.said.barM ?? '' }),
    k.liftM !== undefined && msg('lift', { liftM: k.said.liftM ?? '' }),
    k.lengthM !== undefined && msg('longWithLengthM', { lengthM: k.said.lengthM ?? '' }),
    k.strengthN !== undefined &&
      `${k.said.strengthN} ${k.kind === 'ROPE' ? msg('breaking') : k.kind === 'WINCH' ? msg('pull') : msg('working')}`,
    k.efficiency !== undefined && msg('passesOn', { efficiency: k.efficiency }),
    k.madeYear !== undefined && msg('made', { madeYear: k.madeYear }),
  ];
  return parts.filter(Boolean).join(', ');
}
