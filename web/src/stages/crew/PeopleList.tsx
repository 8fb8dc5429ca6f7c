import css from '../../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Collapse, Popconfirm, Select, Space } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { ofWork } from './clock';
import { msg } from './words';
import { term } from '../../words/terms';

type Person = Schemas['PersonView'];
type Props = { job: string; people: Person[]; leader: boolean };

const competences = (p: Person) =>
  p.competences.map((c) => term('Competence', c)).join(', ') || msg('noCompetenceRecorded');
const how = (p: Person) => {
  if (p.part !== 'CREW') return msg(p.part === 'LEADER' ? 'leader' : 'reviewer');
  return p.joined ? msg('crewHasAPin') : msg('crewNoPinYet');
};

/** Who is on the job. The word for a first PIN stands beside the name, to be read out to that person alone. */
export function PeopleList({ job, people, leader }: Props) {
  return (
    <section aria-label={msg('people')}>
      <h2>
        {msg('people')} <span>{msg('competencesAreGivenBy', { peopleCount: people.length })}</span>
      </h2>
      <ul className="list">
        {people.map((p) => (
          <li key={p.id} className="person">
            <div>
              <b>{p.name}</b>{' '}
              <small>
                {how(p)}: {competences(p)}
              </small>
            </div>
            {p.firstWord && (
              <div className="word">
                {msg('wordForTheFirst')} <b>{p.firstWord}</b>
              </div>
            )}
            {leader && p.part !== 'REVIEWER' && <OnSite job={job} p={p} />}
            {leader && p.part === 'CREW' && <Member job={job} p={p} />}
          </li>
        ))}
      </ul>
      {leader && <Put job={job} on={people.map((p) => p.id)} />}
    </section>
  );
}

/** When somebody comes and goes; counted from the start of work. */
function OnSite({ job, p }: { job: string; p: Person }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const starts = useSurroundings(job).data?.startsMin;
  const [from, setFrom] = useState<number | null>(p.fromMin);
  const [to, setTo] = useState<number | null>(p.toMin ?? null);
  const when =
    p.toMin === undefined
      ? p.fromMin === 0
        ? msg('wholeDay')
        : msg('onSiteFrom', { from: ofWork(p.fromMin, starts) })
      : msg('onSiteFromTo', { from: ofWork(p.fromMin, starts), to: ofWork(p.toMin, starts) });
  const save = () =>
    void act(
      api.PUT('/api/jobs/{job}/members/{person}/presence', {
        params: { path: { job, person: p.id } },
        body: { fromMin: from ?? 0, toMin: to ?? undefined },
      }),
    );
  return (
    <Collapse
      ghost
      items={[
        {
          key: 'when',
          label: when,
          children: (
            <div className="form">
              <div className="two">
                <Stepper label={msg('comes')} unit="min" value={from} onChange={setFrom} step={15} digits={0} />
                <Stepper label={msg('goes')} unit="min" value={to} onChange={setTo} step={15} digits={0} />
              </div>
              <Button type="text" disabled={from === null} onClick={save}>
                {msg('saveWhen', { name: p.name })}
              </Button>
            </div>
          ),
        },
      ]}
    />
  );
}

function Member({ job, p }: { job: string; p: Person }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const path = { params: { path: { job, person: p.id } } };
  return (
    <Space wrap>
      {p.joined && (
        <Popconfirm
          title={msg('resetThePinOf', { name: p.name })}
          description={msg('theirPhonesAreSigned')}
          okText={msg('resetIt')}
          onConfirm={() => void act(api.POST('/api/jobs/{job}/members/{person}/pin-reset', path))}
        >
          <Button>{msg('resetThePin')}</Button>
        </Popconfirm>
      )}
      {!p.joined && !p.firstWord && (
        <Button onClick={() => void act(api.POST('/api/jobs/{job}/members/{person}/pin-reset', path))}>
          {msg('makeAWordFor')}
        </Button>
      )}
      {p.joined && (
        <Button onClick={() => void act(api.POST('/api/jobs/{job}/members/{person}/sign-out', path))}>
          {msg('phoneLostSignIt')}
        </Button>
      )}
      <Popconfirm
        title={msg('takeOffTheJob', { name: p.name })}
        okText={msg('takeOff')}
        onConfirm={() => void act(api.DELETE('/api/jobs/{job}/members/{person}', path))}
      >
        <Button>{msg('takeOffTheJobTitle')}</Button>
      </Popconfirm>
    </Space>
  );
}

function Put({ job, on }: { job: string; on: string[] }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const all = useQuery({ queryKey: ['people'], queryFn: () => data(api.GET('/api/people', {})) }).data ?? [];
  const [who, setWho] = useState<string>();
  const free = all.filter((p) => !on.includes(p.id) && p.office !== 'OWNER' && p.office !== 'REVIEWER');
  const put = async () => {
    const body = { personId: who ?? '' };
    if (await act(api.POST('/api/jobs/{job}/members', { params: { path: { job } }, body }))) setWho(undefined);
  };
  if (free.length === 0) return null;
  return (
    <Space.Compact block>
      <Select
        aria-label={msg('personToPutOn')}
        placeholder={msg('somebodyElseOfThe')}
        className={css.grow}
        value={who}
        onChange={setWho}
        options={free.map((p) => ({ value: p.id, label: p.name }))}
      />
      <Button disabled={!who} onClick={() => void put()}>
        {msg('putOnTheJob')}
      </Button>
    </Space.Compact>
  );
}
