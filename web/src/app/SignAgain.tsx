import { App, Button, Form, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, Problem } from '../api/client';
import { NO_ANSWER } from '../api/job';

/** Before a go, house rules and people: PIN or passphrase once more. What was pressed goes on by itself then. */
export default function SignAgain({ answer }: { answer: (proved: boolean) => void }) {
  const [refused, setRefused] = useState('');
  const [form] = Form.useForm<{ secret: string }>();
  const prove = async ({ secret }: { secret: string }) => {
    try {
      await api.POST('/api/session/again', { body: { secret } });
      answer(true);
    } catch (e) {
      setRefused(e instanceof Problem ? e.message : NO_ANSWER);
    }
  };
  return (
    <>
      <App>
        <Modal open title="Who gives it?" onCancel={() => answer(false)} footer={null} destroyOnHidden>
          <p>It is a while since you proved who you are. Your PIN or your passphrase, then it goes on.</p>
          <Form form={form} layout="vertical" onFinish={(v) => void prove(v)} requiredMark={false}>
            <Form.Item
              name="secret"
              label="PIN or passphrase"
              rules={[{ required: true, message: 'PIN or passphrase' }]}
              validateStatus={refused ? 'error' : undefined}
              help={refused || undefined}
            >
              {/* the dialog asks for one thing; whoever stands in the wood types at once */}
              {/* eslint-disable-next-line jsx-a11y/no-autofocus */}
              <Input.Password autoFocus autoComplete="current-password" />
            </Form.Item>
            <Button type="primary" htmlType="submit" block size="large">
              Go on
            </Button>
          </Form>
        </Modal>
      </App>
    </>
  );
}
