import type { Piece } from './useTakedown';
import css from './takedown.module.css';

/** How a piece comes down, drawn: a bar for the wood, a line for the rope, an arrow for where it goes. */
const DRAWN: Record<Piece['way'], string> = {
  BY_HAND: 'M3 6h6v8h-6z M12 8v4a4 4 0 0 1-8 0',
  SNAPPED: 'M2 12l7-3M9 12l7-3M11 16c4 0 6-2 7-5M18 11l-3 0M18 11l0 3',
  TOPPED: 'M4 18v-8M4 10l8-6M9 15c4 0 7-3 8-7M17 8l-3 1M17 8l1 3',
  TIED_ABOVE: 'M10 1v7M4 8h12v4h-12zM10 15v3M10 18l-2-2M10 18l2-2',
  TIED_BELOW: 'M5 2v9M5 11a3 3 0 1 0 .1 0M10 3c5 1 7 5 6 12M16 15l-3-2M16 15l2-3',
  LET_RUN: 'M5 2v9M5 11a3 3 0 1 0 .1 0M10 3c4 1 6 4 6 8M16 13v5M16 18l-2-2M16 18l2-2',
  DRIFTED: 'M2 2l6 8M18 3l-8 7M5 10h8v4H5zM6 17h8M14 17l-3 -2M14 17l-3 2',
  PICKED: 'M2 3h14M16 3v5M12 8h8v5h-8zM16 16v3M4 3v14',
  GRABBED: 'M10 1v5M10 6c-5 1-6 7-3 10M10 6c5 1 6 7 3 10M7 10h6v5H7z',
  FELLED: 'M3 18h14M4 18v-6M4 12c0-6 6-9 12-7M16 5l-3-2M16 5l-2 3',
};

export function WayMark({ way }: { way: Piece['way'] }) {
  return (
    <svg viewBox="0 0 20 20" width="20" height="20" aria-hidden="true" className={`own ${css.way}`}>
      <path d={DRAWN[way]} />
    </svg>
  );
}
