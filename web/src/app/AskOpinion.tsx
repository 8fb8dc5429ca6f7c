import css from '../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Form, Input, Select, TimePicker } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { usePlanTools } from '../plan/planTools';

type Opinion = { taker: string; phone: string; calledAt: Dayjs; shown: string; readBack: string };
const need = (message: string) => [{ required: true, message }];

/** A second opinion by telephone: whom, which number, when, what was shown, and their words read back to them. */
export default function AskOpinion({ job, f, done }: { job: string; f: Schemas['FindingView']; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const takers = useQuery({
    queryKey: ['takers', job, f.key],
    queryFn: () =>
      data(api.GET('/api/jobs/{job}/opinion-takers', { params: { path: { job }, query: { findingKey: f.key } } })),
  });
  const write = async (o: Opinion) => {
    const body = {
      findingKey: f.key,
      takerId: o.taker,
      byTelephone: true,
      phone: o.phone,
      shown: o.shown,
      calledAt: o.calledAt.toISOString(),
      readBack: o.readBack,
    };
    if (await act(api.POST('/api/jobs/{job}/opinions', { params: { path: { job } }, body }))) done();
  };
  return (
    <Form<Opinion>
      name={`opinion-${f.key}`}
      layout="vertical"
      className="opinion"
      requiredMark={false}
      initialValues={{ calledAt: dayjs() }}
      onFinish={(o) => void write(o)}
    >
      <p className="s">By telephone. On site the taker signs in with their own passphrase and takes it there.</p>
      <div className="three">
        <Form.Item
          name="taker"
          label={`Who, competent for ${takers.data?.competence ?? '…'}`}
          rules={need('who was asked')}
        >
          <Select
            aria-label="Who takes it"
            options={takers.data?.people.map((t) => ({ value: t.id, label: t.name }))}
          />
        </Form.Item>
        <Form.Item name="phone" label="Number called" rules={need('the number called')}>
          <Input aria-label="Telephone" inputMode="tel" maxLength={40} />
        </Form.Item>
        <Form.Item name="calledAt" label="Called at" rules={need('when')}>
          <TimePicker
            aria-label="Called at"
            format="HH:mm"
            allowClear={false}
            needConfirm={false}
            className={css.full}
          />
        </Form.Item>
      </div>
      <div className="two">
        <Form.Item name="shown" label="What was shown" rules={need('what they were shown')}>
          <Input aria-label="What was shown" maxLength={300} />
        </Form.Item>
        <Form.Item name="readBack" label="Their words, read back to them" rules={need('what they said, read back')}>
          <Input aria-label="Read back" maxLength={300} />
        </Form.Item>
      </div>
      <Button type="primary" size="large" htmlType="submit">
        Write it down
      </Button>
    </Form>
  );
}
