import { useEffect } from 'react';
import { api, type Schemas } from '../api/client';
import { clock } from '../units/format';
import { msg } from '../words/base';

type Hold = Schemas['HoldView'];

/** Says once that this screen shows the hold; a lost answer is asked for again with the next hold. */
export function useSeen(job: string, me: string | undefined, hold: Hold | undefined): void {
  const id = hold && me && hold.personId !== me ? hold.id : undefined;
  useEffect(() => {
    if (!id) return;
    const body = { state: 'SEEN' as const };
    const path = { job, hold: id };
    void api.POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path }, body }).catch(() => undefined);
  }, [job, id]);
}

/** Whether it arrived later than it was pressed: a phone had slept. */
export function pressedWhen(hold: Hold): string {
  const late = Date.parse(hold.arrivedAt) - Date.parse(hold.at) > 5000;
  return late ? msg('pressedArrived', { at: clock(hold.at), arrivedAt: clock(hold.arrivedAt) }) : clock(hold.at);
}
