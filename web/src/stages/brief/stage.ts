import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const brief: StageDef = {
  key: 'brief',
  words: 'Brief',
  keys: [],
  filled: (_, briefed) => briefed,
  Panel: lazy(() => later(() => import('./BriefPanel'))),
};
