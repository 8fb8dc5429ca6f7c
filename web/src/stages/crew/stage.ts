import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const crew: StageDef = {
  key: 'crew',
  get words() {
    return msg('crew.title');
  },
  keys: [],
  filled: (scene) => scene.steps.length > 0,
  Panel: lazy(() => later(() => import('./CrewPanel'))),
};
