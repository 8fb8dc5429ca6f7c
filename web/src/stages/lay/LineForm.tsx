import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import type { Spot } from '../../api/client';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { length } from '../../units/length';
import { msg } from './words';

/** Where a line is tied and where the pull comes from. */
export type LineAt = { ropeHeightM?: number; anchorDistM?: number; pullN?: number; stand?: Spot; puller?: Spot };

const at = (s?: Spot) => (s ? msg('eastNorth', { eastM: length(s.eastM), northM: length(s.northM) }) : '');

export function LineWords({
  line,
  hand,
  gives,
}: {
  line: LineAt & { rig?: { proposed?: boolean } };
  hand: boolean;
  gives?: string;
}) {
  return (
    <>
      {line.rig?.proposed && <b>{msg('proposed')} </b>}
      {msg('tied')} <b className="n">{line.ropeHeightM === undefined ? '?' : length(line.ropeHeightM)}</b>{' '}
      {msg('upPulls')} <From line={line} />
      {hand && msg('byHand')}
      {gives && (
        <>
          {msg('gives')} <b className="n">{gives}</b>
        </>
      )}
      .{line.rig?.proposed && ` ${msg('lookAtTieAnd')}`}
    </>
  );
}

function From({ line }: { line: LineAt }) {
  return line.stand ? (
    <>
      {msg('from')} <b className="n">{at(line.stand)}</b>
      {line.puller && (
        <>
          {msg('roundABlockThere')} <b className="n">{at(line.puller)}</b>
        </>
      )}
    </>
  ) : (
    <>
      {msg('alongTheLay')}{' '}
      <b className="n">{line.anchorDistM === undefined ? msg('notKnown') : length(line.anchorDistM)}</b> {msg('out')}
    </>
  );
}

export function LineForm({
  line,
  hand,
  set,
  wrong,
  second = false,
}: {
  line: LineAt;
  hand: boolean;
  set: (l: Partial<LineAt>) => void;
  wrong?: (field: string) => string | undefined;
  /** The line that is kept ready when the first one does not do. */
  second?: boolean;
}) {
  const { pick } = usePlanTools();
  const which = second ? 'yes' : 'no';
  return (
    <>
      <div className="two">
        <Stepper
          label={msg('ropeAt', { second: which })}
          unit="m"
          way={msg('upward')}
          value={line.ropeHeightM ?? null}
          onChange={(v) => set({ ropeHeightM: v ?? undefined })}
          step={1}
          digits={1}
          wrong={wrong?.('ropeHeightM')}
        />
        {!line.stand && (
          <Stepper
            label={msg('anchorAt', { second: which })}
            unit="m"
            way={msg('outward')}
            value={line.anchorDistM ?? null}
            onChange={(v) => set({ anchorDistM: v ?? undefined })}
            step={5}
            digits={0}
            wrong={wrong?.('anchorDistM')}
          />
        )}
        {!hand && (
          <Stepper
            label={msg('pullOf', { second: which })}
            unit="kN"
            value={line.pullN === undefined ? null : line.pullN / 1000}
            onChange={(v) => set({ pullN: v === null ? undefined : v * 1000 })}
            step={1}
            digits={1}
            wrong={wrong?.('pullN')}
          />
        )}
      </div>
      <p className="s">
        {msg('pulls')} <From line={line} />
        {msg('aLineFromA')}
      </p>
      <div>
        <Button
          type="text"
          className={css.linkApart}
          onClick={() => pick(hand ? msg('tapWhereThePeople') : msg('tapWhereTheMachine'), (stand) => set({ stand }))}
        >
          {line.stand ? msg('placeItElsewhere') : msg('placeThePullOn')}
        </Button>
        {line.stand && (
          <Button
            type="text"
            className={css.bareApart}
            onClick={() => pick(msg('tapWhereThePull'), (puller) => set({ puller }))}
          >
            {msg('redirectIt')}
          </Button>
        )}
        {line.stand && (
          <Button type="text" className={css.bareApart} onClick={() => set({ stand: undefined, puller: undefined })}>
            {msg('alongTheLayTitle')}
          </Button>
        )}
      </div>
    </>
  );
}
