import type { Schemas } from '../api/client';
import type { Units } from '../units/length';
import type { Draft } from './draft';

type Species = Schemas['StemView']['species'];
type Fault = NonNullable<Draft['faults']>[number];
type Option = { words: string; tap: Draft };

/** The genera met most often; all others stand in the list behind them. */
const OFTEN: [Species, string][] = [
  ['QUERCUS', 'oak'],
  ['FAGUS', 'beech'],
  ['FRAXINUS', 'ash'],
  ['ACER', 'maple'],
  ['BETULA', 'birch'],
  ['POPULUS', 'poplar'],
  ['SALIX', 'willow'],
  ['TILIA', 'lime'],
  ['PICEA', 'spruce'],
  ['PINUS', 'pine'],
  ['UNKNOWN', 'not known'],
];

/** Last used first, then those met most often. */
export function speciesOptions(stems: Schemas['StemView'][]): Option[] {
  const last = [...new Map(stems.map((s) => [s.species, s.commonName] as [Species, string])).entries()].reverse();
  const seen = new Set(last.map(([k]) => k));
  return [...last, ...OFTEN.filter(([k]) => !seen.has(k))]
    .slice(0, OFTEN.length)
    .map(([species, words]) => ({ words, tap: { species } }));
}

/** Alive with nothing seen answers for the faults too. */
export const WOOD: Option[] = [
  { words: 'alive, nothing seen', tap: { wood: 'SOUND', faults: [] } },
  { words: 'alive, with faults', tap: { wood: 'SOUND', faults: undefined } },
  { words: 'dying', tap: { wood: 'STRESSED', faults: undefined } },
  { words: 'dead, recent', tap: { wood: 'DEAD_RECENT', faults: undefined } },
  { words: 'dead, old', tap: { wood: 'DEAD_OLD', faults: undefined } },
];

export const MOST_FAULTS = 3;
export const FAULTS: { value: Fault; words: string }[] = [
  { value: 'DEAD_TOP', words: 'dead top' },
  { value: 'HANGING_LIMB', words: 'loose limb' },
  { value: 'SPLIT_UNION', words: 'split union' },
  { value: 'CRACK', words: 'crack' },
  { value: 'CAVITY', words: 'cavity' },
  { value: 'FUNGUS', words: 'bracket' },
  { value: 'LOOSE_BARK', words: 'loose bark' },
  { value: 'LIFTED_ROOT_PLATE', words: 'root plate' },
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
  words: leanDeg === 0 ? 'none seen' : `${leanDeg}°`,
  tap: { leanDeg, leansToDeg: undefined },
}));
export const SIDES: Option[] = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'].map((words, i) => ({
  words,
  tap: { leansToDeg: i * 45 },
}));
export const MEANS: Option[] = [
  { words: 'nothing', tap: { means: 'NOTHING' } },
  { words: 'lever', tap: { means: 'LEVER' } },
  { words: 'wedges', tap: { means: 'WEDGES' } },
  { words: 'hand line', tap: { means: 'HAND_LINE' } },
  { words: 'machine line', tap: { means: 'MACHINE_LINE' } },
];
