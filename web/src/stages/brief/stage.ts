import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const brief: StageDef = {
  key: 'brief',
  get words() {
    return msg('brief.title');
  },
  keys: [],
  filled: (_, briefed) => briefed,
  Panel: lazy(() => later(() => import('./BriefPanel'))),
};
