import type { Draft } from '../../api/types';

/** What a new recipe starts from: nothing measured, nothing counted. */
export function emptyDraft(): Draft {
  return {
    kind: 'PANCAKE',
    system: 'US',
    bowl: [],
    griddle: {
      discarded: 0,
      portioning: 'LADLE',
      left: '',
      panFat: { id: crypto.randomUUID(), text: '' },
      panFatLeft: '',
    },
    plate: { pieces: 1, toppings: [] },
  };
}

/** Something to try things with: measured in cups, counted, served. */
export function sample(): Draft {
  const draft = emptyDraft();
  const line = (text: string) => ({ id: crypto.randomUUID(), text });
  return {
    ...draft,
    bowl: ['1 cup rye flour, spooned', '2 eggs', '200 mL milk', '1/4 tsp salt'].map(line),
    griddle: { ...draft.griddle, pieces: 8, panFat: line('1 tsp butter') },
    plate: { pieces: 2, toppings: [line('1 tbsp honey')] },
  };
}
