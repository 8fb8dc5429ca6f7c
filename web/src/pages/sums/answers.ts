import type { Figures } from './SumForm';

/** Names of the answer whose number is said: everything but the envelope. */
const ENVELOPE = new Set(['ok', 'errors', 'warnings']);
const UNITS = ['kNm', 'Nm', 'kN', 'mm', 'cm', 'm2', 'm3', 'kg', 'deg', 'm', 'N', 's', 't'];

/** `pull_needed_N` is read as “pull needed”, N. */
export function said(name: string): { words: string; unit: string } {
  const unit = UNITS.find((u) => name.endsWith(`_${u}`)) ?? '';
  return { words: (unit ? name.slice(0, -unit.length - 1) : name).replaceAll('_', ' '), unit };
}

export const entries = (answer: Figures): [string, unknown][] =>
  Object.entries(answer).filter(([k]) => !ENVELOPE.has(k));

export const numbers = (answer: Figures): [string, number][] =>
  entries(answer).filter((e): e is [string, number] => typeof e[1] === 'number');

/** As it was computed, to the digits that mean something; rounding to the safe side is the business of the plan. */
export const shown = (v: unknown): string =>
  v === null || v === undefined
    ? 'not known'
    : typeof v === 'number'
      ? String(Number(v.toPrecision(4)))
      : typeof v === 'boolean'
        ? v
          ? 'yes'
          : 'no'
        : typeof v === 'string'
          ? v.replaceAll('_', ' ')
          : JSON.stringify(v);
