import { Button, Checkbox, Form, Select } from 'antd';
import { useEffect } from 'react';
import { api, type Schemas } from '../../api/client';
import { STEPS } from '../../lessons/thresholds';
import { StepperItem } from '../../ui/StepperItem';
import { useSend } from '../../ui/useSend';
import { useTerms } from '../../words/words';
import css from './house.module.css';
import { msg } from './words';
import '../../words/terms';

type Rules = Schemas['HouseView'];
const SCHOOLS: Rules['usualSchool'][] = ['CONVENTIONAL', 'OPEN_FACE', 'HUMBOLDT', 'DEEP_FACE', 'THIN_HINGE'];
const REGIONAL: Rules['regional'] = ['FACE', 'TRIGGER', 'HOLDING_WOOD'];

/** The numbers the house sets, each beside the usual one and what that rests on, and the words of its region. */
export function RulesForm({ rules, owner }: { rules: Rules; owner: boolean }) {
  const [form] = Form.useForm<Rules>();
  const { send, sending, refused, saved } = useSend(form);
  const term = useTerms();
  // another has changed them, or they were just stored
  useEffect(() => form.setFieldsValue(rules), [form, rules]);
  const save = (v: Rules) => void send(api.PUT('/api/house', { body: { ...v, version: rules.version } }));
  return (
    <Form
      form={form}
      name="rules"
      layout="vertical"
      className={css.rules}
      initialValues={rules}
      disabled={!owner}
      onFinish={save}
    >
      {rules.thresholds.map((t) => (
        <StepperItem
          key={t.key}
          name={t.field}
          label={t.words}
          {...STEPS[t.key]}
          min={t.low}
          max={t.high}
          note={msg('usual', {
            usual: t.usual,
            source: t.source,
            learned: t.learned ? t.inForce : 'none',
          })}
        />
      ))}
      <Form.Item name="usualSchool" label={msg('typeOfCutThat')}>
        <Select
          aria-label={msg('typeOfCutThat')}
          options={SCHOOLS.map((s) => ({ value: s, label: term('School', s) }))}
        />
      </Form.Item>
      <Form.Item name="regional" label={msg('wordsOfOurRegion')}>
        <Checkbox.Group options={REGIONAL.map((r) => ({ value: r, label: term('Regional', r) }))} />
      </Form.Item>
      {refused}
      {saved}
      {owner && (
        <Button type="primary" size="large" block htmlType="submit" loading={sending}>
          {msg('saveTheHouseRules')}
        </Button>
      )}
    </Form>
  );
}
