import { Select } from 'antd';
import { useEffect, useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useFindings, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../../app/JobScreen';
import { usePanelKey } from '../../app/keys';
import { Chips, Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { azimuth, fixed } from '../../units/format';
import { FirstLook } from './FirstLook';
import { useChoices } from './choices';

type Stem = Schemas['StemView'];

/** Stage 2: what each stem is, measured or by eye, its defects and what they change. */
export default function StemsPanel({ job, go }: PanelProps) {
  const tools = usePlanTools();
  const info = useJob(job).data;
  const stems = useStems(job).data ?? [];
  const findings = useFindings(job).data ?? [];
  const act = useAct(job, tools.say);
  const [mode, setMode] = useState<'read' | 'look' | 'new'>('read');
  const [defect, setDefect] = useState<{ fromM: number; faceDeg: number }>();
  const stem = stems.find((s) => s.id === tools.stem);
  usePanelKey(['d'], () => setDefect({ fromM: 1, faceDeg: 0 }));
  useEffect(() => {
    const tapped = (e: Event) => setDefect((e as CustomEvent<{ fromM: number; faceDeg: number }>).detail);
    window.addEventListener('antevid-defect', tapped);
    return () => window.removeEventListener('antevid-defect', tapped);
  }, []);
  useEffect(() => {
    setDefect(undefined);
    setMode('read');
  }, [tools.stem]);
  const leader = info?.myPart === 'LEADER';
  const add = () => tools.pick('Tap where the stem stands', (at) => void act(api.POST('/api/jobs/{job}/stems', { params: { path: { job } }, body: { species: 'UNKNOWN', state: 'STANDING', at, wood: 'SOUND', shape: 'FOREST', crown: 'FOREST_BROADLEAF', toBeKept: false, note: '' } })));

  return (
    <>
      <div className="body">
        <div className="chips" role="group" aria-label="Stems">
          {stems.map((s) => <button key={s.id} aria-pressed={s.id === tools.stem} onClick={() => tools.selectStem(s.id)}>{s.label}</button>)}
          {leader && <button onClick={add} aria-label="New stem">+</button>}
        </div>
        {!stem && <p className="empty">No stem yet. Tap + and then the plan.</p>}
        {stem && mode === 'look' && <FirstLook job={job} stem={stem} done={() => setMode('read')} />}
        {stem && mode === 'read' && (
          <>
            <h1>{stem.label} {stem.commonName} <small>{stem.stateWords}{stem.toBeKept ? ', to be kept' : ''}</small></h1>
            <p className="s">{stem.note}</p>
            {leader && <Identity key={stem.version} job={job} stem={stem} />}
            <div className="figs">
              <div><span className="fig">{stem.diameter ? fixed(stem.diameter.value * 100) : '–'}<i>cm {stem.diameter && `±${fixed(stem.diameter.sigma * 100)}`}</i></span><small>{stem.diameter?.how ?? 'diameter not known'}</small></div>
              <div><span className="fig">{stem.height ? fixed(stem.height.value) : '–'}<i>m {stem.height && `±${fixed(stem.height.sigma)}`}</i></span><small>{stem.height ? stem.height.how : 'height not known'}</small></div>
            </div>
            <div className="figs">
              <div><span className="fig">{stem.lean ? fixed(stem.lean.deg) : '–'}<i>° {stem.lean && `±${fixed(stem.lean.sigmaDeg)}`}</i></span><small>{stem.lean ? `lean to ${azimuth(stem.lean.azimuthDeg)}°, ${stem.lean.how}` : 'lean not known'}</small></div>
              <div><span className="fig">{stem.mass ? fixed(Math.ceil(stem.mass.massHighKg / 10) / 100, 2) : '–'}<i>t high side</i></span><small>{stem.mass ? `about ${fixed(stem.mass.massKg / 1000, 2)} t; balance ${fixed(stem.mass.cgM)} m up` : 'mass not known'}</small></div>
            </div>
            {stem.notKnown.length > 0 && <p className="refused" style={{ borderColor: 'var(--drop)' }}>Not known: {stem.notKnown.join(', ')}. No lay can be computed before.</p>}
            <button className="big" style={{ marginTop: 10 }} onClick={() => setMode('look')}>First look</button>
            {defect && <AddDefect job={job} stem={stem} at={defect} close={() => setDefect(undefined)} />}
            <Measure key={stem.id} job={job} stem={stem} />
            <h2>Defects and what they change <span>tap the figure, or D</span></h2>
            {findings.filter((f) => f.stage === 2 && f.subject === stem.label).map((f) => (
              <div key={f.key} style={{ display: 'grid', gridTemplateColumns: '28px 1fr', gap: 8, padding: '6px 0' }} data-severity={f.severity}>
                <Mark kind={f.severity} /><span><b>{f.words}</b><br /><small>{f.why} ({f.source}). {f.cleared ?? `Clears it: ${f.clears}.`}</small></span>
              </div>
            ))}
            {stem.defects.length === 0 && <p className="empty">No defect recorded. That is not the same as none.</p>}
            <h2>Sightings <span>{stem.sightings.length} kept, none overwritten</span></h2>
            <table><tbody>
              {stem.sightings.map((s, i) => (
                <tr key={i}><td>{s.words}<br /><small>{s.raw}</small></td><td className="r n"><b>{fixed(s.value, s.sigma < 0.01 ? 3 : 2)}</b> ±{fixed(s.sigma, s.sigma < 0.01 ? 3 : 2)} {s.unit}</td><td><small>{s.instrument}<br />{s.who.split(' ')[0]}</small></td></tr>
              ))}
            </tbody></table>
          </>
        )}
      </div>
      <button className="next" disabled={!stem || stem.notKnown.length > 0 || stem.toBeKept} onClick={() => go('lay')}>
        <span>{stem?.toBeKept ? `${stem.label} is to be kept` : `Next: choose the lay of ${stem?.label ?? ''}`}<small>{stem?.notKnown.length ? `first: ${stem.notKnown.join(', ')}` : 'where it falls, what it can hit'}</small></span>→
      </button>
    </>
  );
}

function Identity({ job, stem }: { job: string; stem: Stem }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const choices = useChoices(job);
  const change = (over: Partial<Schemas['StemRequest']>) => void act(api.PUT('/api/jobs/{job}/stems/{id}', { params: { path: { job, id: stem.id } }, body: { species: stem.species, state: stem.state, at: stem.at, wood: stem.wood, shape: stem.shape, crown: stem.crown, toBeKept: stem.toBeKept, note: stem.note, version: stem.version, ...over } }));
  return (
    <div className="form"><div className="three">
      <label>Species<Select aria-label="Species" showSearch optionFilterProp="label" value={stem.species} options={choices.species} onChange={(species) => change({ species: species as Stem['species'] })} /></label>
      <label>State<Select aria-label="State" value={stem.state} options={[['STANDING', 'standing'], ['HUNG', 'hung up'], ['LYING', 'lying']].map(([value, label]) => ({ value, label }))} onChange={(state) => change({ state: state as Stem['state'] })} /></label>
      <label>Keep or cut<Select aria-label="Keep or cut" value={stem.toBeKept ? 'keep' : 'cut'} options={[{ value: 'cut', label: 'to cut' }, { value: 'keep', label: 'to keep' }]} onChange={(v) => change({ toBeKept: v === 'keep' })} /></label>
    </div></div>
  );
}

function Measure({ job, stem }: { job: string; stem: Stem }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [kind, setKind] = useState<'GIRTH' | 'HEIGHT_ANGLES' | 'PLUMB_LEAN' | 'CROWN_RADIUS'>('GIRTH');
  const [a, setA] = useState<number | null>(null);
  const [b, setB] = useState<number | null>(null);
  const [c, setC] = useState<number | null>(null);
  const instrument = { GIRTH: 'tape', HEIGHT_ANGLES: 'clinometer and tape', PLUMB_LEAN: 'plumb line, two sides', CROWN_RADIUS: 'tape' }[kind];
  const save = async () => {
    const azimuthDeg = kind === 'PLUMB_LEAN' ? (b ?? undefined) : undefined;
    const numbers = kind === 'PLUMB_LEAN' ? { a: a ?? undefined, b: c ?? undefined } : { a: a ?? undefined, b: b ?? undefined, c: c ?? undefined };
    const put = (x: number | null, y: number | null, z: number | null) => {
      setA(x);
      setB(y);
      setC(z);
    };
    put(null, null, null);
    const kept = await act(api.POST('/api/jobs/{job}/stems/{id}/sightings', { params: { path: { job, id: stem.id } }, body: { kind, ...numbers, azimuthDeg, instrument } }));
    if (!kept) put(a, b, c);
  };
  return (
    <section aria-label="New sighting">
      <h2>New sighting <span>{instrument}</span></h2>
      <Chips label="What is measured" value={kind} onChange={(k) => { setKind(k); setA(null); setB(null); setC(null); }} options={[{ value: 'GIRTH', words: 'Girth' }, { value: 'HEIGHT_ANGLES', words: 'Height' }, { value: 'PLUMB_LEAN', words: 'Lean' }, { value: 'CROWN_RADIUS', words: 'Crown' }]} />
      <div className="form">
        {kind === 'GIRTH' && <Stepper label="Girth" unit="m" value={a} onChange={setA} step={0.05} />}
        {kind === 'HEIGHT_ANGLES' && <div className="form"><Stepper label="Distance" unit="m" value={a} onChange={setA} step={1} digits={1} /><div className="two"><Stepper label="Angle to the top" unit="°" value={b} onChange={setB} step={0.5} digits={1} /><Stepper label="Angle to the base" unit="°" value={c} onChange={setC} step={0.5} digits={1} /></div></div>}
        {kind === 'PLUMB_LEAN' && <div className="form"><Stepper label="Lean" unit="°" value={a} onChange={setA} step={0.5} digits={1} /><div className="two"><Stepper label="Leans to" unit="°" value={b} onChange={setB} step={10} digits={0} /><Stepper label="Sigma" unit="°" value={c} onChange={setC} step={0.1} digits={1} /></div></div>}
        {kind === 'CROWN_RADIUS' && <Stepper label="Largest crown radius" unit="m" value={a} onChange={setA} step={0.5} digits={1} />}
        <button className="big quiet" style={{ fontSize: 16 }} onClick={() => void save()}>Keep this sighting</button>
      </div>
    </section>
  );
}

function AddDefect({ job, stem, at, close }: { job: string; stem: Stem; at: { fromM: number; faceDeg: number }; close: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const choices = useChoices(job);
  const [kind, setKind] = useState<Schemas['DefectRequest']['kind']>();
  const [from, setFrom] = useState<number | null>(at.fromM);
  const [length, setLength] = useState<number | null>(0.5);
  const [face, setFace] = useState<number>(Math.round(at.faceDeg / 45) * 45 % 360);
  const [extent, setExtent] = useState('a hand wide');
  useEffect(() => {
    setFrom(at.fromM);
    setFace((Math.round(at.faceDeg / 45) * 45) % 360);
  }, [at]);
  const save = async () => {
    if (!kind) {
      say('Say what kind of defect it is.');
      return;
    }
    if (await act(api.POST('/api/jobs/{job}/stems/{id}/defects', { params: { path: { job, id: stem.id } }, body: { kind, fromM: from ?? 0, toM: (from ?? 0) + (length ?? 0), faceDeg: face, extent, found: 'seen', note: '' } }))) close();
  };
  return (
    <section aria-label="New defect" style={{ border: '2px solid var(--ink)', padding: 12, marginTop: 12 }}>
      <b>New defect on {stem.label}</b>
      <div className="form"><label>Kind<Select aria-label="Kind of defect" value={kind} onChange={setKind} options={choices.defects as { value: Schemas['DefectRequest']['kind']; label: string }[]} /></label>
        <div className="two"><Stepper label="From height" unit="m" value={from} onChange={setFrom} step={0.5} digits={1} /><Stepper label="Length" unit="m" value={length} onChange={setLength} step={0.5} digits={1} /></div></div>
      <Chips label="Side" value={face} onChange={setFace} options={[['N', 0], ['NE', 45], ['E', 90], ['SE', 135], ['S', 180], ['SW', 225], ['W', 270], ['NW', 315]].map(([w, v]) => ({ value: v as number, words: w as string }))} />
      <Chips label="Extent" value={extent} onChange={setExtent} options={['a finger wide', 'a hand wide', 'half round', 'all round'].map((v) => ({ value: v, words: v }))} />
      <button className="big" onClick={() => void save()}>Record the defect</button>
      <button className="plain" onClick={close}>Leave it</button>
    </section>
  );
}
