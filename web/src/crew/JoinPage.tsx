import css from '../ui/layout.module.css';
import { Button, Form, Input } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, data, type Schemas } from '../api/client';
import { clock } from '../units/format';
import { useSend } from '../ui/useSend';
import '../words/seeing';
import '../words/pages';
import { useWords } from '../words/words';
import { Manner } from './Manner';

type Secrets = { pin: string; word?: string };
type People = { code: string; all: Schemas['JoinChoice'][] };
const PIN = /^\d{4,8}$/;

/** Joining a job: code, own name, own PIN. */
export default function JoinPage() {
  const t = useWords();
  const { code: given = '' } = useParams();
  const [people, setPeople] = useState<People>();
  const [me, setMe] = useState<Schemas['JoinChoice']>();
  return (
    <main className={`door ${css.centred}`}>
      <p className={css.alignRight}>
        <Manner />
      </p>
      <h1>{t('join')}</h1>
      {!people && <Code given={given} found={setPeople} />}
      {people && !me && (
        <>
          <p>{t('join.who')}</p>
          {people.all.map((p) => (
            <Button size="large" block key={p.personId} onClick={() => setMe(p)}>
              {p.name}
            </Button>
          ))}
        </>
      )}
      {people && me && <Own code={people.code} me={me} />}
    </main>
  );
}

/** The code of the job; one that came with the address is looked up at once. */
function Code({ given, found }: { given: string; found: (people: People) => void }) {
  const t = useWords();
  const [form] = Form.useForm<{ code: string }>();
  const { send, sending, refused } = useSend(form);
  const look = (code: string) =>
    send(
      api
        .GET('/api/session', {})
        .then(() => data(api.GET('/api/join/{code}', { params: { path: { code } } })))
        .then((all) => found({ code, all })),
    );
  useEffect(() => {
    if (given) void look(given);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for the address
  }, [given]);
  return (
    <Form
      form={form}
      name="code"
      layout="vertical"
      requiredMark={false}
      initialValues={{ code: given }}
      onFinish={({ code }) => void look(code)}
    >
      <Form.Item
        name="code"
        label={t('join.code')}
        normalize={(code: string) => code.toUpperCase()}
        rules={[{ required: true, message: t('join.needCode') }]}
      >
        <Input autoCapitalize="characters" autoComplete="off" maxLength={8} />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        {t('join.find')}
      </Button>
    </Form>
  );
}

/** The own PIN; the first time with the word the leader reads out. */
function Own({ code, me }: { code: string; me: Schemas['JoinChoice'] }) {
  const t = useWords();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [form] = Form.useForm<Secrets>();
  const { send, sending, refused } = useSend(form);
  const join = async ({ pin, word = '' }: Secrets) => {
    let job = '';
    const body = { code, personId: me.personId, pin, word };
    const joined = data(api.POST('/api/join', { body })).then((j) => {
      job = j.jobId;
      queries.clear();
    });
    if (await send(joined)) void navigate(`/crew/${job}`);
  };
  return (
    <Form form={form} name="join" layout="vertical" requiredMark={false} onFinish={(s) => void join(s)}>
      <p>
        <b>{me.name}</b>: {t(me.joined ? 'join.pin' : 'join.newPin')}
      </p>
      {me.resetBy && !me.joined && (
        <p className="refused">{t('join.reset', { by: me.resetBy, at: me.resetAt && clock(me.resetAt) })}</p>
      )}
      {!me.joined && (
        <Form.Item name="word" label={t('join.word')} rules={[{ required: true, message: t('join.needWord') }]}>
          <Input autoComplete="off" autoCapitalize="none" />
        </Form.Item>
      )}
      <Form.Item
        name="pin"
        label={t('pin')}
        rules={[
          { required: true, message: t('join.needPin') },
          { pattern: PIN, message: t('join.needPin') },
        ]}
      >
        <Input type="password" inputMode="numeric" maxLength={8} />
      </Form.Item>
      {refused}
      <Button type="primary" size="large" block htmlType="submit" loading={sending}>
        {t('join.do')}
      </Button>
    </Form>
  );
}
