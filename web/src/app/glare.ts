/** The high-glare switch: black on white, thick lines. Kept in the page's own storage; works over plain HTTP. */
const KEY = 'antevid.glare';
const listeners = new Set<() => void>();

export const isGlare = (): boolean => document.documentElement.classList.contains('glare');

export function startGlare(): void {
  document.documentElement.classList.toggle('glare', localStorage.getItem(KEY) === 'on');
}

export function switchGlare(): void {
  localStorage.setItem(KEY, isGlare() ? 'off' : 'on');
  startGlare();
  listeners.forEach((l) => l());
}

export function onGlare(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}
