import { useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct } from '../../api/job';
import { Chips } from '../../app/Stepper';
import { DialFigure } from '../../figures/DialFigure';
import { usePlanTools } from '../../plan/planTools';
import { stemRequest } from './stemRequest';

type Means = Schemas['ChoiceRequest']['means'];
type DefectKind = Schemas['DefectRequest']['kind'] | 'NONE';
const WORST: { value: DefectKind; words: string }[] = [
  { value: 'NONE', words: 'nothing seen' }, { value: 'DEAD_TOP', words: 'dead top' }, { value: 'HANGING_LIMB', words: 'loose limb' }, { value: 'SPLIT_UNION', words: 'split union' },
  { value: 'CRACK', words: 'crack' }, { value: 'CAVITY', words: 'cavity' }, { value: 'FUNGUS', words: 'bracket' }, { value: 'LIFTED_ROOT_PLATE', words: 'root plate' },
];

/** The genera met most often; all others stand in the list beside the stem's name. Not known is planned as heavy, weak and ready to split. */
const OFTEN: [Schemas['StemView']['species'], string][] = [['QUERCUS', 'oak'], ['FAGUS', 'beech'], ['FRAXINUS', 'ash'], ['ACER', 'maple'], ['BETULA', 'birch'], ['POPULUS', 'poplar'], ['SALIX', 'willow'], ['TILIA', 'lime'], ['PICEA', 'spruce'], ['PINUS', 'pine'], ['UNKNOWN', 'not known']];

/** Eight taps by eye, then a provisional verdict, a dial, and the measurement that would change it most. */
export function FirstLook({ job, stem, done }: { job: string; stem: Schemas['StemView']; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const [diameter, setDiameter] = useState<number>();
  const [height, setHeight] = useState<number>();
  const [lean, setLean] = useState<number>();
  const [toward, setToward] = useState<number>();
  const [crown, setCrown] = useState<number>();
  const [worst, setWorst] = useState<DefectKind>();
  const [means, setMeans] = useState<Means>();
  const [asked, setAsked] = useState(false);
  const [look, setLook] = useState<Schemas['Look']>();
  const path = { params: { path: { job, stem: stem.id } } };
  const ready = diameter && height && lean !== undefined && (lean === 0 || toward !== undefined) && crown && worst && means;

  async function judge() {
    if (!ready || !diameter || !height || !crown || !means) return;
    const sight = (kind: Schemas['SightingRequest']['kind'], numbers: Record<string, number>) => api.POST('/api/jobs/{job}/stems/{stem}/sightings', { ...path, body: { kind, numbers, instrument: 'by eye' } });
    const kept = await act((async () => {
      await sight('EYE_DIAMETER', { diameterM: diameter });
      await sight('EYE_HEIGHT', { heightM: height });
      await sight('EYE_CROWN', { radiusM: crown });
      await sight('EYE_LEAN', { leanDeg: lean ?? 0, azimuthDeg: toward ?? 0 });
      if (worst && worst !== 'NONE' && !stem.defects.some((d) => d.kind === worst)) {
        const high = worst === 'DEAD_TOP' || worst === 'HANGING_LIMB';
        await api.POST('/api/jobs/{job}/stems/{stem}/defects', { ...path, body: { kind: worst, fromM: high ? height * 0.8 : worst === 'SPLIT_UNION' ? 1 : 0, toM: high ? height : 1.5, faceDeg: toward ?? 0, found: 'SEEN', note: 'at first look' } });
      }
    })());
    if (!kept) return;
    try {
      setLook(await data(api.POST('/api/jobs/{job}/stems/{stem}/first-look', { params: { path: { job, stem: stem.id } }, body: { layDeg: 0, cutHeightM: 0.3, school: 'OPEN_FACE', barM: 0.45, means } })));
    } catch (e) {
      say((e as Error).message);
    }
  }

  if (look) {
    return (
      <section aria-label="First look">
        <h1>{stem.label}: {look.verdictWords} <small>provisional{look.verdictHangsOnIt && ': hangs on the next measurement'}</small></h1>
        <p>{look.because}</p>
        <DialFigure dial={look.dial} />
        <p><b>Measure next: {look.nextMeasurement ?? 'nothing that would change the open lays'}.</b>{look.nextDegrees !== undefined && <small> It could change {Math.round(look.nextDegrees)}° of the dial{look.verdictHangsOnIt && ' and the verdict'}.</small>}</p>
        <p className="s">By eye: diameter ±10 %, height ±15 %, lean ±2°. Every number above hangs on them.</p>
        <button className="big" onClick={done}>Go on with {stem.label}</button>
      </section>
    );
  }
  return (
    <section aria-label="First look">
      <h1>First look at {stem.label} <small>by eye, one tap each</small></h1>
      {(stem.species === 'UNKNOWN' || asked) && <Chips label="Species" value={asked ? stem.species : undefined} options={OFTEN.map(([value, words]) => ({ value, words }))} onChange={(species) => {
        setAsked(true);
        if (species !== stem.species) void act(api.PUT('/api/jobs/{job}/stems/{id}', { params: { path: { job, id: stem.id } }, body: stemRequest(stem, { species }) }));
      }} />}
      <Chips label="Diameter ±10 %" value={diameter} onChange={setDiameter} options={[0.2, 0.3, 0.4, 0.5, 0.7, 0.9].map((v) => ({ value: v, words: `${v * 100} cm` }))} />
      <Chips label="Height ±15 %" value={height} onChange={setHeight} options={[8, 12, 16, 20, 25, 30].map((v) => ({ value: v, words: `${v} m` }))} />
      <Chips label="Lean ±2°" value={lean} onChange={setLean} options={[0, 2, 5, 10, 20].map((v) => ({ value: v, words: v === 0 ? 'none seen' : `${v}°` }))} />
      {lean !== 0 && <Chips label="Leans to" value={toward} onChange={setToward} options={['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'].map((w, i) => ({ value: i * 45, words: w }))} />}
      <Chips label="Crown radius ±20 %" value={crown} onChange={setCrown} options={[1, 2, 4, 6, 8].map((v) => ({ value: v, words: `${v} m` }))} />
      <Chips label="Worst thing seen" value={worst} onChange={setWorst} options={WORST} />
      <Chips label="What can pull" value={means} onChange={setMeans} options={[{ value: 'NOTHING', words: 'nothing' }, { value: 'WEDGES', words: 'wedges' }, { value: 'HAND_LINE', words: 'hand line' }, { value: 'MACHINE_LINE', words: 'machine line' }]} />
      <button className="big" disabled={!ready} onClick={() => void judge()}>Provisional verdict</button>
      <button className="plain" onClick={done}>Leave it</button>
    </section>
  );
}
