import { msg } from './words';
import { App, Button, Form, Input, Modal } from 'antd';
import { useState } from 'react';
import { api, Problem } from '../api/client';
import { noAnswer } from '../api/job';

/** Before a go, house rules and people: PIN or passphrase once more. What was pressed goes on by itself then. */
export default function SignAgain({ answer }: { answer: (proved: boolean) => void }) {
  const [refused, setRefused] = useState('');
  const [form] = Form.useForm<{ secret: string }>();
  const prove = async ({ secret }: { secret: string }) => {
    try {
      await api.POST('/api/session/again', { body: { secret } });
      answer(true);
    } catch (e) {
      setRefused(e instanceof Problem ? e.message : noAnswer());
    }
  };
  return (
    <>
      <App>
        <Modal open title={msg('whoGivesIt')} onCancel={() => answer(false)} footer={null} destroyOnHidden>
          <p>{msg('itIsAWhile')}</p>
          <Form form={form} layout="vertical" onFinish={(v) => void prove(v)} requiredMark={false}>
            <Form.Item
              name="secret"
              label={msg('pinOrPassphrase')}
              rules={[{ required: true, message: msg('pinOrPassphrase') }]}
              validateStatus={refused ? 'error' : undefined}
              help={refused || undefined}
            >
              {/* the dialog asks for one thing; whoever stands in the wood types at once */}
              {/* eslint-disable-next-line jsx-a11y/no-autofocus */}
              <Input.Password autoFocus autoComplete="current-password" />
            </Form.Item>
            <Button type="primary" htmlType="submit" block size="large">
              {msg('goOn')}
            </Button>
          </Form>
        </Modal>
      </App>
    </>
  );
}
