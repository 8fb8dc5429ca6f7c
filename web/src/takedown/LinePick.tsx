import { useKit } from '../api/job';
import { Pick } from './Pick';
import { msg } from './words';

type Props = { value?: string; change: (id?: string) => void; leader: boolean };

/** A line off the house's list. */
export function LinePick({ value, change, leader }: Props) {
  const lines = (useKit().data ?? []).filter((k) => k.kind === 'ROPE');
  return (
    <Pick
      label={msg('line')}
      none={msg('notChosen')}
      disabled={!leader}
      value={value}
      change={change}
      options={lines.map((k) => ({ value: k.id, label: `${k.name}, ${k.said.strengthN ?? ''}` }))}
    />
  );
}
