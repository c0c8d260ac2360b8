import type { CompareItem } from '../../api/types';

/** Sides as they stand in the address: v.ID a kept version, n.ID the same recomputed, b.ID a bench. */
export function readSide(text: string): CompareItem | undefined {
  const id = text.slice(2);
  if (!id) return undefined;
  if (text.startsWith('v.')) return { versionId: id, recomputed: false };
  if (text.startsWith('n.')) return { versionId: id, recomputed: true };
  return text.startsWith('b.') ? { recipeId: id, recomputed: false } : undefined;
}
