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

/** What one eater gets: so many pieces, or a share of all, as in "serves 4". */
export type Serving = { pieces: number } | { share: string };

/** What is taken over of a text. */
export interface Taken {
  lines: Reviewed[];
  pieces?: ToldRange;
  serving?: Serving;
  /** The steps of the work, in their order. */
  method?: string[];
}

/** The draft with lines added where each goes; each further fat is one more for the pan. */
export function withLines(draft: Draft, lines: Reviewed[], entered: Entered = 'bowl'): Draft {
  // "1 banana fried in 10 g butter" on the plate: that butter is eaten with the banana.
  const ownFat = lines.some((line) => line.place !== 'PAN');
  const made = lines.map((line): DraftLine & { place: Place } => ({
    id: crypto.randomUUID(),
    text: line.text,
    foodId: line.foodId,
    shared: line.shared || undefined,
    place: entered === 'plate' && (ownFat || line.place === 'NOT_SAID') ? 'PLATE' : line.place,
  }));
  const bare = ({ id, text, foodId, shared }: DraftLine): DraftLine => ({
    id,
    text,
    foodId,
    shared,
  });
  const fats = made.filter((line) => line.place === 'PAN');
  const pan = draft.griddle.panFat.text ? undefined : fats[0];
  const more = fats.filter((line) => line !== pan).map(bare);
  return {
    ...draft,
    bowl: [
      ...draft.bowl,
      ...made.filter((line) => line.place !== 'PLATE' && line.place !== 'PAN').map(bare),
    ],
    griddle: {
      ...draft.griddle,
      panFat: pan
        ? { id: draft.griddle.panFat.id, text: pan.text, foodId: pan.foodId }
        : draft.griddle.panFat,
      making:
        more.length > 0
          ? {
              ...draft.griddle.making,
              moreFat: [...(draft.griddle.making?.moreFat ?? []), ...more],
            }
          : draft.griddle.making,
    },
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
    griddle: taken.pieces
      ? {
          ...next.griddle,
          ...counted(next.griddle, taken.pieces),
        }
      : next.griddle,
    plate: { ...next.plate, ...served(taken.serving) },
  };
}

/** Whole pieces, as the griddle counts them: nine and a half are "9 or 10". */
function counted(griddle: Draft['griddle'], { low, high }: ToldRange): Partial<Draft['griddle']> {
  const pieces = Math.max(1, Math.floor(low));
  const most = Math.ceil(high);
  return { pieces, making: { ...griddle.making, most: most > pieces ? most : undefined } };
}

function served(serving: Serving | undefined): Partial<Draft['plate']> {
  if (!serving) {
    return {};
  }
  return 'pieces' in serving
    ? { pieces: serving.pieces, amount: undefined }
    : { amount: serving.share };
}

/** What each eater gets: whole or half pieces where that comes out even, else a share of all. */
export function serving({ pieces, serves }: Told): Serving | undefined {
  if (!serves) {
    return undefined;
  }
  const eaters = middle(serves);
  const whole = pieces && pieces.low === pieces.high && Number.isInteger(pieces.low);
  return whole && Number.isInteger((2 * pieces.low) / eaters)
    ? { pieces: pieces.low / eaters }
    : { share: `serves ${eaters}` };
}

/** "2.5" or "an equal share". */
export function eachGets(serving: Serving): string {
  return 'pieces' in serving ? `${serving.pieces}` : 'an equal share';
}

function middle({ low, high }: ToldRange): number {
  return (low + high) / 2;
}

/** Whether a text means several lines, or one that goes elsewhere than where it was entered. */
export function meansMore(told: Told, entered: Entered): boolean {
  const elsewhere = (place: Place) =>
    place !== 'NOT_SAID' && !(place === 'PLATE' && entered === 'plate');
  return told.lines.length > 1 || told.lines.some((line) => elsewhere(line.place));
}

/** The draft with one line replaced by those that it means; as it was if it reads otherwise. */
export function withLinesFor(
  draft: Draft,
  { id, text }: DraftLine,
  lines: Reviewed[],
  entered: Entered,
): Draft {
  const others = (line: DraftLine) => line.id !== id || line.text !== text;
  const bowl = draft.bowl.filter(others);
  const toppings = draft.plate.toppings.filter(others);
  const gone = bowl.length === draft.bowl.length && toppings.length === draft.plate.toppings.length;
  return gone
    ? draft
    : withLines({ ...draft, bowl, plate: { ...draft.plate, toppings } }, lines, entered);
}

/** "8", "8–10". */
export function rangeWords({ low, high }: ToldRange): string {
  return low === high ? `${low}` : `${low}–${high}`;
}
