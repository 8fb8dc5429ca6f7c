import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';
import { msg } from '../words';

export const lay: StageDef = {
  key: 'lay',
  get words() {
    return msg('lay.title');
  },
  get keys(): [string, string][] {
    return [
      ['[  ]', msg('lay.turnTheLay1')],
      ['Z', msg('lay.takeTheDropZone')],
      ['E', msg('lay.waysOut')],
    ];
  },
  filled: (scene) => scene.lays.some((l) => l.fixed),
  Panel: lazy(() => later(() => import('./LayPanel'))),
  Overlay: lazy(() => later(() => import('./DialOverlay'))),
};
