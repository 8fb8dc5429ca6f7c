import { Button, Form, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { useSend } from '../ui/useSend';
import { msg } from './words';

type Secrets = { name: string; passphrase: string };

export default function SignIn() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [form] = Form.useForm<Secrets>();
  const { send, sending, refused } = useSend(form);
  useEffect(() => void api.GET('/api/session', {}).catch(() => undefined), []);
  const signIn = async (body: Secrets) => {
    if (!(await send(api.POST('/api/session', { body })))) return;
    queries.clear();
    void navigate('/');
  };
  return (
    <main className="door">
      <h1>{msg('antevid')}</h1>
      <p className="s">{msg('seeTheWholeCut')}</p>
      <Form
        form={form}
        name="sign-in"
        layout="vertical"
        requiredMark={false}
        className="form"
        onFinish={(s) => void signIn(s)}
      >
        <Form.Item name="name" label={msg('name')} rules={[{ required: true, message: msg('theNameTheHouse') }]}>
          <Input autoComplete="username" />
        </Form.Item>
        <Form.Item
          name="passphrase"
          label={msg('passphrase')}
          rules={[{ required: true, message: msg('yourPassphrase') }]}
        >
          <Input type="password" autoComplete="current-password" />
        </Form.Item>
        {refused}
        <Button type="primary" size="large" block htmlType="submit" loading={sending}>
          {msg('signIn')}
        </Button>
      </Form>
      <p>
        {msg('crew')} <Link to="/join">{msg('joinAJobWith')}</Link>
      </p>
    </main>
  );
}
