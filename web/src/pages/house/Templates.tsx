import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Form, Input, Select } from 'antd';
import { api, data, type Schemas } from '../../api/client';
import { useTemplates } from '../../api/job';
import { MEANS, WOOD } from '../../tree/choices';
import { useSend } from '../../ui/useSend';
import { HouseList } from './HouseList';
import css from './house.module.css';

type Typed = Pick<Schemas['TemplateRequest'], 'name' | 'species' | 'wood' | 'means'> & { straight?: boolean };

const woods = WOOD.filter((w, i, all) => all.findIndex((o) => o.tap.wood === w.tap.wood) === i).map((w) => ({
  value: w.tap.wood,
  label: w.tap.wood === 'SOUND' ? 'alive' : w.words,
}));
const means = MEANS.map((m) => ({ value: m.tap.means, label: m.words }));

/** The sorts of tree the house meets most: one touch on a new tree says all that stands here, the rest is asked. */
export function Templates({ owner }: { owner: boolean }) {
  const templates = useTemplates().data ?? [];
  const species = useQuery({
    queryKey: ['species', 'names'],
    queryFn: () => data(api.GET('/api/house/species', {})),
    staleTime: Infinity,
  }).data;
  const [form] = Form.useForm<Typed>();
  const { send, sending, refused } = useSend(form);
  const add = async ({ straight, ...typed }: Typed) => {
    const body = { ...typed, ...(straight ? { leanDeg: 0 } : {}) };
    if (await send(api.POST('/api/house/templates', { body }))) form.resetFields();
  };
  return (
    <section aria-label="Templates">
      <HouseList
        heading="A new tree begins with"
        items={templates}
        says={[(t) => [...t.words, ...(t.leanDeg === 0 ? ['no lean seen'] : [])].join(', ')]}
        takeOff={
          owner
            ? (path, query) => void send(api.DELETE('/api/house/templates/{id}', { params: { path, query } }))
            : undefined
        }
      />
      <p className="s">What is left open here is asked for at the tree. No number is taken from a template.</p>
      {owner && (
        <Form
          form={form}
          name="template"
          layout="vertical"
          className={css.add}
          requiredMark={false}
          onFinish={(t) => void add(t)}
          aria-label="Add a template"
        >
          <b>Add a sort of tree</b>
          <Form.Item name="name" label="Called" rules={[{ required: true, message: 'what the leader taps' }]}>
            <Input maxLength={40} />
          </Form.Item>
          <Form.Item name="species" label="Species">
            <Select
              allowClear
              showSearch
              aria-label="Species"
              placeholder="asked at the tree"
              optionFilterProp="label"
              options={species?.map((s) => ({ value: s.key, label: s.words }))}
            />
          </Form.Item>
          <Form.Item name="wood" label="It is">
            <Select allowClear aria-label="It is" placeholder="asked at the tree" options={woods} />
          </Form.Item>
          <Form.Item name="means" label="What brings it over">
            <Select allowClear aria-label="What brings it over" placeholder="asked at the tree" options={means} />
          </Form.Item>
          <Form.Item name="straight" valuePropName="checked">
            <Checkbox>no lean seen</Checkbox>
          </Form.Item>
          {refused}
          <Button type="primary" size="large" block htmlType="submit" loading={sending}>
            Add to the list
          </Button>
        </Form>
      )}
    </section>
  );
}
