import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { useAct, useLays } from '../../api/job';
import { Chips } from '../../app/Stepper';
import { DialFigure } from '../../figures/DialFigure';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { stemRequest } from './stemRequest';

type Means = Schemas['ChoiceRequest']['means'];
type Defect = Schemas['DefectRequest']['kind'];
type Condition = 'SOUND' | 'DEAD_RECENT' | 'DEAD_OLD';

const MOST_FAULTS = 3;
const FAULTS: { value: Defect; words: string }[] = [
  { value: 'DEAD_TOP', words: 'dead top' },
  { value: 'HANGING_LIMB', words: 'loose limb' },
  { value: 'SPLIT_UNION', words: 'split union' },
  { value: 'CRACK', words: 'crack' },
  { value: 'CAVITY', words: 'cavity' },
  { value: 'FUNGUS', words: 'bracket' },
  { value: 'LOOSE_BARK', words: 'loose bark' },
  { value: 'LIFTED_ROOT_PLATE', words: 'root plate' },
];
/** Every five centimetres, as far as an eye tells them apart. */
const DIAMETERS = Array.from({ length: 18 }, (_, i) => (i + 3) * 5);

/** The genera met most often; all others stand in the list beside the stem's name. Not known is planned as heavy, weak and ready to split. */
const OFTEN: [Schemas['StemView']['species'], string][] = [
  ['QUERCUS', 'oak'],
  ['FAGUS', 'beech'],
  ['FRAXINUS', 'ash'],
  ['ACER', 'maple'],
  ['BETULA', 'birch'],
  ['POPULUS', 'poplar'],
  ['SALIX', 'willow'],
  ['TILIA', 'lime'],
  ['PICEA', 'spruce'],
  ['PINUS', 'pine'],
  ['UNKNOWN', 'not known'],
];

