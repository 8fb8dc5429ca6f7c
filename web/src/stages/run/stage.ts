import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const run: StageDef = {
  key: 'run',
  get words() {
    return msg('run.title');
  },
  keys: [],
  filled: (scene) => scene.steps.length > 0 && scene.steps.every((s) => s.done),
  Panel: lazy(() => later(() => import('./RunPanel'))),
};
