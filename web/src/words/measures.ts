import type { Schemas } from '../api/client';

/** What a step of the cut is to meet, as the server worded it for this reader. */
export const met = (measures: Schemas['MessageView'][]): string => measures.map((m) => m.words).join(', ');
