import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const stems: StageDef = {
  key: 'stems',
  get words() {
    return msg('stems.title');
  },
  get keys(): [string, string][] {
    return [['D', msg('stems.newDefect')]];
  },
  filled: (scene) => scene.stems.length > 0,
  Panel: lazy(() => later(() => import('./StemsPanel'))),
  Figure: lazy(() => later(() => import('../../figures/SideFigure'))),
  planFirst: true,
  Below: lazy(() => later(() => import('../../figures/BaseFigure'))),
};
