/** Display only; the server has already rounded zones to the safe side. */
export const azimuth = (deg: number): string => String(((Math.round(deg) % 360) + 360) % 360).padStart(3, '0');
export const fixed = (value: number, digits = 1): string => value.toFixed(digits);
export const mm = (metres: number): string => String(Math.round(metres * 1000));
export const clock = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' });
