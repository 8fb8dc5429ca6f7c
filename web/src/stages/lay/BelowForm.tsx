import { Input } from 'antd';
import { useState } from 'react';
import { Stepper } from '../../app/Stepper';
import type { Choice } from './useLay';

type Below = NonNullable<NonNullable<Choice['support']>['below']>;

/** Where nothing holds a stem on the slope: how far down the first thing is that does, and who keeps the ground empty to there. */
export function BelowForm({ choice, set }: { choice: Choice; set: (over: Partial<Choice>) => void }) {
  const said = choice.support?.below;
  const [draft, setDraft] = useState<Below>();
  const d = draft ?? said ?? {};
  const change = (over: Partial<Below>) => {
    const next = { ...d, ...over };
    setDraft(next);
    if (next.holds?.trim() && next.by?.trim() && next.downM !== undefined)
      set({ support: { ...(choice.support ?? {}), below: next } });
  };
  return (
    <div className="form" aria-label="Below">
      <div className="two">
        <label>
          What holds it
          <Input
            aria-label="What holds it below"
            value={d.holds ?? ''}
            onChange={(e) => change({ holds: e.target.value })}
            placeholder="the ditch"
          />
        </label>
        <Stepper
          label="How far down"
          unit="m"
          value={d.downM ?? null}
          step={10}
          digits={0}
          onChange={(downM) => change({ downM: downM ?? undefined })}
        />
      </div>
      <label>
        Who keeps the ground empty to there
        <Input
          aria-label="Who keeps the ground below empty"
          value={d.by ?? ''}
          onChange={(e) => change({ by: e.target.value })}
        />
      </label>
    </div>
  );
}
