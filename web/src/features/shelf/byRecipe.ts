import type { VersionEntry } from '../../api/types';

/** Kept versions by their recipe's identity, oldest first. */
export function byRecipe(versions: VersionEntry[]): Map<string, VersionEntry[]> {
  const map = new Map<string, VersionEntry[]>();
  for (const version of versions) {
    const others = map.get(version.recipeId);
    if (others) others.push(version);
    else map.set(version.recipeId, [version]);
  }
  return map;
}
