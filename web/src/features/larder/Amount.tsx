import type { Food } from '../../api/types';
import { decimals, plain } from '../../ui/numbers';

/** A value in 100 g as the larder has it, with twice its standard uncertainty. */
export function Amount({ value }: { value: Food['per100g'][number] }) {
  const amount = value.amount ?? 0;
  const places = decimals(amount, value.u);
  return (
    <>
      {Number(amount.toFixed(2))}{' '}
      {value.u > 0 && <span className="range">± {plain(2 * value.u, places)} </span>}
      {value.unit}
    </>
  );
}
