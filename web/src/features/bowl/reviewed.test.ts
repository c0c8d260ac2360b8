import { describe, expect, it } from 'vitest';
import { emptyDraft } from '../shelf/emptyDraft';
import { meansMore, withLines, withLinesFor } from './reviewed';

const line = (text: string, place: 'NOT_SAID' | 'PAN' | 'PLATE', shared = false) => ({
  text,
  place,
  shared,
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

  it('drops no second fat for the pan', () => {
    const once = withLines(emptyDraft(), [line('10 g butter', 'PAN')]);
    const twice = withLines(once, [line('1 tbsp oil', 'PAN')]);
    expect(twice.griddle.panFat.text).toBe('10 g butter');
    expect(twice.bowl.map(({ text }) => text)).toEqual(['1 tbsp oil']);
  });

  it('keeps the identity of the pan and gives each line its own', () => {
    const before = emptyDraft();
    const after = withLines(before, [line('10 g butter', 'PAN'), line('1 egg', 'NOT_SAID')]);
    expect(after.griddle.panFat.id).toBe(before.griddle.panFat.id);
    expect(new Set([...after.bowl.map(({ id }) => id), after.griddle.panFat.id]).size).toBe(2);
  });

  it('replaces a line by those that it means, unless it is gone', () => {
    const entered = { ...emptyDraft(), bowl: [{ id: 'a', text: 'zest and juice of a lime' }] };
    const parts = [line('zest of a lime', 'NOT_SAID'), line('juice of a lime', 'NOT_SAID')];
    expect(withLinesFor(entered, 'a', parts).bowl.map(({ text }) => text)).toEqual([
      'zest of a lime',
      'juice of a lime',
    ]);
    expect(withLinesFor(entered, 'b', parts)).toBe(entered);
    expect(meansMore(parts)).toBe(true);
    expect(meansMore([line('10 g butter', 'PAN')])).toBe(true);
    expect(meansMore([line('1 egg', 'NOT_SAID')])).toBe(false);
  });
});
