import { Button, Form, Input } from 'antd';
import { api } from '../../api/client';
import { useSend } from '../../ui/useSend';
import { msg } from './words';

/** What the next job is to know; the reviewer writes it. */
export function LessonForm({ job }: { job: string }) {
  const [form] = Form.useForm<{ words: string }>();
  const { send, sending, refused } = useSend(form);
  const add = async (body: { words: string }) => {
    const params = { path: { job } };
    if (await send(api.POST('/api/jobs/{job}/review/lessons', { params, body }))) form.resetFields();
  };
  return (
    <Form form={form} name="lesson" layout="vertical" requiredMark={false} onFinish={(l) => void add(l)}>
      <Form.Item name="words" label={msg('lesson')} rules={[{ required: true, message: msg('whatTheNextCrew') }]}>
        <Input.TextArea rows={3} />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        {msg('addTheLesson')}
      </Button>
    </Form>
  );
}
