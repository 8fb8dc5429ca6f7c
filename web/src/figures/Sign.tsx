import type { Schemas } from '../api/client';

type Kind = Schemas['CueView']['sign'];

/** Arms from the shoulders (20, 15), each to where the hand is. */
const ARMS: Partial<Record<Kind, string>> = {
  ARM_UP: 'M20 15 L28 3 M20 15 L13 25',
  ARM_SWUNG: 'M20 15 L33 11 M20 15 L13 25 M29 2 A 15 15 0 0 1 37 16 M33 14 L37 17 L39 12',
  ARMS_CROSSED: 'M15 15 L26 1 M25 15 L14 1',
  BOTH_ARMS_UP: 'M20 15 L31 3 M20 15 L9 3',
};
const OTHER: Partial<Record<Kind, string>> = {
  READY: 'M3 20 L37 20 M3 13 L3 27 M37 13 L37 27 M13 14 L20 20 L13 26',
  SAID: 'M4 6 H36 V26 H18 L10 35 V26 H4 Z M11 13 H29 M11 19 H24',
};

/** How a signal is given, as a small figure; what it means stands beside it. */
export function Sign({ kind }: { kind: Kind }) {
  const arms = ARMS[kind];
  return (
    <svg viewBox="0 0 40 40" width="52" height="52" aria-hidden fill="none" stroke="currentColor" strokeWidth="2.6">
      {arms && (
        <>
          <circle cx="20" cy="8" r="4" fill="currentColor" stroke="none" />
          <path d={`M20 13 L20 26 M20 26 L13 38 M20 26 L27 38 ${arms}`} />
        </>
      )}
      {kind === 'THREE_SHORT' && (
        <g fill="currentColor" stroke="none">
          <rect x="3" y="14" width="9" height="12" />
          <rect x="16" y="14" width="9" height="12" />
          <rect x="29" y="14" width="9" height="12" />
        </g>
      )}
      {OTHER[kind] && <path d={OTHER[kind]} />}
    </svg>
  );
}
