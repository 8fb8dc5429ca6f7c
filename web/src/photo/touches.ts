import type { Schemas } from '../api/client';

type Kind = Schemas['SightingChoice']['key'];
/** One touch: the words of its field, and where its place in the picture goes. */
export type Touch = { words: string; x?: string; y: string };

/** What is touched on a photo, in order. */
const TOUCHES: Partial<Record<Kind, Omit<Touch, 'words'>[]>> = {
  HEIGHT_PHOTO: [{ y: 'footY' }, { y: 'markY' }, { y: 'topY' }],
  LEAN_PHOTO: [
    { x: 'footX', y: 'footY' },
    { x: 'topX', y: 'topY' },
    { x: 'lowX', y: 'lowY' },
    { x: 'highX', y: 'highY' },
  ],
};

/** How the photo has to be taken. */
export const ADVICE: Partial<Record<Kind, string>> = { HEIGHT_PHOTO: 'photo.height', LEAN_PHOTO: 'photo.lean' };

/** @returns nothing for a sighting that is not read off a photo */
export const touchesOf = (kind?: Schemas['SightingChoice']): Touch[] | undefined =>
  kind &&
  TOUCHES[kind.key]?.map((t) => ({ ...t, words: kind.notes.find((n) => n.name === t.y)?.words.toLowerCase() ?? '' }));
