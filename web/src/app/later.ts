/** A page loaded when it is first wanted; on the network of a work site once more before it is given up. */
export const later = <T>(load: () => Promise<T>): Promise<T> =>
  load().catch(() => new Promise<void>((again) => setTimeout(again, 800)).then(load));
