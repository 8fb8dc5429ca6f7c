import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const review: StageDef = {
  key: 'review',
  get words() {
    return msg('review.title');
  },
  keys: [],
  filled: (scene) => scene.outcomes.length > 0,
  Below: lazy(() => later(() => import('./StumpsBelow'))),
  Panel: lazy(() => later(() => import('./ReviewPanel'))),
};
