import { Select } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../../api/client';
import { useAct, useFeatures, useJob, useStems } from '../../api/job';
import type { PanelProps } from '../../app/JobScreen';
import { usePanelKey } from '../../app/keys';
import { Chips, Stepper } from '../../app/Stepper';
import { Mark } from '../../figures/Mark';
import { usePlanTools } from '../../plan/planTools';
import { words } from '../../units/format';

type Kind = Schemas['FeatureRequest']['kind'];
type Protection = Schemas['FeatureRequest']['protection'];
const KINDS: Kind[] = ['BUILDING', 'GLASS', 'FOOTBRIDGE', 'BOAT', 'PATH', 'OVERHEAD_LINE', 'BURIED', 'WATER', 'BEEHIVES', 'COMPOST', 'FENCE', 'HEDGE', 'BED', 'OTHER_TREE', 'VEHICLE', 'MEETING_POINT', 'OTHER'];
const PROTECTIONS: Protection[] = ['NONE', 'MOVE', 'EMPTY', 'COVER', 'CLOSE', 'SWITCH_OFF', 'TAKE_DOWN'];

export default function PlacePanel({ job, go }: PanelProps) {
  const info = useJob(job).data;
  const features = useFeatures(job).data ?? [];
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [open, setOpen] = useState<string>();
  const [adding, setAdding] = useState(false);
  usePanelKey(['t'], () => setAdding(true));
  const leader = info?.myPart === 'LEADER';
  const targets = features.filter((f) => f.entry.worth > 0);
  const others = features.filter((f) => f.entry.worth === 0);

  return (
    <>
      <div className="body">
        <h1>Place <small>{info?.place}</small></h1>
        {info && <Conditions key={info.version} job={job} info={info} leader={leader} />}
        <h2>Targets <span>{targets.length} entered; worth 1 to 4</span></h2>
        <ul className="list">
          {targets.map((f) => (
            <li key={f.id}>
              <button className="row" onClick={() => setOpen(open === f.id ? undefined : f.id)} aria-expanded={open === f.id}>
                <b className="n" style={{ minWidth: 20 }}>{f.entry.worth}</b>
                <span style={{ flex: 1 }}>{f.entry.name}<br /><small>{f.entry.mayBeHit ? `may be hit, agreed by ${f.entry.agreedBy}` : f.entry.protection === 'NONE' ? 'no protection planned' : `${words(f.entry.protection)}: ${f.entry.protectedBy || 'nobody named'}`}</small></span>
                {f.entry.protectionDone && <Mark kind="ready" size={18} />}
              </button>
              {open === f.id && leader && <Edit key={f.version} job={job} feature={f} close={() => setOpen(undefined)} />}
            </li>
          ))}
        </ul>
        {leader && (adding ? <Add job={job} features={features} close={() => setAdding(false)} /> : <button className="plain" style={{ fontWeight: 700 }} onClick={() => setAdding(true)}>+ Add a target or feature (T)</button>)}
        <h2>Also on the plan <span>{others.length}</span></h2>
        <p className="s">{others.map((f) => f.entry.name).join(' · ') || 'nothing yet'}</p>
        {leader && info?.joinAddress && <Join job={job} info={info} act={act} />}
      </div>
      <button className="next" onClick={() => go('stems')}><span>Next: read the stems<small>what stands, hangs and leans here</small></span>→</button>
    </>
  );
}

