import { Input } from 'antd';
import { useState } from 'react';
import { Stepper } from '../../app/Stepper';
import type { Choice } from './useLay';
import { msg } from './words';

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
    <div className="form" aria-label={msg('below')}>
      <div className="two">
        <label>
          {msg('whatHoldsIt')}
          <Input
            aria-label={msg('whatHoldsItBelow')}
            value={d.holds ?? ''}
            onChange={(e) => change({ holds: e.target.value })}
            placeholder={msg('theDitch')}
          />
        </label>
        <Stepper
          label={msg('howFarDown')}
          unit="m"
          value={d.downM ?? null}
          step={10}
          digits={0}
          onChange={(downM) => change({ downM: downM ?? undefined })}
        />
      </div>
      <label>
        {msg('whoKeepsTheGround')}
        <Input
          aria-label={msg('whoKeepsTheGroundBelow')}
          value={d.by ?? ''}
          onChange={(e) => change({ by: e.target.value })}
        />
      </label>
    </div>
  );
}
