import css from '../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Form, Input, Select, TimePicker } from 'antd';
import dayjs, { type Dayjs } from 'dayjs';
import { api, data, type Schemas } from '../api/client';
import { useAct } from '../api/job';
import { usePlanTools } from '../plan/planTools';
import { msg } from './words';

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
      <p className="s">{msg('byTelephoneOnSite')}</p>
      <div className="three">
        <Form.Item
          name="taker"
          label={msg('whoCompetentFor', { competence: takers.data?.competence ?? '…' })}
          rules={need('who was asked')}
        >
          <Select
            aria-label={msg('whoTakesIt')}
            options={takers.data?.people.map((t) => ({ value: t.id, label: t.name }))}
          />
        </Form.Item>
        <Form.Item name="phone" label={msg('numberCalled')} rules={need('the number called')}>
          <Input aria-label={msg('telephone')} inputMode="tel" maxLength={40} />
        </Form.Item>
        <Form.Item name="calledAt" label={msg('calledAt')} rules={need('when')}>
          <TimePicker
            aria-label={msg('calledAt')}
            format="HH:mm"
            allowClear={false}
            needConfirm={false}
            className={css.full}
          />
        </Form.Item>
      </div>
      <div className="two">
        <Form.Item name="shown" label={msg('whatWasShown')} rules={need('what they were shown')}>
          <Input aria-label={msg('whatWasShown')} maxLength={300} />
        </Form.Item>
        <Form.Item name="readBack" label={msg('theirWordsReadBack')} rules={need('what they said, read back')}>
          <Input aria-label={msg('readBack')} maxLength={300} />
        </Form.Item>
      </div>
      <Button type="primary" size="large" htmlType="submit">
        {msg('writeItDown')}
      </Button>
    </Form>
  );
}
