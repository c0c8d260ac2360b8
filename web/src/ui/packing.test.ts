import { describe, expect, it } from 'vitest';
import { withPacking } from './packing';

describe('how a cup was filled', () => {
  it('is written behind the food', () => {
    expect(withPacking('1 cup rye flour', 'spooned')).toBe('1 cup rye flour, spooned');
  });

  it('takes the place of what was said before', () => {
    expect(withPacking('1 cup rye flour, scooped', 'sifted')).toBe('1 cup rye flour, sifted');
    expect(withPacking('1 packed cup sugar', 'spooned')).toBe('1 cup sugar, spooned');
  });

  it('can be unsaid', () => {
    expect(withPacking('1 cup rye flour, spooned', '')).toBe('1 cup rye flour');
  });
});
