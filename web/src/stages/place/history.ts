import { useSyncExternalStore } from 'react';
import { api, data, Problem, type Schemas } from '../../api/client';
import { msg } from './words';

type Entry = Schemas['PlacesEntry'];
/** `version`: of the feature as this change left it; another one means that somebody changed it since. */
type Change = { words: string; id: string; before?: Entry; after?: Entry; version?: number };

const MOST = 20;
type Book = { done: Change[]; undone: Change[] };
const books = new Map<string, Book>();
const NOTHING: Book = { done: [], undone: [] };
const listeners = new Set<() => void>();

const set = (job: string, book: Book) => {
  books.set(job, book);
  listeners.forEach((l) => l());
};

const request = (e: Entry) => ({ ...e, agreedBy: e.agreedBy, more: e.more });

/** Where a feature stands now; null when it is not on the plan. */
async function current(job: string, id: string): Promise<Schemas['PlacedFeature'] | undefined> {
  const all = await data(api.GET('/api/jobs/{job}/features', { params: { path: { job } } }));
  return all.find((f) => f.id === id);
}

/** Puts a feature back as it was, unless somebody has changed it since. @returns its version then */
async function put(
  job: string,
  id: string,
  entry: Entry | undefined,
  version: number | undefined,
): Promise<number | undefined> {
  const now = await current(job, id);
  if (now?.version !== version) {
    throw new Problem(409, msg('somebodyHasChangedIt'), []);
  }
  const path = { params: { path: { job, id } } };
  if (now && !entry) {
    await api.DELETE('/api/jobs/{job}/features/{id}', { params: { ...path.params, query: { version: now.version } } });
    return undefined;
  }
  if (!entry) return undefined;
  const stored = now
    ? await data(
        api.PUT('/api/jobs/{job}/features/{id}', { ...path, body: { ...request(entry), version: now.version } }),
      )
    : await data(api.POST('/api/jobs/{job}/features', { params: { path: { job } }, body: { ...request(entry), id } }));
  return stored.version;
}

/** Adds, changes or takes off a feature, in a way that can be undone. */
export async function addFeature(job: string, entry: Entry): Promise<Schemas['PlacedFeature']> {
  const added = await data(api.POST('/api/jobs/{job}/features', { params: { path: { job } }, body: request(entry) }));
  remember(job, {
    words: msg('new', { entryName: entry.name }),
    id: added.id,
    after: added.entry,
    version: added.version,
  });
  return added;
}

export async function changeFeature(
  job: string,
  feature: Schemas['PlacedFeature'],
  over: Partial<Entry>,
): Promise<void> {
  const after = { ...feature.entry, ...over };
  const stored = await data(
    api.PUT('/api/jobs/{job}/features/{id}', {
      params: { path: { job, id: feature.id } },
      body: { ...request(after), version: feature.version },
    }),
  );
  remember(job, {
    words: msg('changeOf', { afterName: after.name }),
    id: feature.id,
    before: feature.entry,
    after: stored.entry,
    version: stored.version,
  });
}

export async function removeFeature(job: string, feature: Schemas['PlacedFeature']): Promise<void> {
  await api.DELETE('/api/jobs/{job}/features/{id}', {
    params: { path: { job, id: feature.id }, query: { version: feature.version } },
  });
  remember(job, { words: msg('takenOff', { entryName: feature.entry.name }), id: feature.id, before: feature.entry });
}

function remember(job: string, change: Change): void {
  const book = books.get(job) ?? NOTHING;
  set(job, { done: [...book.done, change].slice(-MOST), undone: [] });
}

export async function undo(job: string): Promise<void> {
  const book = books.get(job) ?? NOTHING;
  const last = book.done.at(-1);
  if (!last) return;
  const version = await put(job, last.id, last.before, last.version);
  const left = book.done.slice(0, -1).map((c) => (c.id === last.id ? { ...c, version } : c));
  set(job, { done: left, undone: [...book.undone, { ...last, version }] });
}

export async function redo(job: string): Promise<void> {
  const book = books.get(job) ?? NOTHING;
  const last = book.undone.at(-1);
  if (!last) return;
  const version = await put(job, last.id, last.after, last.version);
  const left = book.undone.slice(0, -1).map((c) => (c.id === last.id ? { ...c, version } : c));
  set(job, { done: [...book.done, { ...last, version }].slice(-MOST), undone: left });
}

/** The last twenty changes of the plan made on this screen. */
export function useHistory(job: string): { undoable?: string; redoable?: string } {
  const book = useSyncExternalStore(
    (l) => {
      listeners.add(l);
      return () => listeners.delete(l);
    },
    () => books.get(job) ?? NOTHING,
  );
  return { undoable: book.done.at(-1)?.words, redoable: book.undone.at(-1)?.words };
}
