import type { Figure, Range } from '../api/types';

/** As many decimals as the uncertainty bears: none from 1 up, one below, two for traces. */
export function decimals(value: number, u: number): number {
  if (u >= 0.95 || value >= 100) return 0;
  return u >= 0.045 || value >= 10 ? 1 : 2;
}

export function plain(value: number, places: number): string {
  return value.toLocaleString('en', {
    minimumFractionDigits: places,
    maximumFractionDigits: places,
    useGrouping: false,
  });
}

export function valueText(figure: Range): string {
  return plain(figure.value, decimals(figure.value, figure.u));
}

export function rangeText(figure: Range): string {
  const places = decimals(figure.value, figure.u);
  return `${plain(figure.low, places)}–${plain(figure.high, places)}`;
}

/** Value and range of a figure in words, its direction with it where something is missing. */
export function boundedText(figure: Figure): { sign: string; words: string; range: string } {
  const places = decimals(figure.value, figure.u);
  switch (figure.bound) {
    case 'AT_LEAST':
      return { sign: '≥', words: 'at least', range: `from ${plain(figure.low, places)}` };
    case 'AT_MOST':
      return { sign: '≤', words: 'at most', range: `up to ${plain(figure.high, places)}` };
    case 'NOT_KNOWN':
      return { sign: '?', words: 'not known', range: '' };
    default:
      return { sign: '', words: '', range: rangeText(figure) };
  }
}

export function percent(share: number): string {
  return share > 0 && share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`;
}
