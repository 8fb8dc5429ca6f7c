import { useEffect } from 'react';
import { api, Problem, type Schemas } from '../api/client';
import { clock } from '../units/format';
import { msg } from '../words/base';

type Hold = Schemas['HoldView'];

const AGAIN_MS = 2000;

/** Says that this screen shows the hold, until the server has heard it: one that is just coming up may not. */
export function useSeen(job: string, me: string | undefined, hold: Hold | undefined): void {
  const id = hold && me && hold.personId !== me ? hold.id : undefined;
  useEffect(() => {
    if (!id) return;
    let again: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const path = { job, hold: id };
    const tell = async () => {
      const heard = await api
        .POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path }, body: { state: 'SEEN' } })
        .then(() => true)
        // a refusal was heard too: only a server that is not there is asked again
        .catch((e: unknown) => e instanceof Problem && e.status < 500);
      if (!heard && !over) again = setTimeout(() => void tell(), AGAIN_MS);
    };
    void tell();
    return () => {
      over = true;
      clearTimeout(again);
    };
  }, [job, id]);
}

/** Whether it arrived later than it was pressed: a phone had slept. */
export function pressedWhen(hold: Hold): string {
  const late = Date.parse(hold.arrivedAt) - Date.parse(hold.at) > 5000;
  return late ? msg('pressedArrived', { at: clock(hold.at), arrivedAt: clock(hold.arrivedAt) }) : clock(hold.at);
}
