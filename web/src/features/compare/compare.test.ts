import { describe, expect, it } from 'vitest';
import { readSide } from './sides';
import { signed, stepsFrom } from './steps';

describe('side by side', () => {
  it('reads sides from the address', () => {
    expect(readSide('v.7')).toEqual({ versionId: '7', recomputed: false });
    expect(readSide('n.7')).toEqual({ versionId: '7', recomputed: true });
    expect(readSide('b.7')).toEqual({ recipeId: '7', recomputed: false });
    expect(readSide('x.7')).toBeUndefined();
    expect(readSide('v.')).toBeUndefined();
  });

  it('takes each step from where the last one ended', () => {
    const steps = stepsFrom(100, [
      { kind: 'AMOUNT', words: 'more', effect: 20 },
      { kind: 'PORTION', words: 'less', effect: -50 },
    ]);
    expect(steps.map(({ start, end }) => [start, end])).toEqual([
      [100, 120],
      [120, 70],
    ]);
  });

  it('signs what is not nothing', () => {
    expect(signed(9.96, 1)).toBe('+10.0');
    expect(signed(-0.5, 1)).toBe('−0.5');
    expect(signed(-0.04, 1)).toBe('0.0');
  });
});
