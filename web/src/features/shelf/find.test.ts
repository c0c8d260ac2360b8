import { describe, expect, it } from 'vitest';
import type { ShelfEntry, VersionEntry } from '../../api/types';
import { found } from './find';

const entry = (id: string, name: string, savedAt: string, ...tags: string[]) =>
  ({ id, name, savedAt, tags, kind: 'PANCAKE' }) as ShelfEntry;
const shelf = [
  entry('a', 'Rye rounds', '2026-01-02T08:00:00Z', 'saturday'),
  entry('b', 'Barley cakes', '2026-01-03T08:00:00Z'),
];
const kept = new Map([['b', [{ reason: 'with Quark' } as VersionEntry]]]);
const names = (words: string, order: 'BEGUN' | 'CHANGED' | 'NAME' = 'BEGUN') =>
  found(shelf, kept, words, order).map(({ id }) => id);

describe('the shelf', () => {
  it('is searched by name, tag and reason, every word of it', () => {
    expect(names('RYE sat')).toEqual(['a']);
    expect(names('quark')).toEqual(['b']);
    expect(names('rye quark')).toEqual([]);
    expect(names('  ')).toEqual(['a', 'b']);
  });

  it('stands in the order that is asked for', () => {
    expect(names('', 'NAME')).toEqual(['b', 'a']);
    expect(names('', 'CHANGED')).toEqual(['b', 'a']);
  });
});
