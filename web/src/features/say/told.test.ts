import { describe, expect, it } from 'vitest';
import { emptyDraft } from '../shelf/emptyDraft';
import type { Draft, Told } from '../../api/types';
import { meansMore, rangeWords, serving, withLines, withLinesFor, withTaken } from './told';

const line = (text: string, place: 'NOT_SAID' | 'PAN' | 'PLATE', shared = false) => ({
  text,
  place,
  shared,
});

const told = (lines: ReturnType<typeof line>[]): Told => ({
  lines: lines.map((one) => ({ ...one, start: 0, end: 0, understood: true })),
  marks: [],
  steps: [],
  excluded: [],
});

describe('pasted lines go where they belong', () => {
  it('into the bowl, the pan and onto the plate', () => {
    const draft = withLines(emptyDraft(), [
      line('200 g flour', 'NOT_SAID'),
      line('10 g butter', 'PAN'),
      line('2 tbsp honey', 'PLATE'),
      line('50 g hazelnuts', 'PLATE', true),
    ]);
    expect(draft.bowl.map(({ text }) => text)).toEqual(['200 g flour']);
    expect(draft.griddle.panFat.text).toBe('10 g butter');
    expect(draft.plate.toppings.map(({ text }) => text)).toEqual([
      '2 tbsp honey',
      '50 g hazelnuts',
    ]);
    expect(draft.plate.toppings.map(({ shared }) => shared)).toEqual([undefined, true]);
  });

  it('keeps a food that was picked by hand', () => {
    const picked = { ...line('250 ml milk of choice', 'NOT_SAID'), foodId: 'oat-drink' };
    expect(withLines(emptyDraft(), [picked]).bowl[0]?.foodId).toBe('oat-drink');
  });

  it('takes a second fat for the pan as well', () => {
    const once = withLines(emptyDraft(), [line('10 g butter', 'PAN')]);
    const twice = withLines(once, [line('1 tbsp oil', 'PAN')]);
    expect(twice.griddle.panFat.text).toBe('10 g butter');
    expect(twice.griddle.making?.moreFat?.map(({ text }) => text)).toEqual(['1 tbsp oil']);
    expect(twice.bowl).toEqual([]);
  });

  it('keeps the identity of the pan and gives each line its own', () => {
    const before = emptyDraft();
    const after = withLines(before, [line('10 g butter', 'PAN'), line('1 egg', 'NOT_SAID')]);
    expect(after.griddle.panFat.id).toBe(before.griddle.panFat.id);
    expect(new Set([...after.bowl.map(({ id }) => id), after.griddle.panFat.id]).size).toBe(2);
  });

  it('leaves a topping the fat that it was fried in', () => {
    const banana = [line('1 banana', 'NOT_SAID'), line('10 g butter', 'PAN')];
    const fried = withLines(emptyDraft(), banana, 'plate');
    expect(fried.plate.toppings.map(({ text }) => text)).toEqual(['1 banana', '10 g butter']);
    expect(fried.griddle.panFat.text).toBe('');
    const pan = withLines(emptyDraft(), [line('10 g butter', 'PAN')], 'plate');
    expect(pan.griddle.panFat.text).toBe('10 g butter');
  });

  it('replaces a line by those that it means, unless it is gone or written anew', () => {
    const entered = { ...emptyDraft(), bowl: [{ id: 'a', text: 'zest and juice of a lime' }] };
    const parts = [line('zest of a lime', 'NOT_SAID'), line('juice of a lime', 'NOT_SAID')];
    const texts = (draft: Draft) => draft.bowl.map(({ text }) => text);
    const meant = { id: 'a', text: 'zest and juice of a lime' };
    expect(texts(withLinesFor(entered, meant, parts, 'bowl'))).toEqual([
      'zest of a lime',
      'juice of a lime',
    ]);
    const gone = { ...meant, id: 'b' };
    expect(texts(withLinesFor(entered, gone, parts, 'bowl'))).toEqual([meant.text]);
    const anew = { ...meant, text: 'zest and juice of a lemon' };
    expect(texts(withLinesFor(entered, anew, parts, 'bowl'))).toEqual([meant.text]);
  });

  it('means more where it is several, or goes elsewhere than where it was entered', () => {
    const one = (text: string, place: 'NOT_SAID' | 'PAN' | 'PLATE') => told([line(text, place)]);
    expect(meansMore(told([line('1 egg', 'NOT_SAID'), line('salt', 'NOT_SAID')]), 'bowl')).toBe(
      true,
    );
    expect(meansMore(one('10 g butter', 'PAN'), 'bowl')).toBe(true);
    expect(meansMore(one('1 egg', 'NOT_SAID'), 'bowl')).toBe(false);
    expect(meansMore(one('honey on top', 'PLATE'), 'plate')).toBe(false);
  });

  it('fills the griddle and the plate where the text says how many', () => {
    const taken = withTaken(
      emptyDraft(),
      {
        lines: [line('2 tbsp honey', 'NOT_SAID')],
        pieces: { low: 7, high: 9 },
        serving: { pieces: 2 },
        method: ['Fry.'],
      },
      'plate',
    );
    expect(taken.griddle.pieces).toBe(7);
    expect(taken.griddle.making?.most).toBe(9);
    expect(taken.plate.pieces).toBe(2);
    expect(taken.plate.toppings).toHaveLength(1);
    expect(taken.method).toEqual(['Fry.']);
    expect(rangeWords({ low: 7, high: 8 })).toBe('7–8');
  });

  it('counts a piece that is not whole as one that may be', () => {
    const taken = withTaken(emptyDraft(), { lines: [], pieces: { low: 9.5, high: 9.5 } }, 'bowl');
    expect(taken.griddle.pieces).toBe(9);
    expect(taken.griddle.making?.most).toBe(10);
  });

  it('serves halves only where they come out even, and never more than there is', () => {
    const shared = (pieces: [number, number] | undefined, serves: [number, number]) =>
      serving({
        ...told([]),
        pieces: pieces && { low: pieces[0], high: pieces[1] },
        serves: { low: serves[0], high: serves[1] },
      });
    expect(shared([10, 10], [4, 4])).toEqual({ pieces: 2.5 });
    expect(shared([7, 7], [3, 3])).toEqual({ share: 'serves 3' });
    expect(shared([8, 10], [3, 3])).toEqual({ share: 'serves 3' });
    expect(shared([12, 12], [4, 6])).toEqual({ share: 'serves 5' });
    expect(shared(undefined, [4, 4])).toEqual({ share: 'serves 4' });
    const weighed = { ...emptyDraft(), plate: { ...emptyDraft().plate, amount: '150 g' } };
    const taken = withTaken(weighed, { lines: [], serving: { pieces: 2 } }, 'bowl');
    expect(taken.plate.amount).toBeUndefined();
  });
});
