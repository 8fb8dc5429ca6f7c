import NoSleep from 'nosleep.js';

let awake: NoSleep | undefined;

/** The page stays lit, as far as plain http allows; asked for with a touch, or the browser refuses. */
export function keepLit(is: boolean): void {
  if (is) {
    awake ??= new NoSleep();
    if (!awake.isEnabled) void awake.enable().catch(() => undefined);
  } else if (awake?.isEnabled) awake.disable();
}
