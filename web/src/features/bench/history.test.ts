import { describe, expect, it } from 'vitest';
import { step, type History } from './useHistory';

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

  it('amends without a step of its own', () => {
    const amended = step(change(start, 'x', 'a', 0), {
      type: 'amend',
      how: (value) => `${value}!`,
    });
    expect(amended.present).toBe('a!');
    expect(step(amended, { type: 'undo' }).present).toBe('');
  });
});
