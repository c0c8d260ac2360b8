import { describe, expect, it } from 'vitest';
import type { Food } from '../../api/types';
import { LABEL_LINES } from './kinds';
import { emptyForm, formOf } from './formOf';

const food = {
  id: 'rye',
  name: 'rye flour',
  role: 'FLOUR',
  liquid: false,
  allergenTags: ['GLUTEN'],
  mayContainTags: [],
  origins: ['PLANT'],
  added: [],
  doubt: 2,
  names: ['rye', 'rye flour'],
  measures: [
    {
      words: '1 US cup, spooned',
      grams: 102,
      row: { measure: 'cup', qualifier: 'SPOONED', grams: 102, graded: false, usual: false },
    },
  ],
  per100g: [
    { component: 'ENERC', words: 'energy', unit: 'kcal', amount: 354, u: 17.7 },
    { component: 'SUGAR', words: 'sugars', unit: 'g', amount: undefined, u: 0 },
  ],
  provenance: { source: 'a table', number: '20064', mark: 'RECALLED', remark: '' },
} as unknown as Food;

describe('a food on its form', () => {
  it('keeps what is known and leaves open what is not', () => {
    const form = formOf(food);
    expect(form.values).toEqual({ ENERC: '354' });
    expect(form.names).toEqual(['rye']);
    expect(form.measures[0]?.qualifier).toBe('spooned');
    expect(form.doubt).toBe(2);
    expect(form.label).toBeUndefined();
  });

  it('begins with a label, since most foods come with one', () => {
    expect(emptyForm().label?.serving).toBe('100');
  });
});

describe('the lines of a label', () => {
  it('are salt and kJ in Europe, sodium and calories in the United States', () => {
    const lines = (style: 'US' | 'EU') => LABEL_LINES[style].map(({ line }) => line);
    expect(lines('EU')).toContain('SALT');
    expect(lines('EU')).toContain('ENERGY_KJ');
    expect(lines('EU')).not.toContain('SODIUM');
    expect(lines('US')).toContain('SODIUM');
    expect(lines('US')).not.toContain('SALT');
  });
});
