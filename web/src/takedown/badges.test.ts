import { describe, expect, it } from 'vitest';
import { calledAt, placed } from './badges';
import type { Piece } from './useTakedown';

const limb = (number: number, rightM: number, upM: number, more: Partial<Piece> = {}) =>
  ({
    number,
    line: [
      { rightM: 0, upM },
      { rightM, upM },
    ],
    middle: { rightM, upM },
    severity: 'NOTE',
    down: false,
    ...more,
  }) as Piece;
const log = (number: number, upM: number) =>
  ({ number, line: [], middle: { rightM: 0, upM }, severity: 'NOTE', down: false }) as unknown as Piece;
const x = (p: { rightM: number }) => 200 + 20 * p.rightM;
const y = (p: { upM: number }) => 500 - 20 * p.upM;

describe('numbers on the figure', () => {
  it('never lie on each other, and the chosen one stands', () => {
    const many = Array.from({ length: 14 }, (_, i) => limb(i + 1, 6 - 0.3 * i, 5));
    const shown = placed(many, 8, x, y);
    expect(shown.some((b) => b.piece.number === 8)).toBe(true);
    expect(shown.length).toBeLessThan(many.length);
    for (const a of shown)
      for (const b of shown)
        if (a !== b) expect(Math.hypot(a.at.x - b.at.x, a.at.y - b.at.y)).toBeGreaterThanOrEqual(26);
  });

  it('keeps what is stopped before what is not', () => {
    const shown = placed([limb(1, 5, 5), limb(2, 5.2, 5, { severity: 'STOP' })], 9, x, y);
    expect(shown.map((b) => b.piece.number)).toEqual([2]);
  });

  it('writes no weight onto the scale or over whoever cuts', () => {
    const weights = (...more: [number?, { x: number; y: number }[]?]) =>
      placed([limb(1, 3, 5)], 1, x, y, ...more).map((b) => b.weight);
    expect(weights()).toEqual(['right']);
    expect(weights(330)).toEqual(['right']);
    expect(weights(310)).toEqual(['left']);
    expect(weights(330, [{ x: 290, y: 410 }])).toEqual(['left']);
    expect(weights(330, [{ x: 220, y: 410 }])).toEqual(['right']);
    expect(
      weights(310, [
        { x: 290, y: 410 },
        { x: 220, y: 410 },
      ]),
    ).toEqual([undefined]);
  });

  it('writes no weight across another number', () => {
    const shown = placed([limb(1, 3, 5), limb(2, 5, 5)], 1, x, y);
    expect(shown.map((b) => [b.piece.number, b.weight])).toEqual([
      [1, 'left'],
      [2, 'right'],
    ]);
  });

  it('sets a short log aside instead of leaving it out', () => {
    const shown = placed([log(1, 5), log(2, 5.3), log(3, 5.6)], 1, x, y);
    expect(shown).toHaveLength(3);
    expect(new Set(shown.map((b) => b.at.x)).size).toBe(3);
  });
});

describe('the weakest link is named', () => {
  it('where no words of a fault stand', () => {
    const fault = { x: 180, y: 100, text: 'split union 2.1 m' };
    expect(calledAt([105, 40], 154, [])).toBe(105);
    expect(calledAt([105, 40], 154, [fault])).toBe(40);
    expect(calledAt([105, 40], 154, [{ ...fault, x: 400 }])).toBe(105);
    expect(calledAt([105], 154, [fault])).toBe(105);
  });
});
