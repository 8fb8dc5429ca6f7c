import css from '../../ui/layout.module.css';
import { Button, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { api, data, type Schemas, type Spot } from '../../api/client';
import { Chips, Stepper } from '../../app/Stepper';
import { LineForm, LineWords } from './LineForm';
import { usePlanTools } from '../../plan/planTools';
import { azimuth } from '../../units/format';
import { Judged } from './DirectionCard';
import { SightingCard } from './SightingCard';
import type { Choice, Turning } from './useLay';

type Props = { job: string; l: Turning; v: Schemas['LayView']; leader: boolean };

const SKILLS: { value: NonNullable<Choice['skill']>; label: string }[] = [
  { value: 'NOVICE', label: 'novice' },
  { value: 'TRAINED', label: 'trained' },
  { value: 'EXPERIENCED', label: 'experienced' },
];

/** What brings it over, which directions that opens, and how the lay is aimed. */
export function LayTab({ job, l, v, leader }: Props) {
  const line = l.choice.means === 'HAND_LINE' || l.choice.means === 'MACHINE_LINE';
  const judged = l.dial?.lays.find((d) => d.deg === Math.round(v.layDeg) % 360);
  return (
    <>
      <h2 className={css.firstHead}>
        What brings it over <span>{v.control.needed ? `needs ${v.control.needed}` : ''}</span>
      </h2>
      <Chips
        label=""
        value={l.choice.means}
        onChange={(means) => l.set({ means })}
        options={[
          { value: 'NOTHING', words: 'own lean' },
          { value: 'LEVER', words: 'lever' },
          { value: 'WEDGES', words: 'wedges' },
          { value: 'HAND_LINE', words: 'hand line' },
          { value: 'MACHINE_LINE', words: 'machine' },
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
        <div aria-label="This lay judged">
          <h2>
            This lay <span>as the dial judges it</span>
          </h2>
          <Judged d={judged} />
        </div>
      )}
      <Aim job={job} l={l} v={v} leader={leader} />
      {v.control.standsGustMs !== undefined && (
        <p className="s">
          Hinge and means stand gusts of <b className="n">{v.control.said.standsGustMs}</b> from the worst side, rounded
          down; the crew holds at <b className="n">{v.control.said.holdGustMs}</b>.
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
          Change the line
        </Button>
      </p>
    );
  return (
    <div className="form">
      <LineForm line={choice} hand={hand} set={set} wrong={wrong} />
      {known && (
        <Button type="text" className={css.bare} onClick={() => setOpen(false)}>
          Done
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
      <div aria-label="Windows">
        <h2>
          No lay is open{' '}
          <span>
            {dial.closed.degrees}° of 360°: {dial.closed.mostFrequent}
          </span>
        </h2>
        {dial.closed.opens.length > 0 ? (
          <>
            <p>What would open one:</p>
            <ul className={css.listed}>
              {dial.closed.opens.map((o) => (
                <li key={o}>{o}</li>
              ))}
            </ul>
          </>
        ) : (
          <p>Nothing the plan knows of would open one: section it, dismantle it, or leave it.</p>
        )}
      </div>
    );
  }
  const name = ['Best', 'Second'];
  return (
    <div aria-label="Windows">
      <h2>
        Windows{' '}
        <span>
          {dial.windows
            .map((w) => `${azimuth(w.fromDeg)}° to ${azimuth(w.toDeg)}°, ${w.widthDeg}° wide`)
            .slice(0, 2)
            .join('; ')}
          {dial.windows.length > 2 ? `; ${dial.windows.length} in all` : ''}
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
      {dial.picks.length === 0 && <p className="s">Only with a guy at the side; nothing is free of it.</p>}
      <p className="s">Tap a direction of the dial for what blocks it and what speaks against it.</p>
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
    <div aria-label="Aim">
      <h2>
        Aim{' '}
        <span>
          {v.aiming.said.offM} off at the stump is {v.aiming.said.missM} at the tip, up
        </span>
      </h2>
      {v.aiming.landmarks[0] ? (
        <p>
          Sight <b>{v.aiming.landmarks[0].words}</b>, {v.aiming.landmarks[0].away} away.
        </p>
      ) : (
        <p className="s">No landmark within 15° of this lay; set a stake.</p>
      )}
      {v.aiming.correction && (
        <p>
          It drifts: to lie on {azimuth(v.layDeg)}° sight <b className="n">{v.aiming.correction.said.aimDeg}</b>,{' '}
          {v.aiming.correction.said.correctDeg} to the {v.aiming.correction.side === 'LEFT' ? 'left' : 'right'}.{' '}
          <small>Offered, never applied by itself.</small>
        </p>
      )}
      <div className="form">
        <div className="two">
          <label>
            Lay (°)
            <InputNumber
              aria-label="Lay in degrees"
              min={0}
              max={359.9}
              value={Math.round(v.layDeg * 10) / 10}
              controls={false}
              className={css.full}
              onChange={(d) => typeof d === 'number' && l.set({ layDeg: d })}
            />
          </label>
          <label>
            Who sights and cuts
            <Select
              aria-label="Skill"
              value={l.choice.skill ?? 'TRAINED'}
              onChange={(skill) => l.set({ skill })}
              options={SKILLS}
            />
          </label>
        </div>
        {mark && (
          <Stepper
            label="Right of the landmark"
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
          pick('Tap the landmark to aim at', (at) => {
            setMark(at);
            setOff(0);
            void past(at, 0);
          })
        }
      >
        Aim at a landmark
      </Button>
      <Button type="text" className={css.link} onClick={() => setCard(true)}>
        Sighting card
      </Button>
      {card && <SightingCard v={v} close={() => setCard(false)} />}
      {!leader && <p className="s">Only the leader fixes a lay.</p>}
    </div>
  );
}
