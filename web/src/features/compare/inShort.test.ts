import { describe, expect, it } from 'vitest';
import type { SideBySide } from '../../api/types';
import { inShort } from './inShort';

const side = (...verdicts: [string, number][]) => ({
  figures: {
    measurands: [{ tag: 'ENERC', words: 'energy', unit: 'kcal' }],
    promises: [],
    judgements: verdicts.map(([verdict, probability]) => ({ verdict, probability })),
  },
});
const answer = (sides: unknown[], value = -77, real = true, bound = 'COMPLETE') =>
  ({
    sides,
    against: sides.slice(1).map((_, at) => ({
      side: at + 1,
      differences: [
        {
          basis: 'AS_SERVED',
          measurand: 'ENERC',
          value,
          u: 9,
          real,
          bound,
          causes: [
            { words: 'less honey', effect: -7 },
            { words: 'one piece fewer', effect: -70 },
          ],
        },
      ],
    })),
  }) as unknown as SideBySide;

describe('the answer in short', () => {
  it('names the side that meets the goals most surely, and its difference', () => {
    const both = answer([side(['LIKELY_MET', 0.8]), side(['MET', 0.99])]);
    expect(inShort(both, 'AS_SERVED', 'ENERC')).toBe(
      'B meets the goal, most surely; A likely does too. B has 77 kcal less energy than A, mostly from this: one piece fewer.',
    );
  });

  it('says so where nothing can be told', () => {
    expect(inShort(answer([side(), side()], 3, false), 'AS_SERVED', 'ENERC')).toBe(
      'In energy, B and A cannot be told apart.',
    );
    const missing = answer([side(['MISSED', 0]), side(['MISSED', 0])], 3, false, 'AT_LEAST');
    expect(inShort(missing, 'AS_SERVED', 'ENERC')).toMatch(/^No side .* is not known/);
  });
});
