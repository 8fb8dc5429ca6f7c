import { Button, Collapse, Input, Popconfirm, Select } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useAskedSteps, useSurroundings } from '../../api/job';
import { later } from '../../app/later';
import { cuts } from '../../app/cuts';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import layout from '../../ui/layout.module.css';
import { length } from '../../units/length';
import { takes } from './Asked';
import { ofWork } from './clock';
import css from './crew.module.css';
import { msg } from './words';

const Ranging = lazy(() => later(() => import('../place/Ranging')).then((m) => ({ default: m.Ranging })));

type Step = Schemas['StepView'];
type Post = Schemas['PostRequest'];
const roles = (): { value: Post['role']; label: string }[] => [
  { value: 'CUTTER', label: msg('cutter') },
  { value: 'WINCH', label: msg('winch') },
  { value: 'LOOKOUT', label: msg('lookout') },
  { value: 'GROUND', label: msg('ground') },
  { value: 'CLIMBER', label: msg('climber') },
  { value: 'BRAKE', label: msg('brakeHand') },
  { value: 'SECOND_BRAKE', label: msg('secondBrake') },
  { value: 'RESCUER', label: msg('rescuer') },
  { value: 'OPERATOR', label: msg('operator') },
  { value: 'SLINGER', label: msg('slinger') },
  { value: 'SIGNALLER', label: msg('signaller') },
];
/** A step: who does it, where each stands, when, and how long it takes at best and at worst. */
export function StepCard({
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
  const asked = useAskedSteps(job).data;
  const why = asked?.there.find((x) => x.step === step.id);
  const [reason, setReason] = useState('');
  /** Whose stand is being measured. */
  const [taping, setTaping] = useState<number>();
  const starts = useSurroundings(job).data?.startsMin;
  const [least, setLeast] = useState<number | null>(step.spread?.leastMin ?? null);
  const [most, setMost] = useState<number | null>(step.spread?.mostMin ?? null);
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
          spread: least !== null && most !== null ? { leastMin: least, mostMin: most } : undefined,
          version: step.version,
          ...over,
        },
      }),
    );
  const name = (id: string) => people.find((p) => p.id === id)?.name ?? '?';
  return (
    <section aria-label={msg('step', { turn: step.turn })} className={`${css.step} ${step.done ? css.done : ''}`}>
      <div className={layout.rowOnBase}>
        <b className={`n ${layout.big}`}>{step.turn}</b>
        <b className={layout.grow}>
          {step.title}
          {step.done ? msg('done') : ''}
        </b>
        <span className="n">
          {ofWork(step.startMin, starts)}–{ofWork(step.endMin, starts)}
        </span>
      </div>
      {why && !step.done && <p className="s">{why.because ?? msg('addedByHand')}</p>}
      {step.kit.length > 0 && <p className="s">{msg('needs', { kit: step.kit.join(' · ') })}</p>}
      <ul className="list">
        {step.posts.map((p, i) => (
          <li key={i} className={layout.row}>
            <span className={layout.grow}>
              <b>{name(p.personId)}</b>, {p.roleWords}{' '}
              <small>
                {p.stand
                  ? msg('atEN', { eastM: length(p.stand.eastM, 0), northM: length(p.stand.northM, 0) })
                  : p.role === 'CLIMBER'
                    ? msg('inTheTree')
                    : p.role === 'CUTTER'
                      ? msg(step.kind === 'FELL' ? 'atTheStump' : 'atTheCut')
                      : msg('standNotSet')}
              </small>
            </span>
            {leader && !step.done && !cuts(p.role) && (
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
            {leader && !step.done && !cuts(p.role) && (
              <Button
                type="text"
                aria-label={msg('tapeStandOf', { personId: name(p.personId) })}
                aria-expanded={taping === i}
                onClick={() => setTaping(taping === i ? undefined : i)}
              >
                {msg('tape')}
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
      {taping !== undefined && step.posts[taping] && (
        <Suspense>
          <p>{msg('tapeStandOf', { personId: name(step.posts[taping].personId) })}</p>
          <Ranging
            job={job}
            put={(stand) => {
              setTaping(undefined);
              void save({ posts: posts.map((x, k) => (k === taping ? { ...x, stand } : x)) });
            }}
          />
        </Suspense>
      )}
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
          <div className={layout.wraps}>
            <Button
              type="text"
              className={layout.strong}
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
            <Popconfirm
              icon={null}
              title={msg('whyRemove', { title: step.title })}
              description={
                <Input
                  aria-label={msg('reason')}
                  maxLength={200}
                  value={reason}
                  onChange={(e) => setReason(e.target.value)}
                />
              }
              okText={msg('takeItOut')}
              okButtonProps={{ disabled: !reason.trim() }}
              onConfirm={() =>
                void act(
                  api.DELETE('/api/jobs/{job}/steps/{id}', {
                    params: { path: { job, id: step.id }, query: { version: step.version, reason } },
                  }),
                )
              }
            >
              <Button type="text">{msg('remove')}</Button>
            </Popconfirm>
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
                    <div className="two">
                      <Stepper label={msg('atBest')} unit="min" value={least} onChange={setLeast} step={5} digits={0} />
                      <Stepper label={msg('atWorst')} unit="min" value={most} onChange={setMost} step={5} digits={0} />
                    </div>
                    {why && <Usual takes={why.takes} take={(minutes) => setEnd((start ?? step.startMin) + minutes)} />}
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

/** How long such a step usually takes; what went faster here is taken by a tap, and given back the same way. */
function Usual({ takes: usual, take }: { takes: Schemas['StepTakes']; take: (minutes: number) => void }) {
  return (
    <>
      <p className="s">{takes({ takes: usual })}</p>
      {usual.faster !== undefined && (
        <div className={layout.wraps}>
          <Button onClick={() => usual.faster && take(usual.faster)}>
            {msg('takeFaster', { minutes: usual.faster, count: usual.from })}
          </Button>
          <Button type="text" onClick={() => take(usual.minutes)}>
            {msg('takeUsual', { minutes: usual.minutes })}
          </Button>
        </div>
      )}
    </>
  );
}
