import type { Schemas } from '../../api/client';
import { msg } from './words';

export type Office = Schemas['PersonEntry']['office'];

export const officeWords = (): Record<Office, string> => ({
  CREW: msg('crew'),
  LEADER: msg('leader'),
  REVIEWER: msg('reviewer'),
  OWNER: msg('owner'),
});
