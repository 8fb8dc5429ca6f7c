import css from '../../ui/layout.module.css';
import { Rows } from '../../ui/Rows';
import { Button } from 'antd';
import { Waiting } from '../../ui/Waiting';
import { useState } from 'react';
import { api, type Schemas } from '../../api/client';
import { useAct, useSurroundings } from '../../api/job';
import { Chips, Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { length } from '../../units/length';

/** The day: wind and its limit, bulletin, ground, light, load on the crowns; the slope as one plane or from spot heights. */
export function TodayTab({ job, info, leader }: { job: string; info: Schemas['JobView']; leader: boolean }) {
  const { say } = usePlanTools();
  const act = useAct(job, say);
  const s = useSurroundings(job).data;
  if (!s) return <Waiting className="body" />;
  const day = (over: Partial<Schemas['DayRequest']>) =>
    void act(api.PUT('/api/jobs/{job}/place/day', { params: { path: { job } }, body: over }));
  return (
    <>
      <h1>
        Today{' '}
        <small>
          gust {info.wind.gust} from {azimuth(info.wind.fromDeg)}°{' '}
          {info.wind.simulated && <span className="sim">simulated</span>}
        </small>
      </h1>
      <Conditions key={info.version} job={job} info={info} leader={leader} />
      <h2>
        Next hours <span>bulletin {s.bulletin.simulated && <span className="sim">simulated</span>}</span>
      </h2>
      <Rows
        label="Bulletin"
        rows={s.bulletin.hours}
        keyOf={(h) => String(h.inHours)}
        columns={[
          { head: 'hour', cell: (h) => <span className="n">{h.label}</span> },
          {
            head: 'gust',
            quantity: true,
            cell: (h) => (h.gustMs > info.windLimitMs ? <b className="over">{h.said.gustMs} over</b> : h.said.gustMs),
          },
          { head: 'from', quantity: true, cell: (h) => h.said.fromDeg },
          { head: 'rain mm', quantity: true, cell: (h) => h.rainMm },
          { head: 'air °C', quantity: true, cell: (h) => h.airC },
          { head: 'light', cell: (h) => h.light.toLowerCase() },
        ]}
      />
      {leader && (
        <>
          <Chips
            label="Ground"
            value={s.ground}
            onChange={(ground) => day({ ground })}
            options={[
              { value: 'FIRM', words: 'firm' },
              { value: 'WET', words: 'wet' },
              { value: 'FROZEN', words: 'frozen' },
              { value: 'SLIPPERY', words: 'slippery' },
            ]}
          />
          <Chips
            label="Light"
            value={s.light}
            onChange={(light) => day({ light })}
            options={[
              { value: 'DAY', words: 'daylight' },
              { value: 'DUSK', words: 'dusk, fog' },
              { value: 'DARK', words: 'dark' },
            ]}
          />
          <Chips
            label="On the crowns"
            value={s.load}
            onChange={(load) => day({ load })}
            options={[
              { value: 'NONE', words: 'nothing' },
              { value: 'SNOW', words: 'snow' },
              { value: 'ICE', words: 'ice' },
            ]}
          />
          <Heights job={job} s={s} />
        </>
      )}
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
  const save = () => {
    // a field that was cleared is asked for; flat ground and no wind are never assumed
    if (wind === null || slope === null || down === null) return;
    void act(
      api.PUT('/api/jobs/{job}/conditions', {
        params: { path: { job } },
        body: {
          windLimitMs: wind,
          slopeDeg: slope,
          downhillDeg: down,
          meetingPoint: info.meetingPoint,
          version: info.version,
        },
      }),
    );
  };
  return (
    <section className="form" aria-label="Conditions">
      <Stepper label="Wind limit" unit="m/s" value={wind} onChange={setWind} step={1} digits={1} />
      <div className="two">
        <Stepper label="Slope" unit="°" value={slope} onChange={setSlope} step={1} digits={1} />
        <Stepper label="Down to" unit="°" value={down} onChange={setDown} step={5} digits={0} />
      </div>
      {changed && leader && (
        <Button
          type="primary"
          size="large"
          block
          disabled={wind === null || slope === null || down === null}
          onClick={save}
        >
          Save conditions
        </Button>
      )}
    </section>
  );
}

function Heights({ job, s }: { job: string; s: Schemas['PlaceView'] }) {
  const { say, pick } = usePlanTools();
  const act = useAct(job, say);
  const [height, setHeight] = useState<number | null>(0);
  const add = () => {
    if (height === null) return;
    pick(
      `Tap where the ground is ${length(height)} high`,
      (at) =>
        void act(
          api.POST('/api/jobs/{job}/place/heights', {
            params: { path: { job } },
            body: { at, heightM: height, takenHow: 'tapped, height by level' },
          }),
        ),
    );
  };
  return (
    <section aria-label="Spot heights">
      <h2>
        Spot heights <span>{s.heights.length}; from three on they make the slope</span>
      </h2>
      <div className="form">
        <div className={`two ${css.atTheFoot}`}>
          <Stepper label="Height" unit="m" value={height} onChange={setHeight} step={0.1} digits={2} />
          <Button size="large" block className={css.fieldButton} disabled={height === null} onClick={add}>
            Tap where
          </Button>
        </div>
      </div>
      {s.heights.length > 0 && (
        <p className="s">
          Above the site’s own zero. {s.contours.length > 0 && `Contours every ${length(s.contourIntervalM)}.`} Outside
          of them the one slope above counts.
        </p>
      )}
      <div className="chips">
        {s.heights.map((h) => (
          <Button
            key={h.id}
            onClick={() =>
              void act(api.DELETE('/api/jobs/{job}/place/heights/{id}', { params: { path: { job, id: h.id } } }))
            }
            aria-label={`take off height ${length(h.heightM, 2)}`}
          >
            {length(h.heightM, 2)} ×
          </Button>
        ))}
      </div>
    </section>
  );
}
