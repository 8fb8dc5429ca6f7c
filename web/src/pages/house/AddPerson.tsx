import { Button, Checkbox, Form, Input, Select } from 'antd';
import { api, type Schemas } from '../../api/client';
import { useSend } from '../../ui/useSend';
import css from './house.module.css';

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
const OFFICES = (['CREW', 'LEADER', 'REVIEWER', 'OWNER'] as const).map((o) => ({ value: o, label: o.toLowerCase() }));

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
      <b>Add a person</b>
      <Form.Item name="name" label="Name" rules={[{ required: true, message: 'the name they are called by' }]}>
        <Input maxLength={80} />
      </Form.Item>
      <Form.Item name="office" label="Office">
        <Select aria-label="Office" options={OFFICES} />
      </Form.Item>
      <Form.Item name="passphrase" label="Passphrase (12 characters or more; crew need none)">
        <Input.Password autoComplete="new-password" />
      </Form.Item>
      <Form.Item name="competences" label="May do">
        <Checkbox.Group options={COMPETENCES.map((c) => ({ value: c, label: c.toLowerCase().replaceAll('_', '-') }))} />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        Add
      </Button>
    </Form>
  );
}
