import { useKit } from '../api/job';
import { Pick } from './Pick';
import { msg } from './words';

type Kind = NonNullable<ReturnType<typeof useKit>['data']>[number]['kind'];
type Props = { kind: Kind; label: string; value?: string; change: (id?: string) => void; leader: boolean };

/** A thing off the house's list, with what it carries. */
export function KitPick({ kind, label, value, change, leader }: Props) {
  const kit = (useKit().data ?? []).filter((k) => k.kind === kind);
  return (
    <Pick
      label={label}
      none={msg('notChosen')}
      disabled={!leader}
      value={value}
      change={change}
      options={kit.map((k) => ({ value: k.id, label: `${k.name}, ${k.said.strengthN ?? ''}` }))}
    />
  );
}
