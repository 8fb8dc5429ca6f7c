import { create } from 'zustand';
import type { Schemas, Spot } from '../api/client';

/** A tree as it is being tapped; what is missing is asked for. The photo of its height goes with it when it is used. */
export type Draft = Omit<Schemas['TreeRequest'], 'at'> & { at?: Spot; photo?: File };

type Drafts = {
  drafts: Record<string, Draft>;
  tap: (key: string, more: Draft) => void;
  drop: (key: string) => void;
};

/** One draft for each tree of each job; it stays when one looks at something else and comes back. */
export const useDrafts = create<Drafts>((set) => ({
  drafts: {},
  tap: (key, more) => set((s) => ({ drafts: { ...s.drafts, [key]: { ...s.drafts[key], ...more } } })),
  drop: (key) => set((s) => ({ drafts: { ...s.drafts, [key]: {} } })),
}));

export const draftKey = (job: string, stem?: string): string => `${job}/${stem ?? 'new'}`;
const NOTHING: Draft = {};

/** The draft of a tree, and how something more is tapped on it. */
export function useDraft(job: string, stem?: string): [Draft, (more: Draft) => void, () => void] {
  const key = draftKey(job, stem);
  const draft = useDrafts((s) => s.drafts[key] ?? NOTHING);
  const tap = useDrafts((s) => s.tap);
  const drop = useDrafts((s) => s.drop);
  return [draft, (more) => tap(key, more), () => drop(key)];
}

/** Everything that is asked of a tree; the server says which of it is still open. */
export type Question = Schemas['TreeView']['open'][number] | 'WHERE' | 'MEANS';

/** What is asked next: what the server wants, without what has been tapped since it answered. */
export function openQuestions(view: Schemas['TreeView'] | undefined, draft: Draft): Question[] {
  if (!view) return (draft.stem ?? draft.at) ? [] : ['WHERE'];
  const all: Question[] = [
    ...(view.placeOpen ? (['WHERE'] as const) : []),
    ...view.open,
    ...(view.means ? [] : (['MEANS'] as const)),
  ];
  return all.filter((q) => !answered(q, draft));
}

function answered(q: Question, d: Draft): boolean {
  switch (q) {
    case 'WHERE':
      return d.at !== undefined;
    case 'SPECIES':
      return d.species !== undefined;
    case 'WOOD':
      return d.wood !== undefined;
    case 'FAULTS':
      return d.faults !== undefined;
    case 'DIAMETER':
      return d.diameterM !== undefined;
    case 'HEIGHT':
      return d.heightM !== undefined || d.heightPhoto !== undefined;
    case 'CROWN':
      return d.crownRadiusM !== undefined;
    case 'LEAN':
      return d.leanDeg !== undefined;
    case 'LEANS_TO':
      return d.leansToDeg !== undefined;
    case 'MEANS':
      return d.means !== undefined;
  }
}
