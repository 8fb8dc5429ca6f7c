import type { Schemas } from '../api/client';
import type { Units } from '../units/length';
import type { Draft } from './draft';
import { msg } from './words';

type Species = Schemas['StemView']['species'];
type Fault = NonNullable<Draft['faults']>[number];
type Option = { words: string; tap: Draft };

/** The genera met most often; all others stand in the list behind them. */
const OFTEN: Species[] = [
  'QUERCUS',
  'FAGUS',
  'FRAXINUS',
  'ACER',
  'BETULA',
  'POPULUS',
  'SALIX',
  'TILIA',
  'PICEA',
  'PINUS',
  'UNKNOWN',
];

/** Last used first, then those met most often. */
export function speciesOptions(stems: Schemas['StemView'][], name: (species: Species) => string): Option[] {
  const last = [...new Map(stems.map((s) => [s.species, s.commonName] as [Species, string])).entries()].reverse();
  const seen = new Set(last.map(([k]) => k));
  const more = OFTEN.filter((k) => !seen.has(k)).map((k): [Species, string] => [k, name(k)]);
  return [...last, ...more].slice(0, OFTEN.length).map(([species, words]) => ({ words, tap: { species } }));
}

/** Alive with nothing seen answers for the faults too. */
export const woodWords = (): Option[] => [
  { words: msg('aliveNothingSeen'), tap: { wood: 'SOUND', faults: [] } },
  { words: msg('aliveWithFaults'), tap: { wood: 'SOUND', faults: undefined } },
  { words: msg('dying'), tap: { wood: 'STRESSED', faults: undefined } },
  { words: msg('deadRecent'), tap: { wood: 'DEAD_RECENT', faults: undefined } },
  { words: msg('deadOld'), tap: { wood: 'DEAD_OLD', faults: undefined } },
];

export const MOST_FAULTS = 3;
export const faultWords = (): { value: Fault; words: string }[] => [
  { value: 'DEAD_TOP', words: msg('deadTop') },
  { value: 'HANGING_LIMB', words: msg('looseLimb') },
  { value: 'SPLIT_UNION', words: msg('splitUnion') },
  { value: 'CRACK', words: msg('crack') },
  { value: 'CAVITY', words: msg('cavity') },
  { value: 'FUNGUS', words: msg('bracket') },
  { value: 'LOOSE_BARK', words: msg('looseBark') },
  { value: 'LIFTED_ROOT_PLATE', words: msg('rootPlate') },
];

const INCH_M = 0.0254;
const FOOT_M = 0.3048;
const metres = (all: number[], unit: number, tap: (m: number) => Draft): Option[] =>
  all.map((v) => ({ words: String(v), tap: tap(v * unit) }));

/** Steps as far as an eye tells them apart, in the reader's units. */
export const diameters = (u: Units): Option[] =>
  u === 'feet'
    ? metres([6, 8, 10, 12, 14, 16, 18, 20, 24, 28, 32, 36, 40], INCH_M, (diameterM) => ({ diameterM }))
    : metres([15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80, 90, 100], 0.01, (diameterM) => ({ diameterM }));
const byEye = (heightM: number): Draft => ({ heightM, heightPhoto: undefined, photo: undefined });
export const heights = (u: Units): Option[] =>
  u === 'feet'
    ? metres([20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100], FOOT_M, byEye)
    : metres([6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 32], 1, byEye);
export const crowns = (u: Units): Option[] =>
  u === 'feet'
    ? metres([3, 5, 7, 10, 13, 16, 20, 26], FOOT_M, (crownRadiusM) => ({ crownRadiusM }))
    : metres([1, 1.5, 2, 3, 4, 5, 6, 8], 1, (crownRadiusM) => ({ crownRadiusM }));
export const LEANS: Option[] = [0, 2, 5, 10, 20].map((leanDeg) => ({
  words: leanDeg === 0 ? msg('noneSeen') : `${leanDeg}°`,
  tap: { leanDeg, leansToDeg: undefined },
}));
export const SIDES: Option[] = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'].map((words, i) => ({
  words,
  tap: { leansToDeg: i * 45 },
}));
export const meansWords = (): Option[] => [
  { words: msg('nothing'), tap: { means: 'NOTHING' } },
  { words: msg('lever'), tap: { means: 'LEVER' } },
  { words: msg('wedges'), tap: { means: 'WEDGES' } },
  { words: msg('handLine'), tap: { means: 'HAND_LINE' } },
  { words: msg('machineLine'), tap: { means: 'MACHINE_LINE' } },
];
