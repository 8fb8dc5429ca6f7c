import { cssVars, glare, paper } from '../ui/palette';

/** The high-glare switch: black on white, thick lines. Kept in the page's own storage; works over plain HTTP. */
const KEY = 'antevid.glare';
const listeners = new Set<() => void>();

export const isGlare = (): boolean => document.documentElement.classList.contains('glare');

export function startGlare(): void {
  const root = document.documentElement;
  root.classList.toggle('glare', localStorage.getItem(KEY) === 'on');
  for (const [name, value] of Object.entries(cssVars(isGlare() ? glare : paper))) root.style.setProperty(name, value);
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
