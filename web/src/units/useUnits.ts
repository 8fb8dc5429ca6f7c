import { useSyncExternalStore } from 'react';
import { type Units, units } from './length';

const subscribe = (changed: () => void) => {
  window.addEventListener('antevid-units', changed);
  return () => window.removeEventListener('antevid-units', changed);
};

/** The person's units; everything that shows a length is drawn anew when they change. */
export const useUnits = (): Units => useSyncExternalStore(subscribe, units);
