import { useSyncExternalStore } from 'react';
import { newId } from '../app/newId';
import { answered, arrived } from './changes';
import { type Fault, problem, token } from './client';
import { heard, onHeard } from './heard';
import { msg } from '../words/base';

export type UnsentKind =
  | 'hold'
  | 'no'
  | 'stopped'
  | 'surprise'
  | 'face'
  | 'ready'
  | 'tick'
  | 'protection'
  | 'step'
  | 'sign'
  | 'sighting'
  | 'defect'
  | 'photo'
  | 'voice'
  | 'outcome'
  | 'lesson'
  | 'record'
  | 'drill';

/** One write that waits to be sent; its id makes it one, however often it goes out. */
export type Unsent = {
  id: string;
  kind: UnsentKind;
  /** Of the button it was pressed with: a refusal stands there. */
  key: string;
  words: string;
  method: 'POST' | 'PUT';
  path: string;
  body?: Record<string, unknown>;
  /** A picture or sound as data address, with what goes beside it. */
  attached?: { address: string; name: string; fields?: Record<string, string> };
  pressedAt: string;
};
export type Refused = { message: string; faults: Fault[] };
type Box = { unsent: Unsent[]; refused: Record<string, Refused>; says: string };

const SENT_AGAIN_MS = 2000;
const LONGEST_MS = 8000;
const LONGEST_PICTURE_MS = 60_000;
const TRY_LATER = [408, 425, 429];
const noRoom = () => msg('noRoom');
const place = (job: string) => `antevid.unsent.${job}`;
const boxes = new Map<string, Box>();
const listeners = new Set<() => void>();
const sending = new Set<string>();
type After = (kind: UnsentKind) => Promise<unknown>;
const afterwards = new Map<string, After>();
const SHOWN_MS = 1500;
const moment = () => new Promise((r) => setTimeout(r, SHOWN_MS));

function stored(job: string): Unsent[] {
  try {
    const waiting = JSON.parse(localStorage.getItem(place(job)) ?? '[]') as (Unsent & { picture?: string })[];
    // a photo that has waited since before sounds could wait too
    return waiting
      .filter((u) => u.path)
      .map(({ picture, ...u }) => (picture ? { ...u, attached: { address: picture, name: 'photo.jpg' } } : u));
  } catch {
    return [];
  }
}

function box(job: string): Box {
  const known = boxes.get(job);
  if (known) return known;
  const fresh = { unsent: stored(job), refused: {}, says: '' };
  boxes.set(job, fresh);
  return fresh;
}

function change(job: string, over: Partial<Box>): boolean {
  const next = { ...box(job), ...over };
  boxes.set(job, next);
  listeners.forEach((l) => l());
  try {
    localStorage.setItem(place(job), JSON.stringify(next.unsent));
    return true;
  } catch {
    return false;
  }
}

/** `data:TYPE;base64,BYTES` */
function fileOf(address: string): Blob {
  const comma = address.indexOf(',');
  const bytes = atob(address.slice(comma + 1));
  const type = address.slice('data:'.length, comma).split(';')[0];
  return new Blob([Uint8Array.from(bytes, (c) => c.charCodeAt(0))], { type });
}

async function send(u: Unsent): Promise<Response> {
  const headers: Record<string, string> = { 'X-XSRF-TOKEN': await token() };
  let body: BodyInit;
  if (u.attached) {
    const form = new FormData();
    form.append('file', fileOf(u.attached.address), u.attached.name);
    form.append('id', u.id);
    Object.entries(u.attached.fields ?? {}).forEach(([name, value]) => form.append(name, value));
    body = form;
  } else {
    headers['Content-Type'] = 'application/json';
    // How long ago it was pressed is told by this one clock, whatever it shows.
    const times = u.kind === 'hold' ? { pressedAt: u.pressedAt, sentAt: new Date().toISOString() } : {};
    if (u.kind !== 'hold') headers['X-Write-Id'] = u.id;
    body = JSON.stringify({ ...u.body, ...times, id: u.id });
  }
  const signal = AbortSignal.timeout(u.attached ? LONGEST_PICTURE_MS : LONGEST_MS);
  return fetch(u.path, { method: u.method, body, headers, signal });
}

