import type { Draft, DraftLine, ProposedLine } from '../../api/types';

/** A pasted line as it was looked over. */
export interface Reviewed {
  text: string;
  /** Set where the food was picked by hand. */
  foodId?: string;
  place: ProposedLine['place'];
  shared: boolean;
}

/** The draft with lines added where each goes; a second fat for the pan goes into the bowl. */
export function withLines(draft: Draft, lines: Reviewed[]): Draft {
  const made = lines.map((line): DraftLine & { place: Reviewed['place'] } => ({
    id: crypto.randomUUID(),
    text: line.text,
    foodId: line.foodId,
    shared: line.shared || undefined,
    place: line.place,
  }));
  const bare = ({ id, text, foodId, shared }: DraftLine): DraftLine => ({
    id,
    text,
    foodId,
    shared,
  });
  const pan = draft.griddle.panFat.text ? undefined : made.find((line) => line.place === 'PAN');
  return {
    ...draft,
    bowl: [
      ...draft.bowl,
      ...made.filter((line) => line.place !== 'PLATE' && line !== pan).map(bare),
    ],
    griddle: pan
      ? {
          ...draft.griddle,
          panFat: { id: draft.griddle.panFat.id, text: pan.text, foodId: pan.foodId },
        }
      : draft.griddle,
    plate: {
      ...draft.plate,
      toppings: [
        ...draft.plate.toppings,
        ...made.filter((line) => line.place === 'PLATE').map(bare),
      ],
    },
  };
}

/** Whether a text means several lines, or one that does not go into the bowl. */
export function meansMore(lines: Reviewed[]): boolean {
  return lines.length > 1 || lines.some((line) => line.place === 'PLATE' || line.place === 'PAN');
}

/** The draft with one line of the bowl replaced by those that it means; none if it is gone. */
export function withLinesFor(draft: Draft, id: string, lines: Reviewed[]): Draft {
  const rest = draft.bowl.filter((line) => line.id !== id);
  return rest.length === draft.bowl.length ? draft : withLines({ ...draft, bowl: rest }, lines);
}