/** A few taps by eye, then what to do, a dial, and the measurement that would change it most. What was tapped is what Lay and Cuts start with. */
export function FirstLook({ job, stem, done }: { job: string; stem: Schemas['StemView']; done: () => void }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const saved = useLays(job).data?.find((l) => l.stemId === stem.id);
  const [species, setSpecies] = useState<Schemas['StemView']['species'] | undefined>(
    stem.species === 'UNKNOWN' ? undefined : stem.species,
  );
  const [wood, setWood] = useState<Condition>();
  const [diameter, setDiameter] = useState<number>();
  const [height, setHeight] = useState<number>();
  const [lean, setLean] = useState<number>();
  const [toward, setToward] = useState<number>();
  const [crown, setCrown] = useState<number>();
  const [faults, setFaults] = useState<Defect[]>();
  const [means, setMeans] = useState<Means>();
  const [planned, setPlanned] = useState(false);
  const [taken, setTaken] = useState(false);
  const [look, setLook] = useState<Schemas['Look']>();
  const answer = useRef<HTMLElement>(null);
  // the answer is read first, wherever the last tap was
  useEffect(() => {
    if (look) answer.current?.scrollIntoView({ block: 'start' });
  }, [look]);
  const path = { params: { path: { job, stem: stem.id } } };
  const missing = [
    !species && 'species',
    !wood && 'alive or dead',
    !diameter && 'diameter',
    !height && 'height',
    lean === undefined && 'lean',
    Boolean(lean) && toward === undefined && 'where it leans to',
    !crown && 'crown',
    !faults && 'faults',
    !means && 'what can pull',
  ].filter(Boolean);

  async function judge() {
    if (missing.length > 0 || !species || !wood || !diameter || !height || !crown || !means) return;
    const sight = (kind: Schemas['SightingRequest']['kind'], numbers: Record<string, number>) =>
      api.POST('/api/jobs/{job}/stems/{stem}/sightings', { ...path, body: { kind, numbers, instrument: 'by eye' } });
    const kept = await act(
      (async () => {
        await data(
          api.PUT('/api/jobs/{job}/stems/{id}', {
            params: { path: { job, id: stem.id } },
            body: stemRequest(stem, {
              species,
              wood: { left: wood, right: wood, back: wood, core: wood, crown: wood },
            }),
          }),
        );
        await sight('EYE_DIAMETER', { diameterM: diameter / 100 });
        await sight('EYE_HEIGHT', { heightM: height });
        await sight('EYE_CROWN', { radiusM: crown });
        await sight('EYE_LEAN', { leanDeg: lean ?? 0, azimuthDeg: toward ?? 0 });
        for (const kind of faults ?? []) {
          if (stem.defects.some((d) => d.kind === kind)) continue;
          const high = kind === 'DEAD_TOP' || kind === 'HANGING_LIMB';
          await api.POST('/api/jobs/{job}/stems/{stem}/defects', {
            ...path,
            body: {
              kind,
              fromM: high ? height * 0.8 : kind === 'SPLIT_UNION' ? 1 : 0,
              toM: high ? height : 1.5,
              faceDeg: toward ?? 0,
              found: 'SEEN',
              note: 'at first look',
            },
          });
        }
      })(),
    );
    if (!kept) return;
    const choice = {
      layDeg: saved?.choice.layDeg ?? 0,
      cutHeightM: 0.3,
      school: 'OPEN_FACE' as const,
      barM: 0.45,
      means,
    };
    try {
      const seen = await data(api.POST('/api/jobs/{job}/stems/{stem}/first-look', { ...path, body: choice }));
      setLook(seen);
      setPlanned(Boolean(saved));
      if (!saved) await begin(seen, means);
    } catch (e) {
      say((e as Error).message);
    }
  }

  /** What was tapped and proposed becomes the lay that is turned next; a lay somebody planned is not touched unasked. */
  async function begin(seen: Schemas['Look'], tapped: Means) {
    if (seen.layDeg === undefined) return;
    const line = seen.proposed;
    const kind = line && seen.headline === 'FELL_WITH_LINE' ? line.kind : tapped;
    await act(
      api.PUT('/api/jobs/{job}/stems/{stem}/lay', {
        ...path,
        body: {
          choice: {
            layDeg: seen.layDeg,
            cutHeightM: 0.3,
            school: 'OPEN_FACE',
            barM: 0.45,
            means: kind,
            ...(line
              ? {
                  ropeHeightM: line.ropeHeightM,
                  anchorDistM: line.anchorDistM,
                  pullN: line.pullN,
                  rig: { ropeId: line.ropeId, proposed: true },
                }
              : {}),
          },
          fixed: false,
          dropZone: [],
          version: saved?.version,
        },
      }),
    );
  }

  if (look) {
    const never = look.headline === 'NOT_BY_HAND';
    return (
      <section aria-label="First look" ref={answer}>
        <h1 data-headline={look.headline}>
          {stem.label}: {look.headlineWords}
        </h1>
        <p>
          {never && 'Because: '}
          {look.because}.
          {never && (
            <>
              {' '}
              Then: <b>{look.verdictWords}</b>.
            </>
          )}
        </p>
        {look.proposed && !never && (
          <p aria-label="Proposed line">
            <b>Proposed:</b> {look.proposed.kind === 'HAND_LINE' ? 'a hand line' : 'a machine line'}, tied{' '}
            <b className="n">{look.proposed.said.ropeHeightM}</b> up, anchored{' '}
            <b className="n">{look.proposed.said.anchorDistM}</b> out, gives{' '}
            <b className="n">{look.proposed.pullWords}</b>
            {look.proposed.ropeName && ` on ${look.proposed.ropeName}`}.{' '}
            {look.proposed.room ? (
              'Look at tie and anchor on site.'
            ) : (
              <b>No free ground there on this lay: pull from aside, round a block.</b>
            )}
          </p>
        )}
        <DialFigure dial={look.dial} />
        <p>
          <b>Measure next: {look.nextMeasurement ?? 'nothing that would change the open lays'}.</b>
          {look.nextDegrees !== undefined && (
            <small>
              {' '}
              It could change{' '}
              {[look.nextDegrees >= 1 && `${look.said.nextDegrees} of the dial`, look.verdictHangsOnIt && 'what to do']
                .filter(Boolean)
                .join(' and ')}
              .
            </small>
          )}
        </p>
        <p className="s">
          By eye: diameter ±10 %, height ±15 %, lean ±2°, crown ±20 %. Every number above hangs on them.
          {look.layDeg !== undefined && (!planned || taken) && ` Lay and Cuts start with ${azimuth(look.layDeg)}°.`}
        </p>
        {planned && !taken && look.layDeg !== undefined && means && (
          <Button size="large" block onClick={() => void begin(look, means).then(() => setTaken(true))}>
            Start the lay anew with {azimuth(look.layDeg)}°
          </Button>
        )}
        <Button type="primary" size="large" block onClick={done}>
          Go on with {stem.label}
        </Button>
      </section>
    );
  }
  return (
    <section aria-label="First look">
      <h1>
        First look at {stem.label} <small>by eye, one tap each</small>
      </h1>
      <Chips
        label="Species"
        value={species}
        options={
          species && !OFTEN.some(([k]) => k === species)
            ? [{ value: species, words: stem.commonName }, ...OFTEN.map(([value, words]) => ({ value, words }))]
            : OFTEN.map(([value, words]) => ({ value, words }))
        }
        onChange={setSpecies}
      />
      <Chips
        label="It is"
        value={wood}
        onChange={setWood}
        options={[
          { value: 'SOUND', words: 'alive' },
          { value: 'DEAD_RECENT', words: 'dead, recent' },
          { value: 'DEAD_OLD', words: 'dead, old' },
        ]}
      />
      <Chips
        label="Diameter, cm ±10 %"
        value={diameter}
        onChange={setDiameter}
        options={DIAMETERS.map((v) => ({ value: v, words: String(v) }))}
      />
      <Chips
        label="Height, m ±15 %"
        value={height}
        onChange={setHeight}
        options={[6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 32].map((v) => ({ value: v, words: String(v) }))}
      />
      <Chips
        label="Lean ±2°"
        value={lean}
        onChange={setLean}
        options={[0, 2, 5, 10, 20].map((v) => ({ value: v, words: v === 0 ? 'none seen' : `${v}°` }))}
      />
      {Boolean(lean) && (
        <Chips
          label="Leans to"
          value={toward}
          onChange={setToward}
          options={['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'].map((w, i) => ({ value: i * 45, words: w }))}
        />
      )}
      <Chips
        label="Crown radius, m ±20 %"
        value={crown}
        onChange={setCrown}
        options={[1, 2, 3, 4, 5, 6, 8].map((v) => ({ value: v, words: String(v) }))}
      />
      <div role="group" aria-label="Faults seen">
        <small>Faults seen, up to three</small>
        <div className="chips">
          <Button
            type={faults?.length === 0 ? 'primary' : 'default'}
            aria-pressed={faults?.length === 0}
            onClick={() => setFaults([])}
          >
            nothing seen
          </Button>
          {FAULTS.map((f) => (
            <Button
              type={(faults?.includes(f.value) ?? false) ? 'primary' : 'default'}
              key={f.value}
              aria-pressed={faults?.includes(f.value) ?? false}
              disabled={(faults?.length ?? 0) >= MOST_FAULTS && !faults?.includes(f.value)}
              onClick={() =>
                setFaults(
                  faults?.includes(f.value) ? faults.filter((k) => k !== f.value) : [...(faults ?? []), f.value],
                )
              }
            >
              {f.words}
            </Button>
          ))}
        </div>
      </div>
      <Chips
        label="What can bring it over"
        value={means}
        onChange={setMeans}
        options={[
          { value: 'NOTHING', words: 'nothing' },
          { value: 'LEVER', words: 'lever' },
          { value: 'WEDGES', words: 'wedges' },
          { value: 'HAND_LINE', words: 'hand line' },
          { value: 'MACHINE_LINE', words: 'machine line' },
        ]}
      />
      <Button type="primary" size="large" block disabled={missing.length > 0} onClick={() => void judge()}>
        What to do
      </Button>
      {missing.length > 0 && <p className="s">Still to tap: {missing.join(', ')}.</p>}
      <Button type="text" onClick={done}>
        Not now
      </Button>
    </section>
  );
}
