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
import { msg } from './words';
import { term } from '../../words/terms';

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
        {msg('today')}{' '}
        <small>
          {msg('gustFromDegrees', { gust: info.wind.gust, fromDeg: azimuth(info.wind.fromDeg) })}{' '}
          {info.wind.simulated && <span className="sim">{msg('simulated')}</span>}
        </small>
      </h1>
      <Conditions key={info.version} job={job} info={info} leader={leader} />
      <h2>
        {msg('nextHours')}{' '}
        <span>
          {msg('bulletin')} {s.bulletin.simulated && <span className="sim">{msg('simulated')}</span>}
        </span>
      </h2>
      <Rows
        label={msg('bulletinTitle')}
        rows={s.bulletin.hours}
        keyOf={(h) => String(h.inHours)}
        columns={[
          { head: msg('hour'), cell: (h) => <span className="n">{h.label}</span> },
          {
            head: msg('gust'),
            quantity: true,
            cell: (h) =>
              h.gustMs > info.windLimitMs ? (
                <b className="over">{msg('over', { gustMs: h.said.gustMs })}</b>
              ) : (
                h.said.gustMs
              ),
          },
          { head: msg('from'), quantity: true, cell: (h) => h.said.fromDeg },
          { head: msg('rainMm'), quantity: true, cell: (h) => h.rainMm },
          { head: msg('airDegreesC'), quantity: true, cell: (h) => h.airC },
          { head: msg('lightInline'), cell: (h) => term('Light', h.light) },
        ]}
      />
      {leader && (
        <>
          <Chips
            label={msg('ground')}
            value={s.ground}
            onChange={(ground) => day({ ground })}
            options={[
              { value: 'FIRM', words: msg('firm') },
              { value: 'WET', words: msg('wet') },
              { value: 'FROZEN', words: msg('frozen') },
              { value: 'SLIPPERY', words: msg('slippery') },
            ]}
          />
          <Chips
            label={msg('light')}
            value={s.light}
            onChange={(light) => day({ light })}
            options={[
              { value: 'DAY', words: msg('daylight') },
              { value: 'DUSK', words: msg('duskFog') },
              { value: 'DARK', words: msg('dark') },
            ]}
          />
          <Chips
            label={msg('onTheCrowns')}
            value={s.load}
            onChange={(load) => day({ load })}
            options={[
              { value: 'NONE', words: msg('nothing') },
              { value: 'SNOW', words: msg('snow') },
              { value: 'ICE', words: msg('ice') },
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
    <section className="form" aria-label={msg('conditions')}>
      <Stepper label={msg('windLimit')} unit="m/s" value={wind} onChange={setWind} step={1} digits={1} />
      <div className="two">
        <Stepper label={msg('slope')} unit="°" value={slope} onChange={setSlope} step={1} digits={1} />
        <Stepper label={msg('downTo')} unit="°" value={down} onChange={setDown} step={5} digits={0} />
      </div>
      {changed && leader && (
        <Button
          type="primary"
          size="large"
          block
          disabled={wind === null || slope === null || down === null}
          onClick={save}
        >
          {msg('saveConditions')}
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
      msg('tapWhereTheGround', { height: length(height) }),
      (at) =>
        void act(
          api.POST('/api/jobs/{job}/place/heights', {
            params: { path: { job } },
            body: { at, heightM: height, takenHow: msg('tappedHeightByLevel') },
          }),
        ),
    );
  };
  return (
    <section aria-label={msg('spotHeights')}>
      <h2>
        {msg('spotHeights')} <span>{msg('fromThreeOnThey', { heightsCount: s.heights.length })}</span>
      </h2>
      <div className="form">
        <div className={`two ${css.atTheFoot}`}>
          <Stepper label={msg('height')} unit="m" value={height} onChange={setHeight} step={0.1} digits={2} />
          <Button size="large" block className={css.fieldButton} disabled={height === null} onClick={add}>
            {msg('tapWhere')}
          </Button>
        </div>
      </div>
      {s.heights.length > 0 && (
        <p className="s">
          {msg('aboveTheSitesOwn')}{' '}
          {s.contours.length > 0 && msg('contoursEvery', { contourIntervalM: length(s.contourIntervalM) })}{' '}
          {msg('outsideOfThemThe')}
        </p>
      )}
      <div className="chips">
        {s.heights.map((h) => (
          <Button
            key={h.id}
            onClick={() =>
              void act(api.DELETE('/api/jobs/{job}/place/heights/{id}', { params: { path: { job, id: h.id } } }))
            }
            aria-label={msg('takeOffHeight', { heightM: length(h.heightM, 2) })}
          >
            {length(h.heightM, 2)} ×
          </Button>
        ))}
      </div>
    </section>
  );
}
