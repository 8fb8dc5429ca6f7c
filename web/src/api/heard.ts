/** When this page last heard anything from the server, by the page's own clock that never jumps. */
let at = -Infinity;
const listeners = new Set<() => void>();

export function heard(): void {
  at = performance.now();
  listeners.forEach((l) => l());
}

export const silentMs = (): number => performance.now() - at;

/** Called with every answer and every event. */
export function onHeard(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