function Conditions({ job, info, leader }: { job: string; info: Schemas['JobView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [wind, setWind] = useState<number | null>(info.windLimitMs);
  const [slope, setSlope] = useState<number | null>(info.slopeDeg);
  const [down, setDown] = useState<number | null>(info.downhillDeg);
  const changed = wind !== info.windLimitMs || slope !== info.slopeDeg || down !== info.downhillDeg;
  return (
    <section className="form" aria-label="Conditions">
      <Stepper label="Wind limit" unit="m/s" value={wind} onChange={setWind} step={1} digits={1} />
      <div className="two">
        <Stepper label="Slope" unit="°" value={slope} onChange={setSlope} step={1} digits={1} />
        <Stepper label="Down to" unit="°" value={down} onChange={setDown} step={5} digits={0} />
      </div>
      <p className="s">Meeting point: {info.meetingPoint || 'not named'}. Nearest help: {info.nearestHelp || 'not known'}.</p>
      {changed && leader && (
        <button className="big" onClick={() => void act(api.PUT('/api/jobs/{job}/conditions', { params: { path: { job } }, body: { windLimitMs: wind ?? 0, slopeDeg: slope ?? 0, downhillDeg: down ?? 0, meetingPoint: info.meetingPoint, nearestHelp: info.nearestHelp, version: info.version } }))}>
          Save conditions
        </button>
      )}
    </section>
  );
}

const body = (f: Schemas['View'], over: Partial<Schemas['Entry']>): Schemas['FeatureRequest'] => ({ ...f.entry, ...over, version: f.version });

function Edit({ job, feature, close }: { job: string; feature: Schemas['View']; close: () => void }) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const info = useJob(job).data;
  const path = { params: { path: { job, id: feature.id } } };
  const change = (over: Partial<Schemas['Entry']>) => act(api.PUT('/api/jobs/{job}/features/{id}', { ...path, body: body(feature, over) }));
  const e = feature.entry;
  const move = () => pick(`Tap where ${e.name} is now`, (to) => {
    const dE = to.eastM - feature.mark.eastM;
    const dN = to.northM - feature.mark.northM;
    void change({ outline: e.outline.map((p) => ({ eastM: p.eastM + dE, northM: p.northM + dN })), takenHow: 'moved by tapping' });
  });
  return (
    <div className="form" style={{ paddingBottom: 10 }}>
      <Chips label="Worth" value={e.worth} options={[1, 2, 3, 4].map((v) => ({ value: v, words: String(v) }))} onChange={(worth) => void change({ worth })} />
      <div className="two">
        <label>Protection<Select aria-label="Protection" value={e.protection} options={PROTECTIONS.map((p) => ({ value: p, label: words(p) }))} onChange={(protection) => void change({ protection, protectionDone: false })} /></label>
        <label>Who does it<Select aria-label="Who does it" value={e.protectedBy || undefined} options={info?.people.map((p) => ({ value: p.name, label: p.name }))} onChange={(protectedBy) => void change({ protectedBy })} /></label>
      </div>
      <p className="s">Place taken: {e.takenHow || 'not recorded'}. Counts as protected only when done; asked again before each go.</p>
      <div style={{ display: 'flex', gap: 8 }}>
        <button className="plain" style={{ fontWeight: 700 }} onClick={move}>Move on the plan</button>
        <button className="plain" onClick={() => void act(api.DELETE('/api/jobs/{job}/features/{id}', { params: { path: { job, id: feature.id }, query: { version: feature.version } } }))}>Take off the plan</button>
        <button className="plain" onClick={close}>Close</button>
      </div>
    </div>
  );
}

function Add({ job, features, close }: { job: string; features: Schemas['View'][]; close: () => void }) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const stems = useStems(job).data ?? [];
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind>('OTHER');
  const [worth, setWorth] = useState(2);
  const [at, setAt] = useState<Spot>();
  const [how, setHow] = useState('');
  const [from, setFrom] = useState<string>();
  const [bearing, setBearing] = useState<number | null>(null);
  const [distance, setDistance] = useState<number | null>(null);
  const known = [...stems.map((s) => ({ value: `stump of ${s.label}`, at: s.at })), ...features.map((f) => ({ value: f.entry.name, at: f.mark }))];
  async function tape() {
    const start = known.find((k) => k.value === from);
    if (!start || bearing === null || distance === null) {
      say('Tape and bearing need a known point, a bearing and a distance.');
      return;
    }
    try {
      setAt(await data(api.POST('/api/jobs/{job}/features/tape', { params: { path: { job } }, body: { from: start.at, bearingDeg: bearing, distanceM: distance } })));
      setHow(`tape ${distance} m on ${bearing}° from ${from}`);
    } catch (e) {
      say((e as Error).message);
    }
  }
  async function save() {
    if (!at) {
      say('Set the place first: tap it, or tape and bearing from a known point.');
      return;
    }
    const done = await act(api.POST('/api/jobs/{job}/features', { params: { path: { job } }, body: { name, kind, form: 'POINT', outline: [at], radiusM: 0.5, worth, mayBeHit: false, agreedBy: '', protection: 'NONE', protectedBy: '', protectionDone: false, takenHow: how } }));
    if (done) close();
  }
  return (
    <section className="form" aria-label="New target" style={{ borderTop: '2px solid var(--ink)', paddingTop: 8 }}>
      <div className="two">
        <label>Name<input aria-label="Name of the target" value={name} onChange={(e) => setName(e.target.value)} style={{ minHeight: 46, font: 'inherit', padding: '0 10px' }} /></label>
        <label>Kind<Select aria-label="Kind of the target" showSearch value={kind} onChange={setKind} options={KINDS.map((k) => ({ value: k, label: words(k) }))} /></label>
      </div>
      <Chips label="Worth (0 is no target, 4 must never be hit)" value={worth} options={[0, 1, 2, 3, 4].map((v) => ({ value: v, words: String(v) }))} onChange={setWorth} />
      <button className="big quiet" style={{ fontSize: 16 }} onClick={() => pick('Tap the place on the plan', (spot) => { setAt(spot); setHow('tapped'); })}>Tap the place on the plan</button>
      <small>or by tape and bearing from a known point</small>
      <label>Known point<Select aria-label="Known point" value={from} onChange={setFrom} options={known.map((k) => ({ value: k.value, label: k.value }))} /></label>
      <div className="two">
        <Stepper label="Bearing" unit="°" value={bearing} onChange={setBearing} step={5} digits={0} />
        <Stepper label="Distance" unit="m" value={distance} onChange={setDistance} step={0.5} digits={1} />
      </div>
      <button className="plain" style={{ fontWeight: 700 }} onClick={() => void tape()}>Compute the place</button>
      <p aria-live="polite">{at ? <>Place: <b className="n">{at.eastM.toFixed(1)} m east, {at.northM.toFixed(1)} m north</b> ({how})</> : 'Place not set yet.'}</p>
      <button className="big" onClick={() => void save()}>Add it to the plan</button>
      <button className="plain" onClick={close}>Leave it</button>
    </section>
  );
}

