import { lazy } from 'react';
import { later } from '../../app/later';
import type { StageDef } from '../stage';

export const lay: StageDef = {
  key: 'lay',
  words: 'Lay',
  keys: [
    ['[  ]', 'turn the lay 1°, with Shift 10°'],
    ['Z', 'take the drop zone'],
    ['E', 'ways out'],
  ],
  filled: (scene) => scene.lays.some((l) => l.fixed),
  Panel: lazy(() => later(() => import('./LayPanel'))),
  Overlay: lazy(() => later(() => import('./DialOverlay'))),
};
