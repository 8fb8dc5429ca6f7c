import css from '../../ui/layout.module.css';
import { Button, Input, Select } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';

const USES = [
  ['WINCH', 'winch'],
  ['LIFT', 'lifting platform'],
  ['CRANE', 'crane'],
  ['FELLING', 'felling machine'],
] as const;

/** What can get in, which machines the crew has, and which of them get through. */
export function AccessTab({ job, leader }: { job: string; leader: boolean }) {
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  return (
    <>
      <h1>What gets in</h1>
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
    <section className="form" aria-label="Way in">
      <div className="two">
        <Stepper label="Narrowest" unit="m" value={width} onChange={setWidth} step={0.1} digits={1} />
        <Stepper label="Steepest" unit="°" value={grade} onChange={setGrade} step={1} digits={0} />
      </div>
      <Stepper label="Bears" unit="t" value={load} onChange={setLoad} step={0.5} digits={1} />
      <label>
        Must not be crossed
        <Input aria-label="Must not be crossed" value={off} maxLength={200} onChange={(e) => setOff(e.target.value)} />
      </label>
      <p className="s">Empty means nobody measured it; it is said beside every machine that depends on it.</p>
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
          Save the way in
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
  const [use, setUse] = useState<(typeof USES)[number][0]>('WINCH');
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
    <section aria-label="Machines">
      <h2>
        Machines of the crew <span>{s.machines.length}</span>
      </h2>
      {s.machines.length === 0 && <p className="empty">None recorded. What cannot be done by hand is then excluded.</p>}
      {s.machines.map((m) => (
        <div key={m.id} className="way">
          <Mark size={20} kind={m.keptOutBy.length > 0 ? 'STOP' : 'ready'} />
          <span>
            <b>{m.name}</b> {m.useWords}
            <br />
            <small>
              {m.said.widthM} wide, {m.said.massKg}, travels {m.gradeDeg}°
              {m.pullN !== undefined && `, pulls ${m.said.pullN}`}.{' '}
              {m.keptOutBy.length > 0 ? (
                <b>Does not get in: {m.keptOutBy.join('; ')}.</b>
              ) : (
                'Gets in by what is measured.'
              )}
            </small>
          </span>
          {leader && (
            <Button
              type="text"
              aria-label={`take off ${m.name}`}
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
          + Add a machine
        </Button>
      )}
      {adding && (
        <div className="form">
          <div className="two">
            <label>
              Name
              <Input
                aria-label="Name of the machine"
                value={name}
                maxLength={60}
                onChange={(e) => setName(e.target.value)}
              />
            </label>
            <label>
              Use
              <Select
                aria-label="Use"
                value={use}
                onChange={setUse}
                options={USES.map(([value, label]) => ({ value, label }))}
              />
            </label>
          </div>
          <div className="two">
            <Stepper label="Width" unit="m" value={width} onChange={setWidth} step={0.1} digits={1} />
            <Stepper label="Weight" unit="t" value={mass} onChange={setMass} step={0.5} digits={1} />
          </div>
          <div className="two">
            <Stepper label="Travels" unit="°" value={grade} onChange={setGrade} step={1} digits={0} />
            <Stepper label="Pull" unit="kN" value={pull} onChange={setPull} step={5} digits={0} />
          </div>
          <Button
            type="primary"
            size="large"
            block
            disabled={!name.trim() || width === null || mass === null || grade === null}
            onClick={() => void add().then((kept) => kept && setAdding(false))}
          >
            Add the machine
          </Button>
        </div>
      )}
    </section>
  );
}
