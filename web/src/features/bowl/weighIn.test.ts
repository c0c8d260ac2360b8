import { describe, expect, it } from 'vitest';
import { aimWords, rewritten } from './weighIn';

const bowl = [
  {
    id: 'a',
    text: '1 cup rye flour',
    adjustments: [{ at: '2026-03-01T08:00:00Z', text: '+2 tbsp' }],
  },
  { id: 'b', text: '2 eggs' },
];

describe('what the scale shows becomes the amount of a line', () => {
  it('goes to the line that it was read for, and takes the place of its changes', () => {
    expect(rewritten(bowl, { id: 'a', text: '' }, '154 g rye flour')).toEqual([
      { id: 'a', text: '154 g rye flour', adjustments: undefined },
      { id: 'b', text: '2 eggs' },
    ]);
  });

  it('says what it would fill, and fills nothing unasked', () => {
    expect(aimWords(bowl, undefined)).toBeUndefined();
    expect(aimWords(bowl, { line: 'a' })).toBe('1 cup rye flour');
    expect(aimWords(bowl, { line: 'gone' })).toBeUndefined();
    expect(aimWords(bowl, 'ENTERED')).toBe('2 eggs');
  });

  it('makes a line of what was only typed', () => {
    const lines = rewritten(bowl, { text: 'milk' }, '200 g milk');
    expect(lines.map(({ text }) => text)).toEqual(['1 cup rye flour', '2 eggs', '200 g milk']);
    expect(lines[2]?.id).toBeTruthy();
  });
});
