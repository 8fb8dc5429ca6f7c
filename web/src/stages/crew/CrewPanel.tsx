import css from '../../ui/layout.module.css';
import { gone } from '../../app/gone';
import { Button, Collapse, Select } from 'antd';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useJob, useStems, useSteps } from '../../api/job';
import type { PanelProps } from '../stage';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { PeopleList } from './PeopleList';
import { length } from '../../units/length';
import { msg } from './words';

type Step = Schemas['StepView'];
type Post = Schemas['PostRequest'];
const kinds = (): { value: Step['kind']; label: string }[] => [
  { value: 'RELEASE', label: msg('bringDownTheHung') },
  { value: 'FELL', label: msg('fell') },
  { value: 'CROSSCUT', label: msg('crosscut') },
  { value: 'CLEAR', label: msg('clearUp') },
];
const roles = (): { value: Post['role']; label: string }[] => [
  { value: 'CUTTER', label: msg('cutter') },
  { value: 'WINCH', label: msg('winch') },
  { value: 'LOOKOUT', label: msg('lookout') },
  { value: 'GROUND', label: msg('ground') },
];

/** Stage 6: steps in order, who does them, where each stands. The server refuses what cannot be, with the reason. */
export default function CrewPanel({ job, go }: PanelProps) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const info = useJob(job).data;
  const steps = useSteps(job).data ?? [];
  const stems = useStems(job).data ?? [];
  const leader = info?.myPart === 'LEADER';
  const [kind, setKind] = useState<Step['kind']>('FELL');
  const [stem, setStem] = useState<string>();
  const end = Math.max(0, ...steps.map((s) => s.endMin));
  return (
    <>
      <div className="body">
        <h1>
          {msg('crew')} <small>{msg('stepsInOrderMinutes')}</small>
        </h1>
        {steps.map((s) => (
          <StepCard key={s.id + s.version} job={job} step={s} people={info?.people ?? []} leader={leader} />
        ))}
        {steps.length === 0 && <p className="empty">{msg('noStepYet')}</p>}
        {leader && (
          <section className="form" aria-label={msg('newStep')}>
            <h2>{msg('newStep')}</h2>
            <div className="two">
              <Select aria-label={msg('kindOfStep')} value={kind} onChange={setKind} options={kinds()} />
              <Select
                aria-label={msg('stemOfTheStep')}
                placeholder={msg('stem')}
                value={stem}
                onChange={setStem}
                options={stems
                  .filter((s) => !gone(s))
                  .map((s) => ({ value: s.label, label: `${s.label} ${s.commonName}` }))}
              />
            </div>
            <Button
              size="large"
              block
              className={css.plainSize}
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/steps', {
                    params: { path: { job } },
                    body: { kind, stem, startMin: end, endMin: end + 30, posts: [] },
                  }),
                )
              }
            >
              {msg('addTheStep')}
            </Button>
          </section>
        )}
        <PeopleList job={job} people={info?.people ?? []} leader={leader} />
      </div>
      <Button type="primary" className="next" onClick={() => go('brief')}>
        <span>
          {msg('nextBriefTheCrew')}
          <small>{msg('freezeThePlanRead')}</small>
        </span>
        →
      </Button>
    </>
  );
}

