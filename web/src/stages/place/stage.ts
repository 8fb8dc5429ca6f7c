import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const place: StageDef = {
  key: 'place',
  get words() {
    return msg('place.title');
  },
  get keys(): [string, string][] {
    return [
      ['T', msg('place.newTarget')],
      ['U', msg('place.takeTheLastDrawing')],
    ];
  },
  filled: (scene) => scene.features.length > 0,
  Panel: lazy(() => later(() => import('./PlacePanel'))),
  Overlay: lazy(() => later(() => import('./PlaceOverlay'))),
};
