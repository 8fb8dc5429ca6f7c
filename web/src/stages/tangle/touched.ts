import type { Schemas } from '../../api/client';
import { msg } from './words';

/** What a stem touches there, as somebody on site says it. */
export function touched(stem: Schemas['TangledStem'], r: Schemas['RestView']): string {
  if (r.on === 'FORK') return msg('forkOf', { tree: r.otherName });
  if (r.on === 'OWN_STUMP' && stem.partOf) return msg('tearOn', { stem: stem.partOf.stem });
  return r.otherName;
}
