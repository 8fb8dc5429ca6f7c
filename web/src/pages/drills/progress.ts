import type { Schemas } from '../../api/client';

/** What somebody has done so far stays on their device: nobody else sees it. */
export type Missed = { level: number; seed: number; stage: number; due: number };
export type Progress = { level: number; row: number; missed: Missed[] };
type All = Record<string, Progress>;
type Rules = Pick<Schemas['DrillsView'], 'againDays' | 'risesAfter'>;

const KEY = 'antevid.drills';
const DAY_MS = 86_400_000;

const read = (): All => JSON.parse(localStorage.getItem(KEY) ?? '{}') as All;

export const progressOf = (kind: string): Progress => read()[kind] ?? { level: 1, row: 0, missed: [] };

export const dueOf = (kind: string): Missed[] => progressOf(kind).missed.filter((m) => m.due <= Date.now());

/** A right one moves on, at the last distance out of the list; a wrong one comes back after the first. */
export function answered(kind: string, levels: number, level: number, seed: number, right: boolean, rules: Rules) {
  const was = progressOf(kind);
  const before = was.missed.find((m) => m.level === level && m.seed === seed);
  const others = was.missed.filter((m) => m !== before);
  const stage = right ? (before ? before.stage + 1 : rules.againDays.length) : 0;
  const days = rules.againDays[stage];
  const row = right && level === was.level ? was.row + 1 : right ? was.row : 0;
  const rises = row >= rules.risesAfter && was.level < levels;
  const now: Progress = {
    level: rises ? was.level + 1 : was.level,
    row: rises ? 0 : row,
    missed: days === undefined ? others : [...others, { level, seed, stage, due: Date.now() + days * DAY_MS }],
  };
  localStorage.setItem(KEY, JSON.stringify({ ...read(), [kind]: now }));
}
