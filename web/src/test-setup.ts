/** What the catalogue asks of a browser when it is loaded; the tests of the pure parts have none. */
const kept = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: { getItem: (key: string) => kept.get(key) ?? null, setItem: kept.set.bind(kept) },
  window: new EventTarget(),
});
