import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const cuts: StageDef = {
  key: 'cuts',
  words: 'Cuts',
  keys: [],
  filled: (scene) => scene.lays.some((l) => l.fixed),
  Panel: lazy(() => later(() => import('./CutsPanel'))),
  Figure: lazy(() => later(() => import('../../figures/StumpFigure'))),
};
