import { useQuery } from '@tanstack/react-query';
import { Alert, Button, Space } from 'antd';
import { useState } from 'react';
import { api, data } from '../../api/client';
import { term } from '../../words/terms';
import { ofWork } from './clock';
import { msg } from './words';

type Props = { job: string; starts: number | undefined; act: (write: Promise<unknown>) => Promise<boolean> };
const FIRST_LISTS = 300;
const LONGER_LISTS = 3000;

/** A shorter day for the same people, and what one person more would save. Nothing changes before it is taken. */
export function Shorter({ job, starts, act }: Props) {
  const [lists, setLists] = useState<number>();
  const asked = useQuery({
    queryKey: ['job', job, 'roster', 'shorter', lists],
    enabled: lists !== undefined,
    queryFn: async () =>
      (await data(api.GET('/api/jobs/{job}/roster/shorter', { params: { path: { job }, query: { lists } } }))) ?? null,
  });
  if (lists === undefined) return <Button onClick={() => setLists(FIRST_LISTS)}>{msg('lookForAShorter')}</Button>;
  if (!asked.data)
    return (
      <Button loading={asked.isFetching} onClick={() => setLists(undefined)}>
        {msg(asked.isFetching ? 'looking' : 'noPlanForThese')}
      </Button>
    );
  const s = asked.data;
  const take = async () => {
    const body = { lists, endMin: s.endMin };
    if (await act(api.POST('/api/jobs/{job}/roster/shorter', { params: { path: { job } }, body }))) setLists(undefined);
  };
  return (
    <Alert
      type="info"
      title={msg(s.changes.length === 0 ? 'noShorter' : 'couldEnd', { at: ofWork(s.endMin, starts) })}
      description={
        <>
          <p className="s">
            {msg(s.provenBest ? 'provenShortest' : 'perhapsShorter', { at: ofWork(s.lowestMin, starts) })}{' '}
            {s.oneMore.length === 0
              ? msg('oneMoreNothing')
              : msg('oneMoreSaves', {
                  list: s.oneMore.map((m) => `${term('Competence', m.competence)} ${m.savesMin} min`).join(', '),
                })}
          </p>
          <ul className="list">
            {s.changes.map((c) => (
              <li key={c.step}>
                <b>{c.title}</b>{' '}
                <span className="n">
                  {ofWork(c.startMin, starts)}–{ofWork(c.endMin, starts)}
                </span>{' '}
                <small>{c.who}</small>
              </li>
            ))}
          </ul>
          <Space wrap>
            {s.changes.length > 0 && (
              <Button type="primary" onClick={() => void take()}>
                {msg('takeItOver')}
              </Button>
            )}
            {!s.provenBest && lists < LONGER_LISTS && (
              <Button loading={asked.isFetching} onClick={() => setLists(LONGER_LISTS)}>
                {msg('thinkLonger')}
              </Button>
            )}
            <Button onClick={() => setLists(undefined)}>{msg('leaveIt')}</Button>
          </Space>
        </>
      }
    />
  );
}
