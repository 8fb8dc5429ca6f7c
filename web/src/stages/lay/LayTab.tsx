import css from '../../ui/layout.module.css';
import { Button, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../../api/client';
import { Chips, Stepper } from '../../app/Stepper';
import { Learned } from './Learned';
import { LineForm, LineWords } from './LineForm';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { Judged } from './DirectionCard';
import { SightingCard } from './SightingCard';
import type { Choice, Turning } from './useLay';
import { msg } from './words';

type Props = { job: string; l: Turning; v: Schemas['LayView']; leader: boolean };

const skills = (): { value: NonNullable<Choice['skill']>; label: string }[] => [
  { value: 'NOVICE', label: msg('novice') },
  { value: 'TRAINED', label: msg('trained') },
  { value: 'EXPERIENCED', label: msg('experienced') },
];

/** What brings it over, which directions that opens, and how the lay is aimed. */
export function LayTab({ job, l, v, leader }: Props) {
  const line = l.choice.means === 'HAND_LINE' || l.choice.means === 'MACHINE_LINE';
  const judged = l.dial?.lays.find((d) => d.deg === Math.round(v.layDeg) % 360);
  return (
    <>
      <h2 className={css.firstHead}>
        {msg('whatBringsItOver')} <span>{v.control.needed ? msg('needs', { needed: v.control.needed }) : ''}</span>
      </h2>
      <Chips
        label=""
        value={l.choice.means}
        onChange={(means) => l.set({ means })}
        options={[
          { value: 'NOTHING', words: msg('ownLean') },
          { value: 'LEVER', words: msg('lever') },
          { value: 'WEDGES', words: msg('wedges') },
          { value: 'HAND_LINE', words: msg('handLine') },
          { value: 'MACHINE_LINE', words: msg('machine') },
        ]}
      />
      {line && (
        <Line
          choice={l.choice}
          gives={v.control.gives}
          set={(over) => l.set({ ...over, rig: { ...(l.choice.rig ?? {}), proposed: undefined } })}
          wrong={(field) => l.layFaults.find((f) => f.field === field)?.message}
        />
      )}
      {l.dial && <Windows dial={l.dial} turnTo={(deg) => l.set({ layDeg: deg })} layDeg={v.layDeg} />}
      {judged && (
        <div aria-label={msg('thisLayJudged')}>
          <h2>
            {msg('thisLay')} <span>{msg('asTheDialJudges')}</span>
          </h2>
          <Judged d={judged} />
        </div>
      )}
      {l.stem && <Learned job={job} stem={l.stem.id} leader={leader} />}
      <Aim job={job} l={l} v={v} leader={leader} />
      {v.control.standsGustMs !== undefined && (
        <p className="s">
          {msg('hingeAndMeansStand')} <b className="n">{v.control.said.standsGustMs}</b> {msg('fromTheWorstSide')}{' '}
          <b className="n">{v.control.said.holdGustMs}</b>.
        </p>
      )}
    </>
  );
}

/** Where the line is tied and where the pull comes from; said in one line until it is to be changed. */
function Line({
  choice,
  gives,
  set,
  wrong,
}: {
  choice: Choice;
  gives?: string;
  set: (c: Partial<Choice>) => void;
  wrong: (field: string) => string | undefined;
}) {
  const hand = choice.means === 'HAND_LINE';
  const known =
    choice.ropeHeightM !== undefined &&
    (choice.anchorDistM !== undefined || choice.stand !== undefined) &&
    (hand || choice.pullN !== undefined);
  const [open, setOpen] = useState(false);
  if (known && !open)
    return (
      <p>
        <LineWords line={choice} hand={hand} gives={gives} />{' '}
        <Button type="text" className={css.link} onClick={() => setOpen(true)}>
          {msg('changeTheLine')}
        </Button>
      </p>
    );
  return (
    <div className="form">
      <LineForm line={choice} hand={hand} set={set} wrong={wrong} />
      {known && (
        <Button type="text" className={css.bare} onClick={() => setOpen(false)}>
          {msg('done')}
        </Button>
      )}
    </div>
  );
}

/** Windows, the best lay and the second; or that there is none, why, and what would open one. */
function Windows({
  dial,
  turnTo,
  layDeg,
}: {
  dial: Schemas['DialView'];
  turnTo: (deg: number) => void;
  layDeg: number;
}) {
  if (dial.closed) {
    return (
      <div aria-label={msg('windows')}>
        <h2>
          {msg('noLayIsOpen')}{' '}
          <span>
            {msg('degreesOf360Degrees', { degrees: dial.closed.degrees, mostFrequent: dial.closed.mostFrequent })}
          </span>
        </h2>
        {dial.closed.opens.length > 0 ? (
          <>
            <p>{msg('whatWouldOpenOne')}</p>
            <ul className={css.listed}>
              {dial.closed.opens.map((o) => (
                <li key={o}>{o}</li>
              ))}
            </ul>
          </>
        ) : (
          <p>{msg('nothingThePlanKnows')}</p>
        )}
      </div>
    );
  }
  const name = [msg('best'), msg('second')];
  return (
    <div aria-label={msg('windows')}>
      <h2>
        {msg('windows')}{' '}
        <span>
          {dial.windows
            .map((w) =>
              msg('degreesToDegreesDegrees', {
                fromDeg: azimuth(w.fromDeg),
                toDeg: azimuth(w.toDeg),
                widthDeg: w.widthDeg,
              }),
            )
            .slice(0, 2)
            .join('; ')}
          {dial.windows.length > 2 ? msg('inAll', { windowsCount: dial.windows.length }) : ''}
        </span>
      </h2>
      <ul className="list">
        {dial.picks.map((p, i) => (
          <li key={p.deg}>
            <Button
              type="text"
              className="row"
              aria-current={Math.round(layDeg) === p.deg}
              onClick={() => turnTo(p.deg)}
            >
              <b className={css.column58}>{name[i]}</b>
              <b className={`n ${css.layColumn}`}>{azimuth(p.deg)}°</b>
              <span className={css.grow}>{p.why}</span>
            </Button>
          </li>
        ))}
      </ul>
      {dial.picks.length === 0 && <p className="s">{msg('onlyWithAGuy')}</p>}
      <p className="s">{msg('tapADirectionOf')}</p>
    </div>
  );
}

/** How the lay is sighted, by whom, and what a centimetre does. */
function Aim({ job, l, v, leader }: Props) {
  const { pick, say } = usePlanTools();
  const [mark, setMark] = useState<Spot>();
  const [off, setOff] = useState<number | null>(0);
  const [card, setCard] = useState(false);
  const past = async (landmark: Spot, offM: number) => {
    try {
      const a = await data(
        api.POST('/api/jobs/{job}/stems/{stem}/lay/aim', {
          params: { path: { job, stem: l.stem!.id } },
          body: { landmark, offM },
        }),
      );
      say('');
      l.set({ layDeg: a.layDeg });
    } catch (e) {
      say((e as Error).message);
    }
  };
  return (
    <div aria-label={msg('aim')}>
      <h2>
        {msg('aim')} <span>{msg('offAtTheStumpIs', { offM: v.aiming.said.offM, missM: v.aiming.said.missM })}</span>
      </h2>
      {v.aiming.landmarks[0] ? (
        <p>
          {msg('sight')} <b>{v.aiming.landmarks[0].words}</b>
          {msg('awayWithAway', { away: v.aiming.landmarks[0].away })}
        </p>
      ) : (
        <p className="s">{msg('noLandmarkWithin15')}</p>
      )}
      {v.aiming.correction && (
        <p>
          {msg('itDriftsToLie', { layDeg: azimuth(v.layDeg) })} <b className="n">{v.aiming.correction.said.aimDeg}</b>
          {msg('toTheLeftRight', {
            correctDeg: v.aiming.correction.said.correctDeg,
            side: v.aiming.correction.side === 'LEFT' ? 'yes' : 'no',
          })}{' '}
          <small>{msg('offeredNeverAppliedBy')}</small>
        </p>
      )}
      <div className="form">
        <div className="two">
          <label>
            {msg('layDegrees')}
            <InputNumber
              aria-label={msg('layInDegrees')}
              min={0}
              max={359.9}
              value={Math.round(v.layDeg * 10) / 10}
              controls={false}
              className={css.full}
              onChange={(d) => typeof d === 'number' && l.set({ layDeg: d })}
            />
          </label>
          <label>
            {msg('whoSightsAndCuts')}
            <Select
              aria-label={msg('skill')}
              value={l.choice.skill ?? 'TRAINED'}
              onChange={(skill) => l.set({ skill })}
              options={skills()}
            />
          </label>
        </div>
        {mark && (
          <Stepper
            label={msg('rightOfTheLandmark')}
            unit="m"
            value={off}
            step={0.1}
            digits={1}
            onChange={(m) => {
              setOff(m);
              if (m !== null) void past(mark, m);
            }}
          />
        )}
      </div>
      <Button
        type="text"
        className={css.linkWellApart}
        onClick={() =>
          pick(msg('tapTheLandmarkTo'), (at) => {
            setMark(at);
            setOff(0);
            void past(at, 0);
          })
        }
      >
        {msg('aimAtALandmark')}
      </Button>
      <Button type="text" className={css.link} onClick={() => setCard(true)}>
        {msg('sightingCard')}
      </Button>
      {card && <SightingCard v={v} close={() => setCard(false)} />}
      {!leader && <p className="s">{msg('onlyTheLeaderFixes')}</p>}
    </div>
  );
}
