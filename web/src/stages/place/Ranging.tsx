import css from '../../ui/layout.module.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { api, data, type Spot } from '../../api/client';
import { useFeatures, useStems } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { length } from '../../units/length';
import { msg } from './words';

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
        if (!p || a === null || b === null) throw new Error(msg('tapeAndBearingNeed'));
        put(
          await data(
            api.POST('/api/jobs/{job}/features/tape', { ...path, body: { from: p, bearingDeg: a, distanceM: b } }),
          ),
          msg('tapeOnDegreesFrom', { b: length(b), a: azimuth(a), from: from ?? '' }),
        );
      } else if (way === 'two') {
        if (!p || !q || a === null || b === null) throw new Error(msg('twoTapesNeedTwo'));
        const two = await data(
          api.POST('/api/jobs/{job}/features/two-tapes', { ...path, body: { a: p, fromAM: a, b: q, fromBM: b } }),
        );
        setBoth(two.places);
        setGhosts(two.places.map((g, i) => ({ at: g, label: 'AB'[i] })));
        if (two.places.length === 1)
          put(two.places[0], msg('tapesFromFrom', { a: length(a), from: from ?? '', b: length(b), to: to ?? '' }));
      } else if (way === 'offset') {
        if (!p || !q || a === null || b === null) throw new Error(msg('anOffsetNeedsA'));
        put(
          await data(
            api.POST('/api/jobs/{job}/features/offset', { ...path, body: { from: p, to: q, alongM: a, rightM: b } }),
          ),
          msg('alongToLeftRight', {
            a: length(a),
            from: from ?? '',
            to: to ?? '',
            b: length(Math.abs(b)),
            b2: b < 0 ? 'yes' : 'no',
          }),
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
      msg('aimTapWhatThe'),
      (aimed) =>
        void run(async () => {
          const s = await data(
            api.POST('/api/jobs/{job}/features/shot', { ...path, body: { from: p, aimedAt: aimed } }),
          );
          put(
            s.at,
            msg('rangefinderSimulatedOnDegrees', {
              distanceM: length(s.distanceM, 2),
              sigmaM: length(s.sigmaM, 1),
              bearingDeg: azimuth(s.bearingDeg),
              from: from ?? '',
            }),
          );
        }),
    );
  };
  const choose = (g: Spot, letter: string) => {
    put(g, msg('tapesFromFromSide', { a: length(a ?? 0), from: from ?? '', b: length(b ?? 0), to: to ?? '', letter }));
    setGhosts([]);
    setBoth([]);
  };
  return (
    <div className="form">
      <Chips
        label={msg('whereItIs')}
        value={way}
        onChange={clear}
        options={[
          { value: 'tap', words: msg('tap') },
          { value: 'tape', words: msg('tapeBearing') },
          { value: 'two', words: msg('twoTapes') },
          { value: 'offset', words: msg('offALine') },
          { value: 'laser', words: msg('rangefinder') },
        ]}
      />
      {(way === 'tap' || way === 'tape') && (
        <Button
          size="large"
          block
          className={css.plainSize}
          onClick={() => pick(msg('tapThePlaceOn'), (spot) => put(spot, 'tapped'))}
        >
          {msg('tapThePlaceOn')}
        </Button>
      )}
      {way !== 'tap' && (
        <label>
          {way === 'two' ? msg('firstKnownPoint') : way === 'offset' ? msg('lineBeginsAt') : msg('knownPoint')}
          <Select aria-label={msg('knownPoint')} showSearch value={from} onChange={setFrom} options={options} />
        </label>
      )}
      {(way === 'two' || way === 'offset') && (
        <label>
          {way === 'two' ? msg('secondKnownPoint') : msg('andGoesTo')}
          <Select aria-label={msg('secondKnownPoint')} showSearch value={to} onChange={setTo} options={options} />
        </label>
      )}
      {way === 'tape' && (
        <div className="two">
          <Stepper label={msg('bearing')} unit="°" value={a} onChange={setA} step={5} digits={0} />
          <Stepper label={msg('distance')} unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'two' && (
        <div className="two">
          <Stepper label={msg('firstTape')} unit="m" value={a} onChange={setA} step={0.5} digits={1} />
          <Stepper label={msg('secondTape')} unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'offset' && (
        <div className="two">
          <Stepper label={msg('alongIt')} unit="m" value={a} onChange={setA} step={0.5} digits={1} />
          <Stepper label={msg('toTheRight')} unit="m" value={b} onChange={setB} step={0.5} digits={1} />
        </div>
      )}
      {way === 'laser' ? (
        <Button type="text" className={css.strong} onClick={shoot}>
          {msg('shoot')} <span className="sim">{msg('simulated')}</span>
        </Button>
      ) : (
        way !== 'tap' && (
          <Button type="text" className={css.strong} onClick={() => void compute()}>
            {msg('computeThePlace')}
          </Button>
        )
      )}
      {both.length === 2 && (
        <Chips
          label={msg('twoPlacesFitWhich')}
          onChange={(v) => choose(both[v === 'A' ? 0 : 1], v)}
          options={both.map((g, i) => ({
            value: 'AB'[i],
            words: msg('eastNorth', { it: 'AB'[i], eastM: length(g.eastM), northM: length(g.northM) }),
          }))}
        />
      )}
    </div>
  );
}
