/** Sound and vibration of a stop call. A browser lets a page sound only once somebody has touched it. */
let audio: AudioContext | undefined;

/** From the first touch on the page may sound: signing is one. */
export function unlockAlarm(): () => void {
  const unlock = () => {
    audio ??= new AudioContext();
    void audio.resume();
  };
  document.addEventListener('pointerdown', unlock);
  return () => document.removeEventListener('pointerdown', unlock);
}

const BURSTS = 5;
const BURST_S = 0.22;
const PAUSE_S = 0.1;
const HIGH_HZ = 2600;
const LOW_HZ = 1900;

/** @returns whether it is heard here */
export function soundAlarm(): boolean {
  // not every browser has it, and lint knows only those that have
  (navigator as { vibrate?: (pattern: number[]) => boolean }).vibrate?.([400, 100, 400, 100, 400]);
  if (audio?.state !== 'running') return false;
  const loud = audio.createGain();
  loud.gain.value = 1;
  loud.connect(audio.destination);
  for (let i = 0; i < BURSTS; i++) {
    const tone = audio.createOscillator();
    tone.type = 'square';
    tone.frequency.value = i % 2 === 0 ? HIGH_HZ : LOW_HZ;
    tone.connect(loud);
    const at = audio.currentTime + i * (BURST_S + PAUSE_S);
    tone.start(at);
    tone.stop(at + BURST_S);
  }
  return true;
}
