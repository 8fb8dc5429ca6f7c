import { Button, DatePicker, Form, Input, Modal } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { api, data } from '../api/client';
import css from '../ui/layout.module.css';
import { useSend } from '../ui/useSend';
import { msg } from './words';

type New = { name: string; place: string; visitOn: Dayjs };

/** A new job: what the crew calls it, where it is, and when. */
export default function NewJob({ done, leave }: { done: (id: string) => void; leave: () => void }) {
  const [form] = Form.useForm<New>();
  const { send, sending, refused } = useSend(form);
  const open = ({ name, place, visitOn }: New) => {
    const body = { name, place, visitOn: visitOn.format('YYYY-MM-DD') };
    void send(data(api.POST('/api/jobs', { body })).then((made) => done(made.jobId)));
  };
  return (
    <Modal open title={msg('aNewJob')} footer={null} onCancel={leave}>
      <Form
        form={form}
        name="job"
        layout="vertical"
        requiredMark={false}
        initialValues={{ visitOn: dayjs() }}
        onFinish={open}
      >
        <Form.Item name="name" label={msg('name')} rules={[{ required: true, message: msg('whatTheCrewCalls') }]}>
          <Input maxLength={80} />
        </Form.Item>
        <Form.Item name="place" label={msg('place')} rules={[{ required: true, message: msg('whereItIsIn') }]}>
          <Input maxLength={200} />
        </Form.Item>
        <Form.Item name="visitOn" label={msg('visitOn')} rules={[{ required: true, message: msg('theDay') }]}>
          <DatePicker format="ddd D MMM YYYY" allowClear={false} className={css.full} inputReadOnly />
        </Form.Item>
        {refused}
        <Button type="primary" size="large" block htmlType="submit" loading={sending}>
          {msg('openTheJob')}
        </Button>
      </Form>
    </Modal>
  );
}
