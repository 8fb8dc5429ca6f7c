import { Button, Checkbox, Form, Input, Select } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useSend } from '../../ui/useSend';
import css from './house.module.css';
import { msg } from './words';
import { type Office, officeWords } from './offices';
import { term } from '../../words/terms';

type New = Schemas['NewPersonRequest'];
const COMPETENCES: New['competences'] = [
  'SAW',
  'WINCH',
  'LOOKOUT',
  'GROUND',
  'HUNG_UP',
  'FIRST_AID',
  'CLIMB',
  'RESCUE',
  'CRANE',
  'MACHINE',
  'NEAR_LINES',
  'SPECIAL_CUTS',
];
const OFFICES: Office[] = ['CREW', 'LEADER', 'REVIEWER', 'OWNER'];

/** Somebody new in the company, with what they may do. */
export function AddPerson() {
  const [form] = Form.useForm<New>();
  const { send, sending, refused } = useSend(form);
  const add = (p: New) =>
    void send(api.POST('/api/people', { body: { ...p, passphrase: p.passphrase || undefined } })).then(
      (added) => added && form.resetFields(),
    );
  return (
    <Form
      form={form}
      name="person"
      layout="vertical"
      className={css.add}
      requiredMark={false}
      initialValues={{ office: 'CREW', competences: [] }}
      onFinish={add}
    >
      <b>{msg('addAPerson')}</b>
      <Form.Item name="name" label={msg('name')} rules={[{ required: true, message: msg('theNameTheyAre') }]}>
        <Input maxLength={80} />
      </Form.Item>
      <Form.Item name="office" label={msg('office')}>
        <Select aria-label={msg('office')} options={OFFICES.map((value) => ({ value, label: officeWords()[value] }))} />
      </Form.Item>
      <Form.Item name="passphrase" label={msg('passphrase12CharactersOr')}>
        <Input.Password autoComplete="new-password" />
      </Form.Item>
      <Form.Item name="competences" label={msg('mayDo')}>
        <Checkbox.Group options={COMPETENCES.map((c) => ({ value: c, label: term('Competence', c) }))} />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        {msg('add')}
      </Button>
    </Form>
  );
}
