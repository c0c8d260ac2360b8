import type { DraftLine } from '../../api/types';

/** The line that the scale speaks of; one that is only typed has no identity yet. */
export interface CurrentLine {
  id?: string;
  text: string;
  foodId?: string | null;
  /** The field that it is typed in. */
  field?: HTMLInputElement;
}

/** The line that has the focus, the text that is typed but not yet entered, or else the last line. */
export function currentLine(bowl: DraftLine[]): CurrentLine | undefined {
  const focused = document.activeElement;
  if (focused instanceof HTMLInputElement) {
    const label = focused.ariaLabel ?? '';
    const typed = focused.value.trim();
    if (label === 'Bowl: new line' && typed) return { text: typed, field: focused };
    const at = /^Bowl, line (\d+)$/.exec(label);
    if (at) return bowl[Number(at[1]) - 1];
  }
  return bowl.at(-1);
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
