import { Button, Form, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../api/client';
import { useSend } from '../ui/useSend';

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
      <h1>Antevid</h1>
      <p className="s">See the whole cut before the saw starts.</p>
      <Form
        form={form}
        name="sign-in"
        layout="vertical"
        requiredMark={false}
        className="form"
        onFinish={(s) => void signIn(s)}
      >
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'the name the house knows you by' }]}>
          <Input autoComplete="username" />
        </Form.Item>
        <Form.Item name="passphrase" label="Passphrase" rules={[{ required: true, message: 'your passphrase' }]}>
          <Input type="password" autoComplete="current-password" />
        </Form.Item>
        {refused}
        <Button type="primary" size="large" block htmlType="submit" loading={sending}>
          Sign in
        </Button>
      </Form>
      <p>
        Crew: <Link to="/join">join a job with its code</Link>
      </p>
    </main>
  );
}
