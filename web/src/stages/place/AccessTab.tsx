import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { msg } from './words';

const uses = () =>
  [
    ['WINCH', msg('winch')],
    ['LIFT', msg('liftingPlatform')],
    ['CRANE', msg('crane')],
    ['FELLING', msg('fellingMachine')],
  ] as const;

/** What can get in, which machines the crew has, and which of them get through. */
export function AccessTab({ job, leader }: { job: string; leader: boolean }) {
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  return (
    <>
      <h1>{msg('whatGetsIn')}</h1>
      <Way key={s.versions.access} job={job} s={s} leader={leader} />
      <Machines job={job} s={s} leader={leader} />
    </>
  );
}

function Way({ job, s, leader }: { job: string; s: Schemas['PlaceView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [width, setWidth] = useState<number | null>(s.accessWidthM ?? null);
  const [grade, setGrade] = useState<number | null>(s.accessGradientDeg ?? null);
  const [load, setLoad] = useState<number | null>(s.accessLoadKg === undefined ? null : s.accessLoadKg / 1000);
  const [off, setOff] = useState(s.keepOff);
  const changed =
    width !== (s.accessWidthM ?? null) ||
    grade !== (s.accessGradientDeg ?? null) ||
    load !== (s.accessLoadKg === undefined ? null : s.accessLoadKg / 1000) ||
    off !== s.keepOff;
  return (
    <section className="form" aria-label={msg('wayIn2')}>
      <div className="two">
        <Stepper label={msg('narrowest')} unit="m" value={width} onChange={setWidth} step={0.1} digits={1} />
        <Stepper label={msg('steepest')} unit="°" value={grade} onChange={setGrade} step={1} digits={0} />
      </div>
      <Stepper label={msg('bears')} unit="t" value={load} onChange={setLoad} step={0.5} digits={1} />
      <label>
        {msg('mustNotBeCrossed')}
        <Input
          aria-label={msg('mustNotBeCrossed')}
          value={off}
          maxLength={200}
          onChange={(e) => setOff(e.target.value)}
        />
      </label>
      <p className="s">{msg('emptyMeansNobodyMeasured')}</p>
      {changed && leader && (
        <Button
          type="primary"
          size="large"
          block
          onClick={() =>
            void act(
              api.PUT('/api/jobs/{job}/place/access', {
                params: { path: { job } },
                body: {
                  widthM: width ?? undefined,
                  gradientDeg: grade ?? undefined,
                  loadLimitKg: load === null ? undefined : load * 1000,
                  keepOff: off,
                  version: s.versions.access,
                },
              }),
            )
          }
        >
          {msg('saveTheWayIn')}
        </Button>
      )}
    </section>
  );
}

function Machines({ job, s, leader }: { job: string; s: Schemas['PlaceView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [adding, setAdding] = useState(false);
  const [name, setName] = useState('');
  const [use, setUse] = useState<ReturnType<typeof uses>[number][0]>('WINCH');
  const [width, setWidth] = useState<number | null>(1.5);
  const [mass, setMass] = useState<number | null>(1.5);
  const [grade, setGrade] = useState<number | null>(15);
  const [pull, setPull] = useState<number | null>(null);
  const add = () =>
    act(
      api.POST('/api/jobs/{job}/place/machines', {
        params: { path: { job } },
        body: {
          name,
          use,
          widthM: width ?? 0,
          massKg: (mass ?? 0) * 1000,
          gradeDeg: grade ?? 0,
          pullN: pull === null ? undefined : pull * 1000,
        },
      }),
    );
  return (
    <section aria-label={msg('machines')}>
      <h2>
        {msg('machinesOfTheCrew')} <span>{s.machines.length}</span>
      </h2>
      {s.machines.length === 0 && <p className="empty">{msg('noneRecordedWhatCannot')}</p>}
      {s.machines.map((m) => (
        <div key={m.id} className="way">
          <Mark size={20} kind={m.keptOutBy.length > 0 ? 'STOP' : 'ready'} />
          <span>
            <b>{m.name}</b> {m.useWords}
            <br />
            <small>
              {msg('wideTravelsDegrees', { widthM: m.said.widthM, massKg: m.said.massKg, gradeDeg: m.gradeDeg })}
              {m.pullN !== undefined && msg('pulls', { pullN: m.said.pullN ?? '' })}.{' '}
              {m.keptOutBy.length > 0 ? (
                <b>{msg('doesNotGetIn', { keptOutBy: m.keptOutBy.join('; ') })}</b>
              ) : (
                msg('getsInByWhat')
              )}
            </small>
          </span>
          {leader && (
            <Button
              type="text"
              aria-label={msg('takeOff', { name: m.name })}
              onClick={() =>
                void act(api.DELETE('/api/jobs/{job}/place/machines/{id}', { params: { path: { job, id: m.id } } }))
              }
            >
              ×
            </Button>
          )}
        </div>
      ))}
      {leader && !adding && (
        <Button type="text" className={css.strong} onClick={() => setAdding(true)}>
          {msg('addAMachine')}
        </Button>
      )}
      {adding && (
        <div className="form">
          <div className="two">
            <label>
              {msg('name')}
              <Input
                aria-label={msg('nameOfTheMachine')}
                value={name}
                maxLength={60}
                onChange={(e) => setName(e.target.value)}
              />
            </label>
            <label>
              {msg('use')}
              <Select
                aria-label={msg('use')}
                value={use}
                onChange={setUse}
                options={uses().map(([value, label]) => ({ value, label }))}
              />
            </label>
          </div>
          <div className="two">
            <Stepper label={msg('width')} unit="m" value={width} onChange={setWidth} step={0.1} digits={1} />
            <Stepper label={msg('weight')} unit="t" value={mass} onChange={setMass} step={0.5} digits={1} />
          </div>
          <div className="two">
            <Stepper label={msg('travels')} unit="°" value={grade} onChange={setGrade} step={1} digits={0} />
            <Stepper label={msg('pull')} unit="kN" value={pull} onChange={setPull} step={5} digits={0} />
          </div>
          <Button
            type="primary"
            size="large"
            block
            disabled={!name.trim() || width === null || mass === null || grade === null}
            onClick={() => void add().then((kept) => kept && setAdding(false))}
          >
            {msg('addTheMachine')}
          </Button>
        </div>
      )}
    </section>
  );
}
