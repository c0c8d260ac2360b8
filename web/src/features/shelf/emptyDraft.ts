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
