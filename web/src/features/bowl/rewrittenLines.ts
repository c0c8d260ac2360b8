import type { Draft, DraftLine } from '../../api/types';

/** Every line, and count, of a recipe that would read otherwise. */
export function rewrittenLines(
  before: Draft,
  after: Draft,
): { id: string; from: string; to: string }[] {
  const then = new Map(statements(after));
  return statements(before)
    .map(([id, from]) => ({ id, from, to: then.get(id) ?? from }))
    .filter(({ from, to }) => from !== to);
}

function statements({ bowl, griddle, plate }: Draft): [string, string][] {
  const fats = [griddle.panFat, ...(griddle.making?.moreFat ?? [])];
  const counts: [string, string][] = [
    ['pieces', griddle.pieces == null ? '' : `${griddle.pieces} pieces`],
    ['discarded', `${griddle.discarded} thrown away`],
    ['left', griddle.left && `left in the bowl: ${griddle.left}`],
  ];
  return [
    ...bowl.flatMap(texts),
    ...fats.flatMap(texts),
    ...counts,
    ...plate.toppings.flatMap(texts),
  ];
}

function texts({ id, text, adjustments }: DraftLine): [string, string][] {
  return [
    [id, text],
    ...(adjustments ?? []).map((one, at): [string, string] => [
      `${id}:${at}`,
      `${one.text}, while cooking`,
    ]),
  ];
}