function Join({ job, info, act }: { job: string; info: Schemas['JobView']; act: (w: Promise<unknown>) => Promise<boolean> }) {
  const crew = info.people.filter((p) => p.part === 'CREW');
  const [everyone, setEveryone] = useState<Schemas['PersonEntry'][]>();
  return (
    <section aria-label="Join">
      <h2>Crew joins here <span>{crew.filter((p) => p.joined).length} of {crew.length} joined</span></h2>
      <div style={{ display: 'flex', gap: 14, alignItems: 'center' }}>
        <img src={`/api/jobs/${job}/qr`} alt="QR code of the address for phones" width={128} height={128} />
        <div><div className="fig" data-testid="join-code">{info.code}</div><small>{info.joinAddress}</small><p className="s">On the local Wi-Fi; each sets an own PIN.</p></div>
      </div>
      {!everyone ? <button className="plain" onClick={() => void data(api.GET('/api/people', {})).then(setEveryone)}>+ Put someone on this job</button> : (
        <div className="chips">{everyone.filter((p) => p.office === 'CREW' && !info.people.some((m) => m.id === p.id)).map((p) => <button key={p.id} onClick={() => void act(api.POST('/api/jobs/{job}/members', { params: { path: { job } }, body: { personId: p.id } }))}>{p.name}</button>)}</div>
      )}
    </section>
  );
}
