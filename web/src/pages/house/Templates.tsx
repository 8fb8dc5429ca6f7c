import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Form, Input, Select } from 'antd';
import { api, data, type Schemas } from '../../api/client';
import { useTemplates } from '../../api/job';
import { meansWords, woodWords } from '../../tree/choices';
import { useSend } from '../../ui/useSend';
import { HouseList } from './HouseList';
import css from './house.module.css';
import { msg } from './words';

type Typed = Pick<Schemas['TemplateRequest'], 'name' | 'species' | 'wood' | 'means'> & { straight?: boolean };

const woods = () =>
  woodWords()
    .filter((w, i, all) => all.findIndex((o) => o.tap.wood === w.tap.wood) === i)
    .map((w) => ({
      value: w.tap.wood,
      label: w.tap.wood === 'SOUND' ? msg('alive') : w.words,
    }));
const means = () => meansWords().map((m) => ({ value: m.tap.means, label: m.words }));

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
    <section aria-label={msg('templates')}>
      <HouseList
        heading={msg('aNewTreeBegins')}
        items={templates}
        says={[(t) => [...t.words, ...(t.leanDeg === 0 ? [msg('noLeanSeen')] : [])].join(', ')]}
        takeOff={
          owner
            ? (path, query) => void send(api.DELETE('/api/house/templates/{id}', { params: { path, query } }))
            : undefined
        }
      />
      <p className="s">{msg('whatIsLeftOpen')}</p>
      {owner && (
        <Form
          form={form}
          name="template"
          layout="vertical"
          className={css.add}
          requiredMark={false}
          onFinish={(t) => void add(t)}
          aria-label={msg('addATemplate')}
        >
          <b>{msg('addASortOf')}</b>
          <Form.Item name="name" label={msg('called')} rules={[{ required: true, message: msg('whatTheLeaderTaps') }]}>
            <Input maxLength={40} />
          </Form.Item>
          <Form.Item name="species" label={msg('species')}>
            <Select
              allowClear
              showSearch
              aria-label={msg('species')}
              placeholder={msg('askedAtTheTree')}
              optionFilterProp="label"
              options={species?.map((s) => ({ value: s.key, label: s.words }))}
            />
          </Form.Item>
          <Form.Item name="wood" label={msg('itIs')}>
            <Select allowClear aria-label={msg('itIs')} placeholder={msg('askedAtTheTree')} options={woods()} />
          </Form.Item>
          <Form.Item name="means" label={msg('whatBringsItOver')}>
            <Select
              allowClear
              aria-label={msg('whatBringsItOver')}
              placeholder={msg('askedAtTheTree')}
              options={means()}
            />
          </Form.Item>
          <Form.Item name="straight" valuePropName={msg('checked')}>
            <Checkbox>{msg('noLeanSeen')}</Checkbox>
          </Form.Item>
          {refused}
          <Button type="primary" size="large" block htmlType="submit" loading={sending}>
            {msg('addToTheList')}
          </Button>
        </Form>
      )}
    </section>
  );
}
