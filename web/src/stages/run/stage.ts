import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const run: StageDef = {
  key: 'run',
  words: 'Run',
  keys: [],
  filled: (scene) => scene.steps.length > 0 && scene.steps.every((s) => s.done),
  Panel: lazy(() => later(() => import('./RunPanel'))),
};
