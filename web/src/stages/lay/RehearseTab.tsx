import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { api, data, type Schemas } from '../../api/client';
import { Chips, Stepper } from '../../app/Stepper';
import { falling } from '../../plan/falling';
import { usePlanTools } from '../../plan/planTools';
import { azimuth, fixed } from '../../units/format';
import type { Turning } from './useLay';
import { speed, small } from '../../units/length';
import { msg } from './words';

type Props = { job: string; l: Turning; v: Schemas['LayView'] };
type What = { gustMs: number; releaseDeg?: number; rotten: Schemas['RehearsalRequest']['rotten']; offM: number };
const AS_PLANNED: What = { gustMs: 0, rotten: 'NONE', offM: 0 };
const FALLS = [
  { value: 200, words: '200' },
  { value: 2000, words: '2,000' },
  { value: 10000, words: '10,000' },
];

/** Plays the fall and shows what the plan's margin is worth when something goes otherwise. */
export function RehearseTab({ job, l, v }: Props) {
  const { say } = usePlanTools();
  const [what, setWhat] = useState<What>(AS_PLANNED);
  const [falls, setFalls] = useState(2000);
  const [seed, setSeed] = useState(1);
  const [seen, setSeen] = useState<{ of: Schemas['RehearsalView']; tookMs: number }>();
  const [theta, setTheta] = useState<number>();
  const timer = useRef<number | undefined>(undefined);
  const result = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (seen) result.current?.scrollIntoView({ block: 'start' });
  }, [seen]);
  const key = JSON.stringify([l.choice, what, falls, seed]);
  const stop = () => {
    cancelAnimationFrame(timer.current ?? 0);
    setTheta(undefined);
  };
  useEffect(() => {
    stop();
    setSeen(undefined);
    falling.show(undefined);
  }, [key]);
  useEffect(
    () => () => {
      cancelAnimationFrame(timer.current ?? 0);
      falling.show(undefined);
    },
    [],
  );
  const base = (r: Schemas['RehearsalView']) => ({
    stump: v.stump,
    layDeg: v.layDeg,
    reachM: v.reach.reachM,
    byDegree: r.whatIf.byDegree,
    tips: r.whatIf.tips,
    falls: r.whatIf.falls,
  });
  const play = (r: Schemas['RehearsalView']) => {
    const begin = performance.now();
    const frame = () => {
      const at = (performance.now() - begin) / 1000 / r.stepS;
      const i = Math.floor(at);
      const over = i >= r.motion.length - 1;
      const deg = over ? r.motion[r.motion.length - 1] : r.motion[i] + (at - i) * (r.motion[i + 1] - r.motion[i]);
      setTheta(deg);
      falling.show({ ...base(r), thetaDeg: deg });
      if (!over) timer.current = requestAnimationFrame(frame);
    };
    cancelAnimationFrame(timer.current ?? 0);
    frame();
  };
  const run = async () => {
    try {
      const start = performance.now();
      const of = await data(
        api.POST('/api/jobs/{job}/stems/{stem}/lay/rehearsal', {
          params: { path: { job, stem: l.stem!.id } },
          body: { choice: l.choice, ...what, falls, seed },
        }),
      );
      setSeen({ of, tookMs: performance.now() - start });
      say('');
      play(of);
    } catch (e) {
      say((e as Error).message);
    }
  };
  const same = JSON.stringify(what) === JSON.stringify(AS_PLANNED);
  const planned = seen?.of.asPlanned;
  const other = seen?.of.whatIf;
  return (
    <>
      <h2 className={css.firstHead}>
        {msg('whatIf')} <span>{msg('seededFallsOfLay', { layDeg: azimuth(v.layDeg) })}</span>
      </h2>
      <div className="whatif">
        <Chips
          label={msg('gustFromAnySide')}
          value={what.gustMs}
          onChange={(gustMs) => setWhat({ ...what, gustMs })}
          options={[
            { value: 0, words: msg('none') },
            { value: 6, words: speed(6) },
            { value: 9, words: speed(9) },
            { value: 14, words: speed(14) },
          ]}
        />
        <Chips
          label={msg('hingeIsLostAt')}
          value={what.releaseDeg ?? 90}
          onChange={(d) => setWhat({ ...what, releaseDeg: d === 90 ? undefined : d })}
          options={[
            { value: 90, words: msg('asPlanned') },
            { value: 30, words: '30°' },
            { value: 15, words: '15°' },
          ]}
        />
        <Chips
          label={msg('rottenHingeCorner')}
          value={what.rotten}
          onChange={(rotten) => setWhat({ ...what, rotten })}
          options={[
            { value: 'NONE', words: msg('none') },
            { value: 'LEFT', words: msg('left') },
            { value: 'RIGHT', words: msg('right') },
          ]}
        />
        <Chips
          label={msg('notchOffAtAn')}
          value={what.offM}
          onChange={(offM) => setWhat({ ...what, offM })}
          options={[
            { value: 0, words: msg('none') },
            { value: 0.02, words: small(0.02) },
            { value: 0.05, words: small(0.05) },
          ]}
        />
        <Chips label={msg('falls')} value={falls} onChange={setFalls} options={FALLS} />
      </div>
      <div className="form">
        <div className="two">
          <Stepper
            label={msg('seed')}
            unit=""
            value={seed}
            step={1}
            digits={0}
            min={1}
            onChange={(s) => setSeed(s ?? 1)}
          />
          <Button type="primary" size="large" block className={css.fallAgain} onClick={() => void run()}>
            {msg('rehearse')}
          </Button>
        </div>
      </div>
      {seen && planned && other && (
        <div aria-label={msg('rehearsal')} ref={result}>
          <SideView theta={theta ?? 0} />
          <Button type="text" className={css.link} onClick={() => play(seen.of)}>
            {msg('playItAgain')}
          </Button>{' '}
          <small>{msg('realTimeSFrom', { stepS: fixed(seen.of.stepS * (seen.of.motion.length - 1)) })}</small>
          <Rows
            rows={[
              {
                what: msg('of100LieWithin'),
                planned: `±${planned.said.within95Deg}`,
                other: `±${other.said.within95Deg}`,
              },
              { what: msg('controlLostAltogether'), planned: planned.lost, other: other.lost },
              ...other.struck
                .filter((s) => s.falls > 0 || planned.struck.some((p) => p.id === s.id && p.falls > 0))
                .map((s) => ({
                  what: msg('strikesThe', { name: s.name }),
                  planned: planned.struck.find((p) => p.id === s.id)?.share,
                  other: s.share,
                })),
            ]}
            keyOf={(r) => r.what}
            columns={[
              { head: msg('fallsSeed', { falls: other.falls.toLocaleString('en'), seed }), cell: (r) => r.what },
              { head: msg('asPlanned'), quantity: true, cell: (r) => r.planned },
              ...(same
                ? []
                : [{ head: msg('whatIfInline'), quantity: true, cell: (r: { other: string }) => <b>{r.other}</b> }]),
            ]}
          />
          {other.struck.every((s) => s.falls === 0) && planned.struck.every((s) => s.falls === 0) && (
            <p className="s">{msg('noneOfFallsStrikes', { falls: other.falls.toLocaleString('en') })}</p>
          )}
          <p className="s">{msg('drawnFromTheSame', { tookMs: fixed(seen.tookMs, 0) })}</p>
        </div>
      )}
    </>
  );
}

