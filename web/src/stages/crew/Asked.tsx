import { Button, Collapse, Input, Popconfirm } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useAskedSteps } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';
import css from './crew.module.css';
import { msg } from './words';

type Step = Schemas['AskedStep'];

/** Steps the plan asks for that nobody put in, each with its reason; what is not wanted stays there to be seen. */
export function Asked({ job, leader }: { job: string; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const all = useAskedSteps(job).data?.asked ?? [];
  const wanted = all.filter((a) => !a.notWanted);
  const not = all.filter((a) => a.notWanted);
  const putIn = (keys: string[]) =>
    void act(api.POST('/api/jobs/{job}/steps/asked', { params: { path: { job } }, body: { keys } }));
  const notWanted = (key: string, reason: string) =>
    void act(api.POST('/api/jobs/{job}/steps/not-wanted', { params: { path: { job } }, body: { key, reason } }));
  if (all.length === 0) return null;
  return (
    <section aria-label={msg('planAsksFor')}>
      {wanted.length > 0 && (
        <>
          <h2>
            {msg('planAsksFor')} <span>{wanted.length}</span>
          </h2>
          {leader && wanted.length > 1 && (
            <Button size="large" block onClick={() => putIn([])}>
              {msg('putAllIn', { n: wanted.length })}
            </Button>
          )}
          {wanted.map((a) => (
            <div key={a.key} className={css.asked}>
              <What a={a} />
              {leader && (
                <span className={css.do}>
                  <Button aria-label={msg('putInStep', { title: a.title })} onClick={() => putIn([a.key])}>
                    {msg('putIn')}
                  </Button>
                  <NotNeeded title={a.title} because={(reason) => notWanted(a.key, reason)} />
                </span>
              )}
            </div>
          ))}
        </>
      )}
      {not.length > 0 && (
        <Collapse
          ghost
          items={[
            {
              key: 'not',
              label: msg('notWanted', { n: not.length }),
              children: not.map((a) => (
                <div key={a.key} className={css.asked}>
                  <div>
                    <b>{a.title}</b>
                    <div className="s">
                      {msg('notWantedBecause', { reason: a.notWanted?.reason ?? '', who: a.notWanted?.who ?? '' })}
                    </div>
                  </div>
                  {leader && <Button onClick={() => putIn([a.key])}>{msg('putInAfterAll')}</Button>}
                </div>
              )),
            },
          ]}
        />
      )}
    </section>
  );
}

/** How long such a step takes, and what that rests on. */
export const takes = ({ takes: u }: { takes: Schemas['StepTakes'] }) =>
  u.from === 0
    ? msg('usually', { minutes: u.minutes })
    : msg('learned', {
        minutes: u.minutes,
        judged: u.judged,
        slower: u.minutes > u.judged ? 'yes' : 'no',
        least: u.spread?.leastMin ?? 'none',
        most: u.spread?.mostMin ?? 'none',
        count: u.from,
      });

const What = ({ a }: { a: Step }) => (
  <div>
    <b>{a.title}</b>
    <div className="s">{a.because}</div>
    <div className="s">{[...a.who, takes(a)].join(' · ')}</div>
  </div>
);

function NotNeeded({ title, because }: { title: string; because: (reason: string) => void }) {
  const [reason, setReason] = useState('');
  return (
    <Popconfirm
      icon={null}
      title={msg('whyNotNeeded', { title })}
      description={
        <Input aria-label={msg('reason')} maxLength={200} value={reason} onChange={(e) => setReason(e.target.value)} />
      }
      okText={msg('notNeeded')}
      okButtonProps={{ disabled: !reason.trim() }}
      onConfirm={() => because(reason)}
    >
      <Button type="text" aria-label={msg('notNeededStep', { title })}>
        {msg('notNeeded')}
      </Button>
    </Popconfirm>
  );
}
