import type { Schemas } from '../api/client';

/** How the numbers of the house are stepped. */
export const STEPS: Record<Schemas['ThresholdView']['key'], { unit: string; step: number; digits: number }> = {
  EXCLUSION_LENGTHS: { unit: '', step: 0.5, digits: 1 },
  SOUND_SIGMA: { unit: '°', step: 0.5, digits: 1 },
  WIND_LIMIT: { unit: 'm/s', step: 0.5, digits: 1 },
  LEAST_AWAY: { unit: 'm', step: 0.1, digits: 1 },
  RESCUE_WITHIN: { unit: 'min', step: 1, digits: 0 },
  LEAST_WOOD: { unit: 'm', step: 0.01, digits: 2 },
};
