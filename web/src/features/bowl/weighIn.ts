import type { DraftLine } from '../../api/types';

/** The line that the scale speaks of; one that is only typed has no identity yet. */
export interface CurrentLine {
  id?: string;
  text: string;
  foodId?: string | null;
  /** The field that it is typed in. */
  field?: HTMLInputElement;
}

/** What the scale is to fill: a line by its identity, what is being typed, or what was typed last. */
export type Aim = { line: string } | 'TYPED' | 'ENTERED';

const NEW_LINE = 'Bowl: new line';

/** What a field in the bowl says of what the scale is to fill; nothing, where it is another's. */
export function aimOf(target: EventTarget, bowl: DraftLine[], before: Aim | undefined) {
  if (!(target instanceof HTMLInputElement)) return before;
  const label = target.ariaLabel ?? '';
  if (label === NEW_LINE) return before === 'ENTERED' ? before : 'TYPED';
  const at = /^Bowl, line (\d+)$/.exec(label);
  const line = at && bowl[Number(at[1]) - 1];
  return line ? { line: line.id } : before;
}

/** The line that the scale would fill: the one that was chosen, or nothing. */
export function currentLine(bowl: DraftLine[], aim: Aim | undefined): CurrentLine | undefined {
  if (aim === undefined) return undefined;
  if (typeof aim === 'object') return bowl.find((line) => line.id === aim.line);
  const field = document.querySelector<HTMLInputElement>(`input[aria-label="${NEW_LINE}"]`);
  const typed = field?.value.trim();
  if (field && typed) return { text: typed, field };
  return aim === 'ENTERED' ? bowl.at(-1) : undefined;
}

/** What the scale would fill, in words; nothing where nothing was chosen. */
export function aimWords(bowl: DraftLine[], aim: Aim | undefined): string | undefined {
  if (aim === 'TYPED') return 'what you type as a new line';
  const line = aim === 'ENTERED' ? bowl.at(-1) : bowl.find((one) => one.id === aim?.line);
  return line?.text;
}

/** The bowl with the text of its current line written anew. */
export function rewritten(bowl: DraftLine[], current: CurrentLine, text: string): DraftLine[] {
  if (current.id === undefined) return [...bowl, { id: crypto.randomUUID(), text }];
  return bowl.map((line) =>
    line.id === current.id ? { ...line, text, adjustments: undefined } : line,
  );
}

/** Empties a field that React controls. */
export function clear(field: HTMLInputElement) {
  const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
  setter?.call(field, '');
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