/** @returns whether the next one may follow: what was sent before comes first */
async function deliver(job: string, u: Unsent): Promise<boolean> {
  let response: Response;
  try {
    response = await send(u);
  } catch {
    change(job, { says: '' });
    return false;
  }
  heard();
  // A hold and what is said to it come back in an event.
  if (u.kind !== 'hold' && u.kind !== 'stopped') answered(u.path, response);
  const gone = () => box(job).unsent.filter((x) => x.id !== u.id);
  if (response.ok) {
    // It waits until the page shows what it did, so that its button does not offer it once more in between.
    const shown =
      u.kind === 'hold' ? undefined : arrived(job).then((here) => (here ? undefined : afterwards.get(job)?.(u.kind)));
    if (shown) await Promise.race([shown, moment()]).catch(() => undefined);
    change(job, { unsent: gone(), says: '' });
    return true;
  }
  const answer = problem(response.status, await response.text().catch(() => ''));
  if (u.kind === 'hold') {
    change(job, { says: msg('notTakenYet', { status: answer.status }) });
    return false;
  }
  if (response.status === 401 && u.kind !== 'sign') {
    change(job, { says: msg('signInAgain') });
    return false;
  }
  if (response.status >= 500 || TRY_LATER.includes(response.status)) return false;
  const refused = { ...box(job).refused, [u.key]: { message: answer.message, faults: answer.faults } };
  change(job, { unsent: gone(), refused, says: '' });
  void afterwards.get(job)?.(u.kind);
  return true;
}

/** Holds wait for nothing else that waits. */
async function flush(job: string, holds: boolean): Promise<void> {
  const lane = `${job} ${holds ? 'hold' : 'rest'}`;
  if (sending.has(lane)) return;
  sending.add(lane);
  try {
    for (;;) {
      const next = box(job).unsent.find((u) => (u.kind === 'hold') === holds);
      if (!next || !(await deliver(job, next))) return;
    }
  } finally {
    sending.delete(lane);
  }
}

const flushAll = () => {
  for (const [job, b] of boxes) {
    if (b.unsent.length === 0) continue;
    void flush(job, true);
    void flush(job, false);
  }
};
setInterval(flushAll, SENT_AGAIN_MS);
window.addEventListener('online', flushAll);
document.addEventListener('visibilitychange', flushAll);
let lastFlush = 0;
onHeard(() => {
  // Any answer means that the way is open; once a moment is enough.
  if (performance.now() - lastFlush < 500) return;
  lastFlush = performance.now();
  flushAll();
});

/** Keeps a write until the server has it. */
export function post(
  job: string,
  u: Omit<Unsent, 'id' | 'pressedAt' | 'method'> & { id?: string; method?: Unsent['method'] },
): void {
  const whole: Unsent = { method: 'POST', id: newId(), ...u, pressedAt: new Date().toISOString() };
  const refused = Object.fromEntries(Object.entries(box(job).refused).filter(([k]) => k !== u.key));
  const kept = change(job, { unsent: [...box(job).unsent, whole], refused });
  if (!kept && whole.kind !== 'hold') {
    const without = box(job).unsent.filter((x) => x.id !== whole.id);
    change(job, { unsent: without, refused: { ...refused, [u.key]: { message: noRoom(), faults: [] } } });
    return;
  }
  void flush(job, whole.kind === 'hold');
}

/** HOLD from wherever: header, key, phone. More presses while one waits are one press. */
export function pressHold(job: string): void {
  if (box(job).unsent.some((u) => u.kind === 'hold')) {
    void flush(job, true);
    return;
  }
  post(job, { kind: 'hold', key: 'hold', words: 'HOLD', path: `/api/jobs/${job}/run/holds`, body: { reason: '' } });
}

/** What waits, what was refused at which button, and what to say about it. */
export function useOutbox(job: string, after?: After): Box {
  if (after) afterwards.set(job, after);
  return useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => box(job),
  );
}
