import { describe, expect, it } from 'vitest';
import { type Box, type Label, place, shorten, touch } from './labels';

const width = (text: string) => text.length * 7;
const label = (over: Partial<Label>): Label => ({ x: 0, y: 0, text: 'shed', wish: [0, 20], rank: 5, ...over });
/** Always the same numbers, 0 to 1. */
function seeded(seed: number): () => number {
  let s = seed;
  return () => (s = (s * 16807) % 2147483647) / 2147483647;
}

describe('words on the plan', () => {
  it('stand where they wish when nothing is there', () => {
    const [p] = place([label({})], [], width);
    expect([p.x, p.y, p.led]).toEqual([0, 20, false]);
  });

  it('never touch each other or a mark, whatever there is', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const random = seeded(seed);
      const labels = Array.from({ length: 40 }, (_, i) =>
        label({ x: random() * 500, y: random() * 300, text: `target number ${i}`, rank: Math.floor(random() * 6) }),
      );
      const marks: Box[] = labels.map((l) => ({ left: l.x - 18, right: l.x + 18, top: l.y - 12, bottom: l.y + 12 }));
      const placed = place(labels, marks, width);
      for (const [i, a] of placed.entries()) {
        expect(marks.some((m) => touch(m, a.box))).toBe(false);
        expect(placed.slice(i + 1).some((b) => touch(a.box, b.box))).toBe(false);
      }
      expect(placed.length).toBeGreaterThan(20);
    }
  });

  it('are never cut off at an edge, and what stands outside is not named', () => {
    const view: Box = { left: 0, right: 300, top: 0, bottom: 200 };
    for (let seed = 1; seed <= 40; seed++) {
      const random = seeded(seed);
      const labels = Array.from({ length: 20 }, (_, i) =>
        label({ x: random() * 400 - 50, y: random() * 300 - 50, text: `keep out ${i} m`, rank: 0 }),
      );
      for (const { box, label: l } of place(labels, [], width, view)) {
        expect(box.left >= 0 && box.right <= 300 && box.top >= 0 && box.bottom <= 200).toBe(true);
        expect(l.x >= 0 && l.x <= 300 && l.y >= 0 && l.y <= 200).toBe(true);
      }
    }
    expect(place([label({ x: 295, y: 100, text: 'keep out 48 m' })], [], width, view)).toHaveLength(1);
  });

  it('give way to what matters more', () => {
    const crowd = [label({ text: 'a name', rank: 5 }), label({ text: 'keep out 48 m', rank: 0 })];
    const placed = place(crowd, [], width);
    expect(placed[0].label.text).toBe('keep out 48 m');
    expect([placed[0].x, placed[0].y]).toEqual([0, 20]);
  });

  it('are led to from farther off where it is crowded, and shortened before they vanish', () => {
    const wall: Box = { left: -34, right: 34, top: -34, bottom: 34 };
    const [p] = place([label({})], [wall], width);
    expect(p.led).toBe(true);
    const tight: Box[] = [
      { left: -200, right: 200, top: -200, bottom: -12 },
      { left: -200, right: 200, top: 29, bottom: 200 },
      { left: -200, right: -34, top: -12, bottom: 29 },
      { left: 34, right: 200, top: -12, bottom: 29 },
    ];
    const [short] = place([label({ text: 'shed, old and empty' })], tight, width);
    expect(short.text).toBe('shed');
  });

  it('say a name once', () => {
    expect(place([label({}), label({ y: 200, rank: 4 })], [], width)).toHaveLength(1);
    expect(place([label({ rank: 3 }), label({ y: 200, rank: 3 })], [], width)).toHaveLength(2);
  });

  it('are shortened at a stop, or after eleven letters', () => {
    expect(shorten('Oren Pike, not done')).toBe('Oren Pike');
    expect(shorten('weather station mast')).toBe('weather sta…');
    expect(shorten('shed')).toBeUndefined();
  });
});
