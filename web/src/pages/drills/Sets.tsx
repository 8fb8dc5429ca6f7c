import { useQuery } from '@tanstack/react-query';
import { Button, DatePicker, Form, Input, Segmented, Select } from 'antd';
import type { Dayjs } from 'dayjs';
import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Schemas } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { Rows } from '../../ui/Rows';
import { useSend } from '../../ui/useSend';
import '../../words/drills';
import { useWords } from '../../words/words';
import css from './drills.module.css';
import { ANSWERS, addressOf, drillSets } from './sets';

type DrillSet = Schemas['DrillSetView'];
type Given = { title: string; kinds: Schemas['GiveRequest']['kinds']; level: number; due: Dayjs };
const LEVELS = [1, 2, 3, 4];

/** Rounds of ten with a last day; who gave one sees the answers of those who took it on, to it alone. */
export function Sets({ kinds }: { kinds: Schemas['DrillKindView'][] }) {
  const t = useWords();
  const known = useQuery(drillSets);
  const { refetch } = known;
  useOutbox(
    ANSWERS,
    useCallback(() => refetch(), [refetch]),
  );
  const [giving, setGiving] = useState(false);
  if (!known.data || (known.data.sets.length === 0 && !known.data.mayGive)) return null;
  return (
    <section aria-label={t('drill.sets')} className={css.kind}>
      <h2>{t('drill.sets')}</h2>
      {known.data.sets.map((s) => (
        <One key={s.id} s={s} />
      ))}
      {giving && <Give kinds={kinds} done={() => setGiving(false)} />}
      {known.data.mayGive && !giving && (
        <Button size="large" block onClick={() => setGiving(true)}>
          {t('drill.give')}
        </Button>
      )}
    </section>
  );
}

function One({ s }: { s: DrillSet }) {
  const t = useWords();
  const navigate = useNavigate();
  const { send, sending, refused } = useSend();
  const take = () => void send(api.PUT('/api/drill-sets/{set}/taken', { params: { path: { set: s.id } } }));
  const answered = s.mine?.answered ?? 0;
  return (
    <section aria-label={s.title}>
      <h3>{s.title}</h3>
      <p className="s">{t('drill.setOf', { by: s.by, due: s.due, over: s.over ? 'yes' : 'no' })}</p>
      {s.mine && (
        <p role="status">
          {t('drill.setMine', { answered, of: s.links.length, right: s.mine.right, points: s.mine.points })}
        </p>
      )}
      {refused}
      {!s.over && !s.mine && (
        <>
          <p className="s">{t('drill.seen', { by: s.by })}</p>
          <Button size="large" block loading={sending} onClick={take}>
            {t('drill.take')}
          </Button>
        </>
      )}
      {!s.over && s.mine && answered < s.links.length && (
        <Button type="primary" size="large" block onClick={() => void navigate(addressOf(s, answered))}>
          {t('drill.setGo', { nth: answered + 1, of: s.links.length })}
        </Button>
      )}
      {s.results.length > 0 && (
        <Rows
          label={t('drill.results', { set: s.title })}
          rows={s.results}
          keyOf={(r) => r.who}
          columns={[
            { head: t('drill.who'), cell: (r) => r.who },
            { head: t('drill.answered'), cell: (r) => r.answered, quantity: true },
            { head: t('drill.right'), cell: (r) => r.right, quantity: true },
            { head: t('drill.pointsHead'), cell: (r) => r.points, quantity: true },
          ]}
        />
      )}
    </section>
  );
}

function Give({ kinds, done }: { kinds: Schemas['DrillKindView'][]; done: () => void }) {
  const t = useWords();
  const [form] = Form.useForm<Given>();
  const { send, sending, refused } = useSend(form);
  const give = async (g: Given) => {
    if (await send(api.POST('/api/drill-sets', { body: { ...g, due: g.due.format('YYYY-MM-DD') } }))) done();
  };
  return (
    <Form
      form={form}
      layout="vertical"
      requiredMark={false}
      initialValues={{ level: 1 }}
      onFinish={(g: Given) => void give(g)}
    >
      <Form.Item name="title" label={t('drill.setTitle')} rules={[{ required: true }]}>
        <Input size="large" maxLength={80} />
      </Form.Item>
      <Form.Item name="kinds" label={t('drill.setKinds')} rules={[{ required: true }]}>
        <Select
          mode="multiple"
          size="large"
          aria-label={t('drill.setKinds')}
          options={kinds.map((k) => ({ value: k.kind, label: k.words }))}
        />
      </Form.Item>
      <Form.Item name="level" label={t('drill.setLevel')}>
        <Segmented block size="large" aria-label={t('drill.setLevel')} options={LEVELS} />
      </Form.Item>
      <Form.Item name="due" label={t('drill.setDue')} rules={[{ required: true }]}>
        <DatePicker size="large" format="ddd D MMM YYYY" allowClear={false} className={css.full} inputReadOnly />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        {t('drill.giveIt')}
      </Button>
      <Button type="text" onClick={done}>
        {t('drill.leave')}
      </Button>
    </Form>
  );
}