function StepCard({
  job,
  step,
  people,
  leader,
}: {
  job: string;
  step: Step;
  people: Schemas['PersonView'][];
  leader: boolean;
}) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const [start, setStart] = useState<number | null>(step.startMin);
  const [end, setEnd] = useState<number | null>(step.endMin);
  const [role, setRole] = useState<Post['role']>('CUTTER');
  const [person, setPerson] = useState<string>();
  const path = { params: { path: { job, id: step.id } } };
  const posts: Post[] = step.posts.map((p) => ({ role: p.role, personId: p.personId, stand: p.stand }));
  const save = (over: Partial<Schemas['StepRequest']>) =>
    act(
      api.PUT('/api/jobs/{job}/steps/{id}', {
        ...path,
        body: {
          kind: step.kind,
          stem: step.stem,
          startMin: start ?? step.startMin,
          endMin: end ?? step.endMin,
          posts,
          version: step.version,
          ...over,
        },
      }),
    );
  const name = (id: string) => people.find((p) => p.id === id)?.name ?? '?';
  return (
    <section
      aria-label={msg('step', { turn: step.turn })}
      style={{ borderTop: '2px solid var(--ink)', padding: '10px 0', opacity: step.done ? 0.6 : 1 }}
    >
      <div className={css.rowOnBase}>
        <b className={`n ${css.big}`}>{step.turn}</b>
        <b className={css.grow}>
          {step.title}
          {step.done ? msg('done') : ''}
        </b>
        <span className="n">{msg('min', { startMin: step.startMin, endMin: step.endMin })}</span>
      </div>
      {step.kit.length > 0 && <p className="s">{msg('needs', { kit: step.kit.join(' · ') })}</p>}
      <ul className="list">
        {step.posts.map((p, i) => (
          <li key={i} className={css.row}>
            <span className={css.grow}>
              <b>{name(p.personId)}</b>, {p.roleWords}{' '}
              <small>
                {p.stand
                  ? msg('atEN', { eastM: length(p.stand.eastM, 0), northM: length(p.stand.northM, 0) })
                  : p.role === 'CUTTER'
                    ? msg(step.kind === 'FELL' ? 'atTheStump' : 'atTheCut')
                    : msg('standNotSet')}
              </small>
            </span>
            {leader && !step.done && p.role !== 'CUTTER' && (
              <Button
                type="text"
                aria-label={msg('standOf', { personId: name(p.personId) })}
                onClick={() =>
                  pick(
                    msg('tapWhereStandsIn', { personId: name(p.personId), turn: step.turn }),
                    (stand) => void save({ posts: posts.map((x, k) => (k === i ? { ...x, stand } : x)) }),
                  )
                }
              >
                {msg('stand')}
              </Button>
            )}
            {leader && !step.done && (
              <Button
                type="text"
                aria-label={msg('takeOffStep', { personId: name(p.personId), turn: step.turn })}
                onClick={() => void save({ posts: posts.filter((_, k) => k !== i) })}
              >
                {msg('off')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {leader && !step.done && (
        <>
          <div className="form">
            <div className="two">
              <Select
                aria-label={msg('roleInStep', { turn: step.turn })}
                value={role}
                onChange={setRole}
                options={roles()}
              />
              <Select
                aria-label={msg('personForStep', { turn: step.turn })}
                placeholder={msg('person')}
                value={person}
                onChange={setPerson}
                options={people.filter((p) => p.part !== 'REVIEWER').map((p) => ({ value: p.id, label: p.name }))}
              />
            </div>
          </div>
          <div className={css.wraps}>
            <Button
              type="text"
              className={css.strong}
              disabled={!person}
              onClick={() => person && void save({ posts: [...posts, { role, personId: person }] })}
            >
              {msg('giveTheRole')}
            </Button>
            <Button
              type="text"
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/steps/{id}/move', {
                    params: { path: { job, id: step.id }, query: { earlier: true } },
                  }),
                )
              }
            >
              {msg('earlier')}
            </Button>
            <Button
              type="text"
              onClick={() =>
                void act(
                  api.POST('/api/jobs/{job}/steps/{id}/move', {
                    params: { path: { job, id: step.id }, query: { earlier: false } },
                  }),
                )
              }
            >
              {msg('later')}
            </Button>
            <Button
              type="text"
              onClick={() =>
                void act(
                  api.DELETE('/api/jobs/{job}/steps/{id}', {
                    params: { path: { job, id: step.id }, query: { version: step.version } },
                  }),
                )
              }
            >
              {msg('remove')}
            </Button>
          </div>
          <Collapse
            ghost
            items={[
              {
                key: 'times',
                label: msg('times'),
                children: (
                  <div className="form">
                    <div className="two">
                      <Stepper label={msg('from')} unit="min" value={start} onChange={setStart} step={5} digits={0} />
                      <Stepper label={msg('to')} unit="min" value={end} onChange={setEnd} step={5} digits={0} />
                    </div>
                    <Button type="text" disabled={start === null || end === null} onClick={() => void save({})}>
                      {msg('saveTimes')}
                    </Button>
                  </div>
                ),
              },
            ]}
          />
        </>
      )}
    </section>
  );
}
