import { IntlMessageFormat } from 'intl-messageformat';
import { TYPE } from '@formatjs/icu-messageformat-parser';
import { useSyncExternalStore } from 'react';
import { later } from '../app/later';
import english from '../../../words/src/main/resources/words/phone_en.properties?raw';
import englishTerms from '../../../words/src/main/resources/words/carried_en.properties?raw';

/** The words of the crew's pages: the same catalogue that the server says its own from, carried along for a lost link. */
/** PSEUDO is English in brackets: what stands outside of them is not from the catalogue; tests alone choose it. */
export type Language = 'ENGLISH' | 'SPANISH' | 'PSEUDO';
type Args = Record<string, string | number | undefined>;
const KEY = 'antevid.language';
const TAG: Record<Language, string> = { ENGLISH: 'en', SPANISH: 'es', PSEUDO: 'en' };

const read = (file: string): Map<string, string> =>
  new Map(
    file
      .split('\n')
      .filter((line) => line.includes(' = ') || line.endsWith(' ='))
      .map((line) => [line.slice(0, line.indexOf(' =')), line.slice(line.indexOf(' =') + 3)]),
  );
const ENGLISH = read(`${english}\n${englishTerms}`);
const CATALOGUE: Record<Language, Map<string, string>> = {
  ENGLISH,
  // until it is here, English
  SPANISH: new Map(),
  PSEUDO: ENGLISH,
};
/** Words of a page that is not the first one: they come with it. */
export const also = (file: string): void => read(file).forEach((pattern, key) => ENGLISH.set(key, pattern));
const formats = new Map<string, IntlMessageFormat>();
/** What takes no arguments, as it is said. */
const wholes = new Map<string, string>();

/** Fetches the Spanish words, once; a phone has them ahead, for when its link has gone. */
export const fetchSpanish = async (): Promise<void> => {
  if (CATALOGUE.SPANISH.size > 0) return;
  const { SPANISH } = await later(() => import('./spanish'));
  CATALOGUE.SPANISH = read(SPANISH);
  window.dispatchEvent(new Event('antevid-language'));
};

// a page asks hundreds of times while it is put together: what the browser keeps is read once
const readChosen = (): Language => {
  const kept = localStorage.getItem(KEY);
  return kept === 'SPANISH' || kept === 'PSEUDO' ? kept : 'ENGLISH';
};
let chosen = readChosen();
export const language = (): Language => chosen;

/** Words of its region that the house says: the server exchanges them in all it says, we in what we carry along. */
export type Exchange = { usual: string; here: string };
const REGIONAL = 'antevid.regional';
const readRegional = (): string => localStorage.getItem(REGIONAL) ?? '[]';
let regional = readRegional();

export function sayRegional(exchanges: Exchange[]): void {
  const said = JSON.stringify(exchanges);
  if (said === regional) return;
  regional = said;
  localStorage.setItem(REGIONAL, said);
  window.dispatchEvent(new Event('antevid-language'));
}

const exchanged = (text: string): string =>
  (JSON.parse(regional) as Exchange[]).reduce(
    (all, e) =>
      all.replace(new RegExp(`(?<![\\p{L}])${e.usual}(?![\\p{L}])`, 'giu'), (found) =>
        found[0] === found[0].toUpperCase() ? e.here[0].toUpperCase() + e.here.slice(1) : e.here,
      ),
    text,
  );

type Part = ReturnType<IntlMessageFormat['getAst']>[number];
/** Only what is read: arguments and the names of choices stay. */
const inWordsOfHere = (parts: Part[]): Part[] =>
  parts.map((part) => {
    if (part.type === TYPE.literal) return { ...part, value: exchanged(part.value) };
    if (part.type === TYPE.select || part.type === TYPE.plural)
      return {
        ...part,
        options: Object.fromEntries(
          Object.entries(part.options).map(([name, option]) => [
            name,
            { ...option, value: inWordsOfHere(option.value) },
          ]),
        ),
      };
    return part;
  });

