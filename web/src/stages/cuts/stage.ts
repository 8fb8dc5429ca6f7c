import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const cuts: StageDef = {
  key: 'cuts',
  get words() {
    return msg('cuts.title');
  },
  keys: [],
  filled: (scene) => scene.lays.some((l) => l.fixed),
  Panel: lazy(() => later(() => import('./CutsPanel'))),
  Figure: lazy(() => later(() => import('../../figures/StumpFigure'))),
};
