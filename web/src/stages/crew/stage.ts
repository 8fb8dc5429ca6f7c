import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const crew: StageDef = {
  key: 'crew',
  words: 'Crew',
  keys: [],
  filled: (scene) => scene.steps.length > 0,
  Panel: lazy(() => later(() => import('./CrewPanel'))),
};
