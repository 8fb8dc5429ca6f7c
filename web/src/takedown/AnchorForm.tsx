import { Chips, Stepper } from '../app/Stepper';
import { Pick } from './Pick';
import type { View } from './useTakedown';
import { msg } from './words';

type Anchor = { deg?: number; awayM?: number; sound?: boolean };
type Props = {
  anchors: View['choices']['anchors'];
  value: Anchor;
  change: (more: Partial<Anchor>) => void;
  leader: boolean;
  least: number;
  most: number;
  /** Where it stands beside straight behind the lean counts. */
  behind?: boolean;
};

/** What a line is tied to: a tree of the plan with what the records say of it, or a bearing and a distance. */
export function AnchorForm({ anchors, value, change, leader, least, most, behind = false }: Props) {
  const tree = anchors.find((a) => a.deg === value.deg && a.awayM === value.awayM);
  return (
    <>
      {anchors.length > 0 && (
        <Pick
          label={msg('tiedToTree')}
          none={msg('anotherPlace')}
          disabled={!leader}
          value={tree?.label}
          change={(label) => {
            const to = anchors.find((a) => a.label === label);
            change(
              to
                ? { deg: to.deg, awayM: to.awayM, sound: to.sound }
                : { deg: undefined, awayM: undefined, sound: undefined },
            );
          }}
          options={anchors.map((a) => ({
            value: a.label,
            label: msg('anchorIs', {
              stem: a.label,
              away: a.said.awayM ?? '',
              deg: a.deg,
              off: behind ? (a.offBehindDeg ?? 'none') : 'none',
            }),
          }))}
        />
      )}
      {!tree && (
        <>
          <Stepper
            label={msg('anchorBearing')}
            unit="°"
            value={value.deg ?? null}
            onChange={(v) => change({ deg: v ?? undefined })}
            step={5}
            digits={0}
            min={0}
            max={360}
          />
          <Stepper
            label={msg('anchorAway')}
            unit="m"
            value={value.awayM ?? null}
            onChange={(v) => change({ awayM: v ?? undefined })}
            step={1}
            digits={1}
            min={least}
            max={most}
          />
        </>
      )}
      <Chips
        label={msg('treeSound')}
        options={[
          { value: 'yes', words: msg('sound') },
          { value: 'no', words: msg('bad') },
        ]}
        value={value.sound === undefined ? undefined : value.sound ? 'yes' : 'no'}
        onChange={(v) => change({ sound: v === 'yes' })}
      />
    </>
  );
}
