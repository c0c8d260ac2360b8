import type { DraftLine, Line } from '../../api/types';

/**
 * The bowl with what the scale shows as the amount of the current line: the one that has the
 * focus, the text that is typed but not yet entered, or else the last line.
 */
export function withGrams(
  bowl: DraftLine[],
  readings: Map<string, Line>,
  grams: number,
): DraftLine[] | undefined {
  const focused = document.activeElement;
  const label = focused instanceof HTMLInputElement ? (focused.ariaLabel ?? '') : '';
  if (label === 'Bowl: new line' && focused instanceof HTMLInputElement && focused.value.trim()) {
    const text = weighed(focused.value.trim(), undefined, grams);
    clear(focused);
    return [...bowl, { id: crypto.randomUUID(), text }];
  }
  const at = /^Bowl, line (\d+)$/.exec(label);
  const index = at ? Number(at[1]) - 1 : bowl.length - 1;
  const line = bowl[index];
  if (!line) return undefined;
  const text = weighed(line.text, readings.get(line.id), grams);
  return bowl.map((other, i) => (i === index ? { ...line, text, adjustments: undefined } : other));
}

/** The line with grams for its amount; a bare food gets them in front. */
export function weighed(text: string, reading: Line | undefined, grams: number): string {
  const rest = reading?.understood?.rest ?? text.replace(/^[\d\s.,/½¼¾⅓⅔]+\s*(g|kg|oz)?\b\s*/i, '');
  return `${Math.round(grams)} g ${rest || text}`;
}

/** Empties a field that React controls. */
function clear(field: HTMLInputElement) {
  const setter = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
  setter?.call(field, '');
  field.dispatchEvent(new Event('input', { bubbles: true }));
}
