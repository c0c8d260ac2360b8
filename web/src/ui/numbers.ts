import type { Range } from '../api/types';

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

export function percent(share: number): string {
  return share > 0 && share < 0.01 ? 'under 1 %' : `${Math.round(100 * share)} %`;
}
