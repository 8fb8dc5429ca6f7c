const HOUR = 60;
const two = (n: number) => String(n).padStart(2, '0');

/** A minute of the day as a clock shows it. */
export const ofDay = (min: number) => `${two(Math.floor(min / HOUR) % 24)}:${two(min % HOUR)}`;

/** A minute of work: by the clock where it is known when work starts, else counted. */
export const ofWork = (min: number, startsMin: number | undefined) =>
  startsMin === undefined ? `${min} min` : ofDay(startsMin + min);

/** So many minutes, in hours where there are some. */
export const long = (min: number) => (min < HOUR ? `${min} min` : `${Math.floor(min / HOUR)} h ${min % HOUR} min`);
