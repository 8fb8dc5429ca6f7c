import { afterEach, beforeEach, expect, test, vi } from 'vitest';

/** An output that opens at once, only when touched, or never. */
class Output {
  static opens: 'at once' | 'never' = 'at once';
  /** What is asked to open and has not yet. */
  static waiting: (() => void)[] = [];
  static tones = 0;
  static last: Output | undefined;
  state: AudioContextState = 'suspended';
  currentTime = 0;
  destination = {};
  constructor() {
    Output.last = this;
  }
  resume() {
    if (Output.opens === 'never') return new Promise<void>((open) => Output.waiting.push(open));
    this.state = 'running';
    return Promise.resolve();
  }
  suspend() {
    this.state = 'suspended';
    return Promise.resolve();
  }
  createGain() {
    return { gain: { value: 0 }, connect: () => undefined };
  }
  createOscillator() {
    Output.tones += 1;
    return { type: '', frequency: { value: 0 }, connect: vi.fn(), start: vi.fn(), stop: vi.fn() };
  }
}

let touch: () => void = () => undefined;

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers();
  Output.opens = 'at once';
  Output.tones = 0;
  Output.waiting = [];
  Output.last = undefined;
  vi.stubGlobal('AudioContext', Output);
  vi.stubGlobal('navigator', {});
  vi.stubGlobal('document', {
    addEventListener: (_: string, listener: () => void) => (touch = listener),
    removeEventListener: () => undefined,
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

test('a page nobody has touched is mute and says so', async () => {
  const { soundAlarm } = await import('./alarm');
  expect(await soundAlarm()).toBe(false);
  expect(Output.tones).toBe(0);
});

test('between calls the output rests; a call opens it again without a touch', async () => {
  const { soundAlarm, unlockAlarm } = await import('./alarm');
  unlockAlarm();
  touch();
  await vi.advanceTimersByTimeAsync(6000);
  expect(Output.last?.state).toBe('suspended');
  touch();
  expect(Output.last?.state).toBe('suspended');
  expect(await soundAlarm()).toBe(true);
  expect(Output.last?.state).toBe('running');
  expect(Output.tones).toBe(5);
  // it is repeated every three seconds, and stays open meanwhile
  await vi.advanceTimersByTimeAsync(3000);
  expect(Output.last?.state).toBe('running');
  expect(await soundAlarm()).toBe(true);
  await vi.advanceTimersByTimeAsync(5000);
  expect(Output.last?.state).toBe('suspended');
});

/** Opened with a touch, and taken away by a phone call since. */
async function takenAway() {
  const { soundAlarm, unlockAlarm } = await import('./alarm');
  unlockAlarm();
  touch();
  await vi.advanceTimersByTimeAsync(1000);
  Output.last!.state = 'suspended';
  Output.opens = 'never';
  return soundAlarm;
}

test('an output that a call has taken away is taken back with the next touch, and is mute until then', async () => {
  const soundAlarm = await takenAway();
  const heard = soundAlarm();
  await vi.advanceTimersByTimeAsync(700);
  expect(await heard).toBe(false);
  await vi.advanceTimersByTimeAsync(6000);
  Output.opens = 'at once';
  touch();
  await vi.advanceTimersByTimeAsync(0);
  expect(Output.last?.state).toBe('running');
  expect(await soundAlarm()).toBe(true);
});

test('an output that opens when the call is long over stays silent', async () => {
  const soundAlarm = await takenAway();
  void soundAlarm();
  await vi.advanceTimersByTimeAsync(60_000);
  Output.last!.state = 'running';
  Output.waiting.forEach((open) => open());
  await vi.advanceTimersByTimeAsync(0);
  expect(Output.tones).toBe(0);
});
