import type { ShelfEntry, VersionEntry } from '../../api/types';

export type Order = 'BEGUN' | 'CHANGED' | 'NAME';

/** The recipes that hold every word that is looked for, in the order that is asked for. */
export function found(
  entries: ShelfEntry[],
  kept: Map<string, VersionEntry[]>,
  words: string,
  order: Order,
): ShelfEntry[] {
  const looked = words.toLowerCase().split(/\s+/).filter(Boolean);
  const holds = (entry: ShelfEntry) => {
    const reasons = (kept.get(entry.id) ?? []).map((version) => version.reason);
    const text = [entry.name, ...entry.tags, ...reasons].join('\n').toLowerCase();
    return looked.every((word) => text.includes(word));
  };
  const them = entries.filter(holds);
  if (order === 'NAME') return them.toSorted((a, b) => a.name.localeCompare(b.name));
  return order === 'CHANGED' ? them.toSorted((a, b) => b.savedAt.localeCompare(a.savedAt)) : them;
}
