import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const place: StageDef = {
  key: 'place',
  words: 'Place',
  keys: [
    ['T', 'new target'],
    ['U', 'take the last drawing back'],
  ],
  filled: (scene) => scene.features.length > 0,
  Panel: lazy(() => later(() => import('./PlacePanel'))),
  Overlay: lazy(() => later(() => import('./PlaceOverlay'))),
};
