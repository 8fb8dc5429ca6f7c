import { IntlMessageFormat } from 'intl-messageformat';
import { useSyncExternalStore } from 'react';
import english from '../../../words/src/main/resources/words/phone_en.properties?raw';
import spanish from '../../../words/src/main/resources/words/phone_es.properties?raw';
import englishTerms from '../../../words/src/main/resources/words/terms_en.properties?raw';
import spanishTerms from '../../../words/src/main/resources/words/terms_es.properties?raw';

/** The words of the crew's pages: the same catalogue that the server says its own from, carried along for a lost link. */
export type Language = 'ENGLISH' | 'SPANISH';
type Args = Record<string, string | number | undefined>;
const KEY = 'antevid.language';
const TAG: Record<Language, string> = { ENGLISH: 'en', SPANISH: 'es' };

const read = (file: string): Map<string, string> =>
  new Map(
    file
      .split('\n')
      .filter((line) => line.includes(' = ') || line.endsWith(' ='))
      .map((line) => [line.slice(0, line.indexOf(' =')), line.slice(line.indexOf(' =') + 3)]),
  );
const CATALOGUE: Record<Language, Map<string, string>> = {
  ENGLISH: read(`${english}\n${englishTerms}`),
  SPANISH: read(`${spanish}\n${spanishTerms}`),
};
const formats = new Map<string, IntlMessageFormat>();

export const language = (): Language => (localStorage.getItem(KEY) === 'SPANISH' ? 'SPANISH' : 'ENGLISH');

export function readIn(chosen: Language): void {
  if (language() === chosen) return;
  localStorage.setItem(KEY, chosen);
  document.documentElement.lang = TAG[chosen];
  window.dispatchEvent(new Event('antevid-language'));
}

const subscribe = (changed: () => void) => {
  window.addEventListener('antevid-language', changed);
  return () => window.removeEventListener('antevid-language', changed);
};

function say(lang: Language, key: string, args: Args): string {
  const pattern = CATALOGUE[lang].get(`phone.${key}`) ?? CATALOGUE.ENGLISH.get(`phone.${key}`);
  if (pattern === undefined) throw new Error(`phone.${key} is not in the catalogue`);
  const id = `${lang} ${key}`;
  const format = formats.get(id) ?? new IntlMessageFormat(pattern, TAG[lang], undefined, { ignoreTag: true });
  formats.set(id, format);
  // what is not there is chosen by 'none', as the server does it
  const known: Record<string, string | number> = {};
  for (const [name, value] of Object.entries(args)) known[name] = value === undefined || value === '' ? 'none' : value;
  const given = new Proxy(known, { has: () => true, get: (all, name) => all[String(name)] ?? 'none' });
  return String(format.format(given));
}

/** What is said on the crew's pages, in the language of this person. */
export function useWords(): (key: string, args?: Args) => string {
  const lang = useSyncExternalStore(subscribe, language);
  return (key, args = {}) => say(lang, key, args);
}

/** The word for a value of ours, by its type in the core: `term('Zone.Kind', 'RING')`. */
export function useTerms(): (type: string, value: string) => string {
  const lang = useSyncExternalStore(subscribe, language);
  return (type, value) => {
    const word = CATALOGUE[lang].get(`${type}.${value}`) ?? CATALOGUE.ENGLISH.get(`${type}.${value}`);
    if (word === undefined) throw new Error(`${type}.${value} is not in the catalogue`);
    return word;
  };
}
