import type { Draft, DraftLine, ProposedLine, Told, ToldRange } from '../../api/types';

export type Place = ProposedLine['place'];

/** Where a text was entered, and so where its lines go that say nothing of it. */
export type Entered = 'bowl' | 'plate';

/** A line as it was looked over. */
export interface Reviewed {
  text: string;
  /** Set where the food was picked by hand. */
  foodId?: string;
  place: Place;
  shared: boolean;
}

/** What is taken over of a text. */
export interface Taken {
  lines: Reviewed[];
  pieces?: number;
  serving?: number;
  /** The steps of the work, in their order. */
  method?: string[];
}

/** The draft with lines added where each goes; a second fat for the pan goes into the bowl. */
export function withLines(draft: Draft, lines: Reviewed[], entered: Entered = 'bowl'): Draft {
  const made = lines.map((line): DraftLine & { place: Place } => ({
    id: crypto.randomUUID(),
    text: line.text,
    foodId: line.foodId,
    shared: line.shared || undefined,
    place: line.place === 'NOT_SAID' && entered === 'plate' ? 'PLATE' : line.place,
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

/** The draft with what was taken over of a text: its lines, and how many came out of it. */
export function withTaken(draft: Draft, taken: Taken, entered: Entered): Draft {
  const next = withLines(draft, taken.lines, entered);
  return {
    ...next,
    method: taken.method ? [...(next.method ?? []), ...taken.method] : next.method,
    griddle: { ...next.griddle, pieces: taken.pieces ?? next.griddle.pieces },
    plate: { ...next.plate, pieces: taken.serving ?? next.plate.pieces },
  };
}

/** Whether a text means several lines, or one that goes elsewhere than where it was entered. */
export function meansMore(told: Told, entered: Entered): boolean {
  const elsewhere = (place: Place) =>
    place !== 'NOT_SAID' && !(place === 'PLATE' && entered === 'plate');
  return told.lines.length > 1 || told.lines.some((line) => elsewhere(line.place));
}

/** The draft with one line replaced by those that it means; as it was if the line is gone. */
export function withLinesFor(draft: Draft, id: string, lines: Reviewed[], entered: Entered): Draft {
  const others = (line: DraftLine) => line.id !== id;
  const bowl = draft.bowl.filter(others);
  const toppings = draft.plate.toppings.filter(others);
  const gone = bowl.length === draft.bowl.length && toppings.length === draft.plate.toppings.length;
  return gone
    ? draft
    : withLines({ ...draft, bowl, plate: { ...draft.plate, toppings } }, lines, entered);
}

/** A number of pieces to fill in: the middle of what was said. */
export function middle(range: ToldRange): number {
  return Math.round((range.low + range.high) / 2);
}

/** "8", "8–10". */
export function rangeWords({ low, high }: ToldRange): string {
  return low === high ? `${low}` : `${low}–${high}`;
}
