import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const tangle: StageDef = {
  key: 'tangle',
  words: 'Hung & fallen',
  keys: [],
  filled: (scene) => (scene.tangle?.relations.length ?? 0) > 0,
  Panel: lazy(() => later(() => import('./TanglePanel'))),
};