/** The stem from the side while it goes over. */
function SideView({ theta }: { theta: number }) {
  const a = (Math.min(95, theta) * Math.PI) / 180;
  const x = 40 + 150 * Math.sin(a);
  const y = 168 - 150 * Math.cos(a);
  return (
    <svg
      viewBox="0 0 240 190"
      width="100%"
      height="150"
      role="img"
      aria-label={msg('sideViewDegreesFrom', { theta: theta.toFixed(0) })}
    >
      <path d="M0 170H240" stroke="var(--mute)" strokeWidth="2" />
      <path d="M40 170V160" stroke="var(--ink)" strokeWidth="12" />
      <path d={`M40 164L${x} ${y}`} stroke="var(--lay)" strokeWidth="7" strokeLinecap="round" />
      <circle
        cx={40 + 105 * Math.sin(a)}
        cy={168 - 105 * Math.cos(a)}
        r="15"
        fill="color-mix(in srgb, var(--lay) 22%, transparent)"
        stroke="var(--lay)"
        strokeWidth="1.5"
      />
      <text x="232" y="20" textAnchor="end" className="m b">
        {theta.toFixed(0)}°
      </text>
      <text x="232" y="38" textAnchor="end" className="mu">
        {msg('fromPlumb')}
      </text>
    </svg>
  );
}
