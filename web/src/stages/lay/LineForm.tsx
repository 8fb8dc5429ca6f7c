import css from '../../ui/layout.module.css';
import { Button } from 'antd';
import type { Spot } from '../../api/client';
import { Stepper } from '../../app/Stepper';
import { usePlanTools } from '../../plan/planTools';
import { length } from '../../units/length';

/** Where a line is tied and where the pull comes from. */
export type LineAt = { ropeHeightM?: number; anchorDistM?: number; pullN?: number; stand?: Spot; puller?: Spot };

const at = (s?: Spot) => (s ? `${length(s.eastM)} east, ${length(s.northM)} north` : '');

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
      {line.rig?.proposed && <b>Proposed: </b>}Tied{' '}
      <b className="n">{line.ropeHeightM === undefined ? '?' : length(line.ropeHeightM)}</b> up, pulls{' '}
      <From line={line} />
      {hand && ', by hand'}
      {gives && (
        <>
          , gives <b className="n">{gives}</b>
        </>
      )}
      .{line.rig?.proposed && ' Look at tie and anchor on site.'}
    </>
  );
}

function From({ line }: { line: LineAt }) {
  return line.stand ? (
    <>
      from <b className="n">{at(line.stand)}</b>
      {line.puller && (
        <>
          , round a block there from <b className="n">{at(line.puller)}</b>
        </>
      )}
    </>
  ) : (
    <>
      along the lay, <b className="n">{line.anchorDistM === undefined ? 'not known' : length(line.anchorDistM)}</b> out
    </>
  );
}

export function LineForm({
  line,
  hand,
  set,
  wrong,
  name = '',
}: {
  line: LineAt;
  hand: boolean;
  set: (l: Partial<LineAt>) => void;
  wrong?: (field: string) => string | undefined;
  name?: string;
}) {
  const { pick } = usePlanTools();
  return (
    <>
      <div className="two">
        <Stepper
          label={`${name}Rope`}
          unit="m up"
          value={line.ropeHeightM ?? null}
          onChange={(v) => set({ ropeHeightM: v ?? undefined })}
          step={1}
          digits={1}
          wrong={wrong?.('ropeHeightM')}
        />
        {!line.stand && (
          <Stepper
            label={`${name}Anchor`}
            unit="m out"
            value={line.anchorDistM ?? null}
            onChange={(v) => set({ anchorDistM: v ?? undefined })}
            step={5}
            digits={0}
            wrong={wrong?.('anchorDistM')}
          />
        )}
        {!hand && (
          <Stepper
            label={`${name}Pull`}
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
        Pulls <From line={line} />. A line from a place pulls only toward that place.
      </p>
      <div>
        <Button
          type="text"
          className={css.linkApart}
          onClick={() =>
            pick(
              hand
                ? 'Tap where the people or the first block stand'
                : 'Tap where the machine or the first block stands',
              (stand) => set({ stand }),
            )
          }
        >
          {line.stand ? 'Place it elsewhere' : 'Place the pull on the plan'}
        </Button>
        {line.stand && (
          <Button
            type="text"
            className={css.bareApart}
            onClick={() => pick('Tap where the pull comes from, round the block', (puller) => set({ puller }))}
          >
            Redirect it
          </Button>
        )}
        {line.stand && (
          <Button type="text" className={css.bareApart} onClick={() => set({ stand: undefined, puller: undefined })}>
            Along the lay
          </Button>
        )}
      </div>
    </>
  );
}
