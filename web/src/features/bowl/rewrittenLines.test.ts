import { describe, expect, it } from 'vitest';
import type { Draft } from '../../api/types';
import { rewrittenLines } from './rewrittenLines';

const draft = (flour: string, pieces: number, adjusted?: string) =>
  ({
    bowl: [
      {
        id: 'a',
        text: flour,
        adjustments: adjusted ? [{ at: '2026-03-01T08:00:00Z', text: adjusted }] : undefined,
      },
      { id: 'b', text: '2 eggs' },
    ],
    griddle: { pieces, discarded: 0, left: '', panFat: { id: 'p', text: '1 tsp oil' } },
    plate: { pieces: 2, toppings: [{ id: 't', text: '1 tbsp honey' }] },
  }) as unknown as Draft;

describe('what would be written anew', () => {
  it('names every line and count that would read otherwise, and no other', () => {
    const lines = rewrittenLines(draft('1 cup flour', 8), draft('2 cups flour', 16));
    expect(lines).toEqual([
      { id: 'a', from: '1 cup flour', to: '2 cups flour' },
      { id: 'pieces', from: '8 pieces', to: '16 pieces' },
    ]);
  });

  it('names what was changed while cooking too', () => {
    const lines = rewrittenLines(draft('x', 8, '+2 tbsp'), draft('x', 8, '+30 g'));
    expect(lines.map(({ to }) => to)).toEqual(['+30 g, while cooking']);
  });

  it('is nothing where nothing changes', () => {
    expect(rewrittenLines(draft('x', 8), draft('x', 8))).toEqual([]);
  });
});
