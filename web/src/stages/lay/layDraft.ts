import { create } from 'zustand';
import type { Schemas } from '../../api/client';

type Choice = Schemas['ChoiceRequest'];
type LayDrafts = {
  drafts: Record<string, Choice>;
  put: (key: string, choice?: Choice) => void;
  /** It is saved: what was chosen since it was sent stays. */
  saved: (key: string, sent: Choice) => void;
};

/** Lays and cuts that are being chosen and are not saved, one for each stem; they stay when one looks at something else. */
export const useLayDrafts = create<LayDrafts>((set) => ({
  drafts: {},
  put: (key, choice) =>
    set((s) => {
      const drafts = { ...s.drafts };
      if (choice) drafts[key] = choice;
      else delete drafts[key];
      return { drafts };
    }),
  saved: (key, sent) =>
    set((s) => {
      if (s.drafts[key] !== sent) return s;
      const drafts = { ...s.drafts };
      delete drafts[key];
      return { drafts };
    }),
}));
