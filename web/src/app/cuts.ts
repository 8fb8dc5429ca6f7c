import type { Schemas } from '../api/client';

/** Whoever holds the saw is where it is cut: nobody sets a stand for them. */
export const cuts = (role: Schemas['PostRequest']['role']): boolean => role === 'CUTTER' || role === 'CLIMBER';
