/** Words on the plan, placed so that no two touch. All lengths are pixels; y grows downward. */
export type Box = { left: number; top: number; right: number; bottom: number };
export type Label = {
  /** What it names stands here. */
  x: number;
  y: number;
  text: string;
  /** Said instead where the whole has no room. */
  short?: string;
  /** The place its drawing would like, from the point to the middle of the words. */
  wish: [number, number];
  /** 0 goes first: hold and stop, people, stems and ways out, targets, the rest. */
  rank: number;
};
/** Where its words came to stand; `led` where they are so far off that a line leads to them. */
export type Placed<L extends Label> = { label: L; text: string; x: number; y: number; box: Box; led: boolean };

/** Ranks from here on are names of things, which need to be said only once. */
export const NAMES = 4;
const HEIGHT = 17;
const GAP = 2;
const NEAR = [16, 24];
const FAR = [40, 58, 78];
const AROUND: [number, number][] = [
  [0, 1],
  [0, -1],
  [1, 0],
  [-1, 0],
  [1, 1],
  [-1, 1],
  [1, -1],
  [-1, -1],
];

export const touch = (a: Box, b: Box): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

const around = (x: number, y: number, width: number): Box => ({
  left: x - width / 2 - GAP,
  right: x + width / 2 + GAP,
  top: y - HEIGHT / 2,
  bottom: y + HEIGHT / 2,
});

/** Middle of words of this width beside a point: their nearest edge is `off` from it. */
const beside = (l: Label, [dx, dy]: [number, number], off: number, width: number): [number, number] => [
  l.x + dx * (dy === 0 ? off + width / 2 : off * 0.8 + width / 2),
  l.y + dy * off,
];

/** How much of a long name still says which it is. */
export function shorten(text: string): string | undefined {
  const first = text.split(/[,;:(]/)[0].trim();
  if (first.length < text.length && first.length > 2) return first;
  return text.length > 14 ? `${text.slice(0, 11).trimEnd()}…` : undefined;
}

/**
 * Places words in the order of their rank: where they wish to stand, else in one of eight places beside their point,
 * else shortened, else farther off with a line that leads to them. What has no room at all is left out; a name that
 * stands already is not said twice.
 *
 * @param taken marks and plates that stay legible
 * @param width of words when they are written
 * @param view what is seen of the plan: no word is cut off at its edge, and what stands outside is not named
 */
export function place<L extends Label>(
  labels: L[],
  taken: Box[],
  width: (text: string) => number,
  view?: Box,
): Placed<L>[] {
  const placed: Placed<L>[] = [];
  const said = new Set<string>();
  const whole = (box: Box) =>
    !view || (box.left >= view.left && box.right <= view.right && box.top >= view.top && box.bottom <= view.bottom);
  const seen = (l: Label) => !view || (l.x >= view.left && l.x <= view.right && l.y >= view.top && l.y <= view.bottom);
  const free = (box: Box) => whole(box) && !taken.some((t) => touch(t, box)) && !placed.some((p) => touch(p.box, box));
  const put = (label: L, text: string, [x, y]: [number, number], led: boolean): boolean => {
    const box = around(x, y, width(text));
    if (!free(box)) return false;
    placed.push({ label, text, x, y, box, led });
    said.add(label.text);
    return true;
  };
  const tries = (label: L, text: string): boolean => {
    const w = width(text);
    return (
      put(label, text, [label.x + label.wish[0], label.y + label.wish[1]], false) ||
      NEAR.some((off) => AROUND.some((a) => put(label, text, beside(label, a, off, w), false)))
    );
  };
  const ordered = labels.map((label, i) => ({ label, i })).sort((a, b) => a.label.rank - b.label.rank || a.i - b.i);
  for (const { label } of ordered) {
    if (!seen(label) || (label.rank >= NAMES && said.has(label.text))) continue;
    const short = label.short ?? shorten(label.text);
    const texts = short ? [label.text, short] : [label.text];
    if (texts.some((t) => tries(label, t))) continue;
    texts.some((t) => FAR.some((off) => AROUND.some((a) => put(label, t, beside(label, a, off, width(t)), true))));
  }
  return placed;
}
