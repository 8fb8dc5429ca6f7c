import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const stems: StageDef = {
  key: 'stems',
  words: 'Stems',
  keys: [['D', 'new defect']],
  filled: (scene) => scene.stems.length > 0,
  Panel: lazy(() => later(() => import('./StemsPanel'))),
  Figure: lazy(() => later(() => import('../../figures/SideFigure'))),
  planFirst: true,
  Below: lazy(() => later(() => import('../../figures/BaseFigure'))),
};
