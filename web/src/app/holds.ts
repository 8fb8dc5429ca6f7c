import { useEffect, useState } from 'react';
import { api, Problem, type Schemas } from '../api/client';
import { clock } from '../units/format';
import { msg } from '../words/base';
import { soundAlarm } from './alarm';

type Hold = Schemas['HoldView'];
type People = Schemas['PersonState'][];

const AGAIN_MS = 2000;
const STOPPED_MS = 3000;
const ALARMS = 5;
const REACHED_MS = 10_000;

/** Says that this screen shows the hold, and whether it sounds, until the server has heard it: it may just come up. */
export function useSeen(job: string, me: string | undefined, hold: Hold | undefined): void {
  const id = hold && me && hold.personId !== me ? hold.id : undefined;
  useEffect(() => {
    if (!id) return;
    let again: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const path = { job, hold: id };
    const sounds = soundAlarm();
    const tell = async () => {
      // in a pocket nobody sees it
      if (document.visibilityState !== 'visible') {
        document.addEventListener('visibilitychange', () => !over && void tell(), { once: true });
        return;
      }
      const sounding = (await sounds) ? 'SOUNDED' : 'MUTE';
      const heard = await api
        .POST('/api/jobs/{job}/run/holds/{hold}/receipts', { params: { path }, body: { state: 'SEEN', sounding } })
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

/** Who with a part in the step has not seen it, or has not said that all is stopped. */
function without(hold: Hold, state: 'SEEN' | 'STOPPED', people: People): string[] {
  const have = hold.receipts.filter((r) => r.state === state || r.state === 'STOPPED').map((r) => r.personId);
  const called = state === 'SEEN' ? hold.presses.map((p) => p.personId) : [];
  return [
    ...new Set(people.filter((p) => !have.includes(p.personId) && !called.includes(p.personId)).map((p) => p.name)),
  ];
}

/** All sound again while somebody who has to stop has not said so. @returns who is not reached after ten seconds */
export function useAlarm(hold: Hold | undefined, people: People): string[] {
  const [late, setLate] = useState('');
  const id = hold?.id;
  const open = hold
    ? without(
        hold,
        'STOPPED',
        people.filter((p) => p.saysStopped),
      ).length > 0
    : false;
  useEffect(() => {
    if (!id || !open) return;
    let left = ALARMS;
    const again = setInterval(() => (left-- > 0 ? void soundAlarm() : clearInterval(again)), STOPPED_MS);
    return () => clearInterval(again);
  }, [id, open]);
  useEffect(() => {
    if (!id) return;
    const over = setTimeout(() => setLate(id), REACHED_MS);
    return () => clearTimeout(over);
  }, [id]);
  return hold && late === hold.id ? without(hold, 'SEEN', people) : [];
}

/** Whether it arrived later than it was pressed: a phone had slept. */
export function pressedWhen(hold: Hold): string {
  const late = Date.parse(hold.arrivedAt) - Date.parse(hold.at) > 5000;
  return late ? msg('pressedArrived', { at: clock(hold.at), arrivedAt: clock(hold.arrivedAt) }) : clock(hold.at);
}
