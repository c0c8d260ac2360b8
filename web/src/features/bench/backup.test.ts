import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { NamedDraft, Recipe } from '../../api/types';
import { backup, textOf } from './backup';

const draft = (text: string) =>
  ({ kind: 'PANCAKE', bowl: [{ id: 'a', text }] }) as unknown as NamedDraft['draft'];
const recipe = { id: 'r', revision: 3, name: 'Cakes', draft: draft('1 egg') } as Recipe;

describe('unsaved edits', () => {
  beforeEach(() => {
    const stored = new Map<string, string>();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, value: string) => void stored.set(key, value),
      removeItem: (key: string) => void stored.delete(key),
    });
  });

  it('are found again, with the revision that they were made on', () => {
    backup.put('r', { revision: 2, named: { name: 'Cakes', draft: draft('2 eggs') } });
    expect(backup.leftOver(recipe)?.revision).toBe(2);
    expect(backup.leftOver(recipe)?.named.draft.bowl[0]?.text).toBe('2 eggs');
    backup.forget('r');
    expect(backup.leftOver(recipe)).toBeUndefined();
  });

  it('are nothing once the server has the same', () => {
    backup.put('r', { revision: 2, named: { draft: draft('1 egg'), name: 'Cakes' } });
    expect(backup.leftOver(recipe)).toBeUndefined();
  });

  it('survive a browser that refuses storage', () => {
    vi.stubGlobal('localStorage', undefined);
    expect(() => backup.put('r', { revision: 1, named: recipe })).not.toThrow();
    expect(backup.get('r')).toBeUndefined();
  });

  it('compare by content, not by the order of keys', () => {
    const other = { draft: { bowl: [{ text: '1 egg', id: 'a' }], kind: 'PANCAKE' }, name: 'Cakes' };
    expect(textOf(other as unknown as NamedDraft)).toBe(textOf(recipe));
    expect(textOf({ ...recipe, parentId: 'v' })).not.toBe(textOf(recipe));
  });
});