export function readIn(wanted: Language): void {
  if (chosen === wanted) return;
  chosen = wanted;
  localStorage.setItem(KEY, wanted);
  document.documentElement.lang = TAG[wanted];
  window.dispatchEvent(new Event('antevid-language'));
  fetchChosen();
}

/** The language that can be spoken now. */
const spoken = (): Language => (language() === 'SPANISH' && CATALOGUE.SPANISH.size === 0 ? 'ENGLISH' : language());

/** Without a link it stays English until there is one. */
function fetchChosen(): void {
  if (language() === 'SPANISH') void fetchSpanish().catch(() => undefined);
}
fetchChosen();
window.addEventListener('online', fetchChosen);
// chosen on another page of this browser
window.addEventListener('storage', () => {
  chosen = readChosen();
  regional = readRegional();
  window.dispatchEvent(new Event('antevid-language'));
  fetchChosen();
});

const subscribe = (changed: () => void) => {
  window.addEventListener('antevid-language', changed);
  return () => window.removeEventListener('antevid-language', changed);
};

const bracketed = (lang: Language, text: string) => (lang === 'PSEUDO' ? `⟦${text}⟧` : text);

function formatOf(pattern: string, tag: string): IntlMessageFormat {
  const usual = new IntlMessageFormat(pattern, tag, undefined, { ignoreTag: true });
  return regional === '[]' ? usual : new IntlMessageFormat(inWordsOfHere(usual.getAst()), tag);
}

/** A number and its unit are not parted at the end of a line. */
const together = (said: string): string => said.replace(/(?<=\d) (?=[\p{L}°%])/gu, '\u00a0');

function say(lang: Language, key: string, args: Args): string {
  const pattern = CATALOGUE[lang].get(key) ?? CATALOGUE.ENGLISH.get(key);
  if (pattern === undefined) throw new Error(`${key} is not in the catalogue`);
  const id = `${lang} ${key} ${regional}`;
  const whole = wholes.get(id);
  if (whole !== undefined) return whole;
  const format = formats.get(id) ?? formatOf(pattern, TAG[lang]);
  formats.set(id, format);
  const given = Object.entries(args);
  const known: Record<string, string | number> = {};
  for (const [name, value] of given) known[name] = typeof value === 'string' ? together(value) : (value ?? 'none');
  const all = new Proxy(known, { has: () => true, get: (values, name) => values[String(name)] ?? 'none' });
  const text = bracketed(lang, String(format.format(all)));
  if (given.length === 0) wholes.set(id, text);
  return text;
}

/** What is empty is chosen by 'none', as the server does it. */
const orNone = (args: Args): Args =>
  Object.fromEntries(Object.entries(args).map(([name, value]) => [name, value === '' ? 'none' : value]));

/** What is said on the crew's pages, in the language of this person. */
export function useWords(): (key: string, args?: Args) => string {
  const lang = useSyncExternalStore(subscribe, spoken);
  return (key, args = {}) => say(lang, `phone.${key}`, orNone(args));
}

/** The language pages are put together in; who uses it puts its part of the page together again when it changes. */
export const useLanguage = (): Language => useSyncExternalStore(subscribe, spoken);

/**
 * What one part of the desk says, from its own file of the catalogue, which comes with that part's code. Asked while
 * a page is put together, never while a module is loaded: the language may be another by then.
 */
export const wordsOf = (
  area: string,
  file: string,
): ((key: string, args?: Record<string, string | number>) => string) => {
  also(file);
  return (key, args = {}) => say(spoken(), `${area}.${key}`, args);
};

/** What these say is which word stands for which: they are not exchanged themselves. */
const EXCHANGES = 'Regional';

/** The word for a value of ours, by its type in the core: `term('Zone.Kind', 'RING')`. */
export function useTerms(): (type: string, value: string) => string {
  useLanguage();
  return termOf;
}

export function termOf(type: string, value: string): string {
  const lang = spoken();
  const word = CATALOGUE[lang].get(`${type}.${value}`) ?? CATALOGUE.ENGLISH.get(`${type}.${value}`);
  if (word === undefined) throw new Error(`${type}.${value} is not in the catalogue`);
  return bracketed(lang, type === EXCHANGES ? word : exchanged(word));
}
