import css from '../../ui/layout.module.css';
import { useQuery } from '@tanstack/react-query';
import { Button, Popconfirm, Select, Space } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { usePlanTools } from '../../plan/planTools';

type Person = Schemas['PersonView'];
type Props = { job: string; people: Person[]; leader: boolean };

const competences = (p: Person) =>
  p.competences.map((c) => c.toLowerCase().replace('_', '-')).join(', ') || 'no competence recorded';
const how = (p: Person) => {
  if (p.part !== 'CREW') return p.part.toLowerCase();
  return p.joined ? 'crew, has a PIN' : 'crew, no PIN yet';
};

/** Who is on the job. The word for a first PIN stands beside the name, to be read out to that person alone. */
export function PeopleList({ job, people, leader }: Props) {
  return (
    <section aria-label="People">
      <h2>
        People <span>{people.length}; competences are given by the owner</span>
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
                word for the first PIN: <b>{p.firstWord}</b>
              </div>
            )}
            {leader && p.part === 'CREW' && <Member job={job} p={p} />}
          </li>
        ))}
      </ul>
      {leader && <Put job={job} on={people.map((p) => p.id)} />}
    </section>
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
          title={`Reset the PIN of ${p.name}?`}
          description="Their phones are signed out; a new word stands here, and they are told who did it."
          okText="Reset it"
          onConfirm={() => void act(api.POST('/api/jobs/{job}/members/{person}/pin-reset', path))}
        >
          <Button>Reset the PIN</Button>
        </Popconfirm>
      )}
      {!p.joined && !p.firstWord && (
        <Button onClick={() => void act(api.POST('/api/jobs/{job}/members/{person}/pin-reset', path))}>
          Make a word for the first PIN
        </Button>
      )}
      {p.joined && (
        <Button onClick={() => void act(api.POST('/api/jobs/{job}/members/{person}/sign-out', path))}>
          Phone lost: sign it out
        </Button>
      )}
      <Popconfirm
        title={`Take ${p.name} off the job?`}
        okText="Take off"
        onConfirm={() => void act(api.DELETE('/api/jobs/{job}/members/{person}', path))}
      >
        <Button>Take off the job</Button>
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
        aria-label="Person to put on the job"
        placeholder="somebody else of the company"
        className={css.grow}
        value={who}
        onChange={setWho}
        options={free.map((p) => ({ value: p.id, label: p.name }))}
      />
      <Button disabled={!who} onClick={() => void put()}>
        Put on the job
      </Button>
    </Space.Compact>
  );
}
