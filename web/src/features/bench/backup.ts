import type { NamedDraft, Recipe } from '../../api/types';

/** Edits not yet saved, with the revision that they were made on. */
interface Backup {
  revision: number;
  named: NamedDraft;
}

/** The inputs as text, whatever the order of their keys. */
export function textOf({ name, draft, parentId }: NamedDraft): string {
  return JSON.stringify({ name, draft, parentId: parentId ?? null }, (_, value: unknown) =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)))
      : value,
  );
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
  /** What is left over here that the stored recipe does not have. */
  leftOver(recipe: Recipe): Backup | undefined {
    const left = backup.get(recipe.id);
    return left && textOf(left.named) !== textOf(recipe) ? left : undefined;
  },
  forget(recipeId: string) {
    try {
      localStorage.removeItem(key(recipeId));
    } catch {
      // Nothing was stored.
    }
  },
};
