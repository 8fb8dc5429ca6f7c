import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const tangle: StageDef = {
  key: 'tangle',
  get words() {
    return msg('tangle.title');
  },
  keys: [],
  filled: (scene) => (scene.tangle?.relations.length ?? 0) > 0,
  Panel: lazy(() => later(() => import('./TanglePanel'))),
};
