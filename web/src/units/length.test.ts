import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { feetInches, parseLength } from './length';

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', { getItem: (k: string) => kept.get(k) ?? null, setItem: kept.set.bind(kept) });
});
afterEach(() => vi.unstubAllGlobals());

describe('a length as people type it', () => {
  it.each([
    ['5\' 7 1/2"', 1.7145],
    ['5 ft 7 1/2 in', 1.7145],
    ['5ft', 1.524],
    ['67 1/2 in', 1.7145],
    ['1/2"', 0.0127],
    ['1.7 m', 1.7],
    ['1,7 m', 1.7],
    ['170 cm', 1.7],
    ['-3 mm', -0.003],
    ['−2 ft', -0.6096],
  ])('reads %s', (said, metres) => expect(parseLength(said, 'metric')).toBeCloseTo(metres, 6));

  it('takes a bare number in the unit of the field', () => {
    expect(parseLength('10', 'metric')).toBe(10);
    expect(parseLength('10', 'feet')).toBeCloseTo(3.048, 6);
  });

  it.each(['', 'tall', '5 apples', '1/0 in', "5' x", '--3'])('makes nothing of %j', (said) =>
    expect(parseLength(said, 'feet')).toBeNull(),
  );
});

describe('a length as it is said', () => {
  it.each([
    [12.0015, '39 ft 4 1/2 in'],
    [1.524, '5 ft'],
    [0.0127, '1/2 in'],
    [0, '0 in'],
    [0.3048 * 2 + 0.0254 * 0.25, '2 ft 1/4 in'],
    [-0.0254, '−1 in'],
  ])('says %d', (metres, said) => expect(feetInches(metres)).toBe(said));

  it('is read as what it was, to a quarter inch', () => {
    for (let quarters = -400; quarters <= 400; quarters += 1) {
      const metres = (quarters * 0.0254) / 4;
      expect(parseLength(feetInches(metres), 'feet')).toBeCloseTo(metres, 9);
    }
  });
});
