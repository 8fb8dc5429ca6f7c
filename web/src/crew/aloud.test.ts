import { afterEach, expect, it, vi } from 'vitest';
import { readAloud, silence, voiceFor } from './aloud';

const voice = (lang: string, localService: boolean) => ({ lang, localService }) as SpeechSynthesisVoice;

function phoneWith(...voices: SpeechSynthesisVoice[]) {
  const speak = vi.fn();
  const cancel = vi.fn();
  vi.stubGlobal('speechSynthesis', { getVoices: () => voices, speak, cancel });
  vi.stubGlobal(
    'SpeechSynthesisUtterance',
    class {
      constructor(readonly text: string) {}
    },
  );
  return { speak, cancel };
}

afterEach(() => vi.unstubAllGlobals());

it('takes a voice of the language that is on the phone, and no other', () => {
  const spanish = voice('es-MX', true);
  phoneWith(voice('en-GB', true), voice('es-ES', false), spanish);
  expect(voiceFor('es')).toBe(spanish);
  expect(voiceFor('de')).toBeUndefined();
});

it('says each part after what was said before has ended, and is silent on a stop call', () => {
  const { speak, cancel } = phoneWith();
  readAloud(['I stand', 'My way out'], voice('en-GB', true), () => undefined);
  expect(cancel).toHaveBeenCalledBefore(speak);
  expect(speak.mock.calls.map(([u]) => (u as { text: string }).text)).toEqual(['I stand', 'My way out']);
  silence();
  expect(cancel).toHaveBeenCalledTimes(2);
});

it('says nothing where the phone cannot', () => {
  vi.stubGlobal('speechSynthesis', undefined);
  expect(voiceFor('en')).toBeUndefined();
  expect(() => silence()).not.toThrow();
});
