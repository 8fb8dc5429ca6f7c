/**
 * Sound and vibration of a stop call. A browser lets a page sound only once somebody has touched it. An open output
 * drains a phone all day: between its calls it rests, and a page that may sound may open it again without a touch.
 */
let audio: AudioContext | undefined;
let resting: ReturnType<typeof setTimeout> | undefined;
/** Taken away by the system (a call that came in), not put to rest here: the next touch takes it back. */
let taken = true;

const BURSTS = 5;
const BURST_S = 0.22;
const PAUSE_S = 0.1;
const HIGH_HZ = 2600;
const LOW_HZ = 1900;
/** Longer than the time from one call to its repetition. */
const REST_MS = 5000;
/** Who has not heard it by then is told of as not heard; it sounds all the same when the output opens soon. */
const OPENS_MS = 700;
/** An output that opens later than the repetition says nothing of a call that may be over: no alarm out of nothing. */
const STALE_MS = 3000;

async function opened(): Promise<AudioContext | undefined> {
  if (!audio) return undefined;
  clearTimeout(resting);
  if (audio.state !== 'running') {
    taken = true;
    await audio.resume();
  }
  taken = false;
  resting = setTimeout(() => {
    taken = audio?.state !== 'running';
    void audio?.suspend();
  }, REST_MS);
  return audio;
}

/** From the first touch on the page may sound: signing is one. */
export function unlockAlarm(): () => void {
  const unlock = () => {
    if (audio && !taken) return;
    audio ??= new AudioContext();
    void opened().catch(() => undefined);
  };
  document.addEventListener('pointerdown', unlock);
  return () => document.removeEventListener('pointerdown', unlock);
}

/** @returns whether it is heard here */
export function soundAlarm(): Promise<boolean> {
  // not every browser has it, and lint knows only those that have
  (navigator as { vibrate?: (pattern: number[]) => boolean }).vibrate?.([400, 100, 400, 100, 400]);
  const called = performance.now();
  const heard = opened().then(
    (to) => to !== undefined && performance.now() - called < STALE_MS && bursts(to),
    () => false,
  );
  const late = new Promise<boolean>((no) => setTimeout(() => no(false), OPENS_MS));
  return Promise.race([heard, late]);
}

function bursts(to: AudioContext): boolean {
  if (to.state !== 'running') return false;
  const loud = to.createGain();
  loud.gain.value = 1;
  loud.connect(to.destination);
  for (let i = 0; i < BURSTS; i++) {
    const tone = to.createOscillator();
    tone.type = 'square';
    tone.frequency.value = i % 2 === 0 ? HIGH_HZ : LOW_HZ;
    tone.connect(loud);
    const at = to.currentTime + i * (BURST_S + PAUSE_S);
    tone.start(at);
    tone.stop(at + BURST_S);
  }
  return true;
}
