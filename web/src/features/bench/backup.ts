import type { NamedDraft } from '../../api/types';

/** Edits not yet saved, with the revision that they were made on. */
interface Backup {
  revision: number;
  named: NamedDraft;
}

const key = (recipeId: string) => `honest-stack:unsaved:${recipeId}`;

/** Unsaved edits in this browser. Where the browser refuses storage, the page still works. */
export const backup = {
  put(recipeId: string, value: Backup) {
    try {
      localStorage.setItem(key(recipeId), JSON.stringify(value));
    } catch {
      // Storage is full or forbidden; the draft is still in the page.
    }
  },
  get(recipeId: string): Backup | undefined {
    try {
      const text = localStorage.getItem(key(recipeId));
      return text ? (JSON.parse(text) as Backup) : undefined;
    } catch {
      return undefined;
    }
  },
  forget(recipeId: string) {
    try {
      localStorage.removeItem(key(recipeId));
    } catch {
      // Nothing was stored.
    }
  },
};
