import type { Piece } from './useTakedown';

type At = { rightM: number; upM: number };
type On = { x: number; y: number };
/** A piece's number on the figure, and on which side its weight has room; undefined: on none. */
export type Badge = { piece: Piece; at: On; weight?: 'right' | 'left' };

const APART = 26;
/** A number, what is written beside it, and the next column. */
const ASIDE = 84;
const WEIGHT = 62;
const LINE = 15;
const ASIDES = [0, 1, 2];

/**
 * Numbers that do not lie on each other: the chosen one first, then what is stopped, then by turn. A log's number steps
 * aside past what is written beside another; one of a limb that has no room is left to the list. Weights stay clear of
 * the scale at the right and of whoever is drawn cutting.
 */
export function placed(
  pieces: Piece[],
  chosen: number,
  x: (p: At) => number,
  y: (p: At) => number,
  scaleX = Infinity,
  cutting: On[] = [],
): Badge[] {
  const rank = (p: Piece) => (p.number === chosen ? 0 : p.severity === 'STOP' && !p.down ? 1 : 2);
  const numbers: Badge[] = [];
  for (const piece of [...pieces].sort((a, b) => rank(a) - rank(b) || a.number - b.number)) {
    const end = piece.line.at(1);
    const own = end
      ? { x: x(end), y: y(end) }
      : { x: x({ ...piece.middle, rightM: piece.middle.rightM + 0.9 }), y: y(piece.middle) };
    const free = (at: On) => numbers.every((o) => Math.hypot(o.at.x - at.x, o.at.y - at.y) >= APART);
    const at = (end ? [own] : ASIDES.map((n) => ({ ...own, x: own.x + n * ASIDE }))).find(free);
    if (at) numbers.push({ piece, at });
    else if (!end) numbers.push({ piece, at: own });
  }
  // weights go where no number and no other weight is
  for (const b of numbers) b.weight = SIDES.find((side) => free(b, side, numbers, scaleX, cutting));
  return numbers;
}

/** Half of the height of the box that names the weakest link, and some room. */
const BOX = 34;
const LETTER = 7.2;

/** How high up the figure the weakest link is named: the first place where no fault's own words stand. */
export const calledAt = (places: number[], to: number, words: { x: number; y: number; text: string }[]) =>
  places.find((at) => words.every((w) => Math.abs(w.y - at) >= BOX || w.x - LETTER * w.text.length > to)) ?? places[0];

const SIDES = ['right', 'left'] as const;

/** From where to where a number reaches with its weight on a side. */
const span = (b: Badge, side: Badge['weight']) =>
  [side === 'left' ? b.at.x - WEIGHT : b.at.x - 12, side === 'right' ? b.at.x + WEIGHT : b.at.x + 12] as const;

function free(b: Badge, side: 'right' | 'left', numbers: Badge[], scaleX: number, cutting: On[]) {
  const [from, to] = span(b, side);
  return (
    from >= 0 &&
    to <= scaleX &&
    !cutting.some((c) => Math.abs(c.y - b.at.y) < 2 * LINE && c.x + LINE > from && c.x - LINE < to) &&
    numbers.every((o) => {
      const [oFrom, oTo] = span(o, o.weight);
      return o === b || Math.abs(o.at.y - b.at.y) >= (o.weight ? LINE : LINE + 5) || oTo < from || oFrom > to;
    })
  );
}
