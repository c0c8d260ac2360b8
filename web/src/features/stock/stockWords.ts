import type { Stock } from '../../api/types';
import { plain } from '../../ui/numbers';

type StockFigure = Stock['figures'][number];

export function day(date: string): string {
  return new Date(date).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
}

export function amountText(item: Stock): string {
  return item.form === 'BATTER'
    ? `${plain(item.rest, 0)} g of batter`
    : `${plain(item.rest, item.rest % 1 ? 1 : 0)} of ${plain(item.amount, 0)} pieces`;
}

/** What one of it holds. */
export function figuresText(item: Stock): string {
  return (item.form === 'BATTER' ? '100 g: ' : 'a piece: ') + holdsText(item.figures);
}

export function holdsText(figures: StockFigure[]): string {
  return figures
    .map(
      (one) =>
        `${plain(one.value, one.value < 10 ? 1 : 0)} ${one.tag === 'ENERC' ? one.unit : `g ${one.words}`}`,
    )
    .join(', ');
}
