import { describe, expect, it } from 'vitest';
import type { Line } from '../../api/types';
import { weighed } from './weighIn';

const understood = (rest: string): Line => ({ id: 'a', understood: { rest } }) as unknown as Line;

describe('what the scale shows becomes the amount of a line', () => {
  it('replaces the amount that was understood', () => {
    expect(weighed('1 1/2 cups rye flour, spooned', understood('rye flour, spooned'), 153.6)).toBe(
      '154 g rye flour, spooned',
    );
  });

  it('goes before a food that has no amount yet', () => {
    expect(weighed('rye flour', undefined, 120)).toBe('120 g rye flour');
  });

  it('replaces a weight that nobody has read yet', () => {
    expect(weighed('100 g rye flour', undefined, 120)).toBe('120 g rye flour');
    expect(weighed('½ kg rye flour', undefined, 120)).toBe('120 g rye flour');
  });
});
