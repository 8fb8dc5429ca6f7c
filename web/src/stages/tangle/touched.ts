import type { Schemas } from '../../api/client';
import { msg } from './words';

/** What a stem touches there, as somebody on site says it. */
export function touched(r: Schemas['RestView']): string {
  if (r.on === 'FORK') return msg('forkOf', { tree: r.otherName });
  return r.otherName;
}
