import css from '../../ui/layout.module.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { api, data, type Spot } from '../../api/client';
import { useFeatures, useStems } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { length } from '../../units/length';

type Way = 'tap' | 'tape' | 'two' | 'offset' | 'laser';

/** Getting a place from a known point: by tapping, tape and bearing, two tapes, an offset from a line, or the rangefinder. */
export function Ranging({ job, put }: { job: string; put: (at: Spot, how: string) => void }) {
  const { say, pick, setGhosts } = usePlanTools();
  const stems = useStems(job).data ?? [];
  const features = useFeatures(job).data ?? [];
  const [way, setWay] = useState<Way>('tape');
  const [from, setFrom] = useState<string>();
  const [to, setTo] = useState<string>();
  const [a, setA] = useState<number | null>(null);
  const [b, setB] = useState<number | null>(null);
  const [both, setBoth] = useState<Spot[]>([]);
  const known = [
    ...stems.map((s) => ({ value: `stump of ${s.label}`, at: s.at })),
    ...features.map((f) => ({ value: f.entry.name, at: f.mark })),
  ];
  const at = (name?: string) => known.find((k) => k.value === name)?.at;
  const options = known.map((k) => ({ value: k.value, label: k.value }));
  const path = { params: { path: { job } } };
  const clear = (w: Way) => {
    setWay(w);
    setA(null);
    setB(null);
    setBoth([]);
    setGhosts([]);
  };
  const run = async (work: () => Promise<void>) => {
    try {
      await work();
      say('');
    } catch (e) {
      say((e as Error).message);
    }
  };
  const compute = () =>
    run(async () => {
      const p = at(from);
      const q = at(to);
      if (way === 'tape') {
        if (!p || a === null || b === null)
          throw new Error('Tape and bearing need a known point, a bearing and a distance.');
        put(
          await data(
            api.POST('/api/jobs/{job}/features/tape', { ...path, body: { from: p, bearingDeg: a, distanceM: b } }),
          ),
          `tape ${length(b)} on ${azimuth(a)}° from ${from}`,
        );
      } else if (way === 'two') {
        if (!p || !q || a === null || b === null) throw new Error('Two tapes need two known points and two lengths.');
        const two = await data(
          api.POST('/api/jobs/{job}/features/two-tapes', { ...path, body: { a: p, fromAM: a, b: q, fromBM: b } }),
        );
        setBoth(two.places);
        setGhosts(two.places.map((g, i) => ({ at: g, label: 'AB'[i] })));
        if (two.places.length === 1) put(two.places[0], `tapes ${length(a)} from ${from}, ${length(b)} from ${to}`);
      } else if (way === 'offset') {
        if (!p || !q || a === null || b === null)
          throw new Error('An offset needs a line between two known points, how far along it and how far off it.');
        put(
          await data(
            api.POST('/api/jobs/{job}/features/offset', { ...path, body: { from: p, to: q, alongM: a, rightM: b } }),
          ),
          `${length(a)} along ${from} to ${to}, ${length(Math.abs(b))} ${b < 0 ? 'left' : 'right'} of it`,
        );
      }
    });
  const shoot = () => {
    const p = at(from);
    if (!p) {
      say('The rangefinder needs a known point to stand on.');
      return;
    }
    pick(
      'Aim: tap what the rangefinder is pointed at',
      (aimed) =>
        void run(async () => {
          const s = await data(
            api.POST('/api/jobs/{job}/features/shot', { ...path, body: { from: p, aimedAt: aimed } }),
          );
          put(
            s.at,
            `rangefinder (simulated) ${length(s.distanceM, 2)} ±${length(s.sigmaM, 1)} on ${azimuth(s.bearingDeg)}° from ${from}`,
          );
        }),
    );
  };
  const choose = (g: Spot, letter: string) => {
    put(g, `tapes ${length(a ?? 0)} from ${from}, ${length(b ?? 0)} from ${to}, side ${letter}`);
    setGhosts([]);
    setBoth([]);
  };
  return (
    <div className="form">
      <Chips
        label="Where it is"
        value={way}
        onChange={clear}
        options={[
          { value: 'tap', words: 'tap' },
          { value: 'tape', words: 'tape, bearing' },
          { value: 'two', words: 'two tapes' },
          { value: 'offset', words: 'off a line' },
          { value: 'laser', words: 'rangefinder' },
        ]}
      />
      {(way === 'tap' || way === 'tape') && (
        <Button
          size="large"
          block
          className={css.plainSize}
          onClick={() => pick('Tap the place on the plan', (spot) => put(spot, 'tapped'))}
        >
          Tap the place on the plan
        </Button>
      )}
      {way !== 'tap' && (
        <label>
          {way === 'two' ? 'First known point' : way === 'offset' ? 'Line begins at' : 'Known point'}
          <Select aria-label="Known point" showSearch value={from} onChange={setFrom} options={options} />
        </label>
      )}
      {(way === 'two' || way === 'offset') && (
        <label>
          {way === 'two' ? 'Second known point' : 'and goes to'}
          <Select aria-label="Second known point" showSearch value={to} onChange={setTo} options={options} />
        </label>
      )}
      {way === 'tape' && (
        <div className="two">
          <Stepper label="Bearing" unit="°" value={a} onChange={setA} step={5} digits={0} />
          <Stepper label="Distance" unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'two' && (
        <div className="two">
          <Stepper label="First tape" unit="m" value={a} onChange={setA} step={0.5} digits={1} />
          <Stepper label="Second tape" unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'offset' && (
        <div className="two">
          <Stepper label="Along it" unit="m" value={a} onChange={setA} step={0.5} digits={1} />
          <Stepper label="To the right" unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'laser' ? (
        <Button type="text" className={css.strong} onClick={shoot}>
          Shoot <span className="sim">simulated</span>
        </Button>
      ) : (
        way !== 'tap' && (
          <Button type="text" className={css.strong} onClick={() => void compute()}>
            Compute the place
          </Button>
        )
      )}
      {both.length === 2 && (
        <Chips
          label="Two places fit; which one?"
          onChange={(v) => choose(both[v === 'A' ? 0 : 1], v)}
          options={both.map((g, i) => ({
            value: 'AB'[i],
            words: `${'AB'[i]}: ${length(g.eastM)} east, ${length(g.northM)} north`,
          }))}
        />
      )}
    </div>
  );
}
