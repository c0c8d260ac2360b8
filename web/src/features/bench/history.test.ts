import { describe, expect, it, vi } from 'vitest';
import { leftBehind, step, type History } from './useHistory';

const start: History<string> = { past: [], present: '', future: [], last: undefined };
const change = (history: History<string>, what: string, to: string, at: number) =>
  step(history, { type: 'change', what, how: () => to, at });

describe('history', () => {
  it('takes quick edits of one thing as one step', () => {
    let history = change(start, 'line:1', 'a', 0);
    history = change(history, 'line:1', 'ab', 300);
    history = change(history, 'line:2', 'abc', 400);
    history = change(history, 'line:2', 'abcd', 5000);
    expect(history.past).toEqual(['', 'ab', 'abc']);
    const undone = step(history, { type: 'undo' });
    expect(undone.present).toBe('abc');
    expect(step(undone, { type: 'redo' }).present).toBe('abcd');
  });

  it('drops what was undone when something else is done', () => {
    const undone = step(change(start, 'x', 'a', 0), { type: 'undo' });
    const other = change(undone, 'y', 'b', 10);
    expect(other.future).toEqual([]);
    expect(step(other, { type: 'redo' })).toBe(other);
    expect(step(start, { type: 'undo' })).toBe(start);
  });

  it('waits for whoever comes back to the same value, and only then', () => {
    const left = JSON.stringify(change(change(start, 'x', 'a', 0), 'y', 'b', 10));
    vi.stubGlobal('localStorage', { getItem: () => left });
    const same = (value: string) => value;
    expect(step(leftBehind('k', 'b', same), { type: 'undo' }).present).toBe('a');
    expect(leftBehind('k', 'saved elsewhere', same).past).toEqual([]);
    vi.stubGlobal('localStorage', { getItem: () => '{broken' });
    expect(leftBehind('k', 'b', same).past).toEqual([]);
  });

  it('settles what was done, in each step that has it, however late', () => {
    let history = change(change(start, 'x', 'a', 0), 'y', 'ab', 5000);
    history = step(step(history, { type: 'undo' }), {
      type: 'settle',
      how: (value) => value.replace('a', 'A'),
    });
    expect(history.present).toBe('A');
    expect(step(history, { type: 'redo' }).present).toBe('Ab');
    expect(step(history, { type: 'undo' }).present).toBe('');
  });

  it('amends without a step of its own', () => {
    const amended = step(change(start, 'x', 'a', 0), {
      type: 'amend',
      how: (value) => `${value}!`,
    });
    expect(amended.present).toBe('a!');
    expect(step(amended, { type: 'undo' }).present).toBe('');
  });
});
