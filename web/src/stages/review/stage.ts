import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const review: StageDef = {
  key: 'review',
  words: 'Review',
  keys: [],
  filled: (scene) => scene.outcomes.length > 0,
  Panel: lazy(() => later(() => import('./ReviewPanel'))),
};
