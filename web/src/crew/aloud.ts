/** What the phone itself can say aloud; without the network, and only in a voice of the reader's language. */
export const synthesis = (): SpeechSynthesis | undefined =>
  (globalThis as { speechSynthesis?: SpeechSynthesis }).speechSynthesis;

/** @returns a voice of this language that is on the phone; voices that are asked of a service are left out */
export function voiceFor(lang: string): SpeechSynthesisVoice | undefined {
  return synthesis()
    ?.getVoices()
    .find((v) => v.localService && v.lang.toLowerCase().split(/[-_]/)[0] === lang);
}

/** Says the parts one after the other, each with its pause; whatever was said before ends. */
export function readAloud(parts: string[], voice: SpeechSynthesisVoice, over: () => void): void {
  silence();
  parts.forEach((text, i) => {
    const said = new SpeechSynthesisUtterance(text);
    said.voice = voice;
    said.lang = voice.lang;
    said.rate = 0.95;
    if (i === parts.length - 1) said.onend = over;
    synthesis()?.speak(said);
  });
}

/** Nothing is said over a stop call. */
export const silence = (): void => synthesis()?.cancel();
