import { useState } from 'react';

/**
 * Something that is being said and is not whole yet: it goes into the plan with its last answer, and never with numbers
 * that nobody said.
 *
 * @param whole as it is planned
 * @param needs what has to be said of it
 * @param start what it begins with
 */
export function useBegun<T extends object>(
  whole: T | undefined,
  needs: readonly (keyof T)[],
  start: Partial<T>,
  put: (t?: T) => void,
) {
  const [begun, setBegun] = useState<Partial<T>>();
  const value: Partial<T> | undefined = whole ?? begun;
  const missing = needs.filter((k) => value?.[k] === undefined);
  return {
    value,
    missing,
    begin: () => setBegun(start),
    set: (more: Partial<T>) => {
      const next = { ...value, ...more };
      if (needs.some((k) => next[k] === undefined)) {
        setBegun(next);
        if (whole) put(undefined);
        return;
      }
      setBegun(undefined);
      put(next as T);
    },
    drop: () => {
      setBegun(undefined);
      put(undefined);
    },
  };
}
