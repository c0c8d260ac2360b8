import type { Range, Yielded } from '../../api/types';
import { plain } from '../../ui/numbers';

/** What can be said of the pieces: how large, how many of them there should be, how heavy. */
export function YieldWords({
  yielded,
  waffles,
}: {
  yielded: Yielded | undefined;
  waffles: boolean;
}) {
  if (!yielded) return null;
  const { portion, predicted, cookedPiece, balance, counted, weighed } = yielded;
  return (
    <dl className="yield-words">
      {portion && (
        <>
          <dt>one takes</dt>
          <dd>
            {around(portion.grams)} g, {around(portion.millilitres)} mL of batter
            {!waffles && `; poured 6 mm thick, ${plain(portion.diameter / 10, 1)} cm across`}
          </dd>
        </>
      )}
      {predicted && (
        <>
          <dt>{counted ? 'foretold' : 'this makes'}</dt>
          <dd>
            <b>{plain(predicted.value, 1)}</b>{' '}
            <span className="range">
              {plain(predicted.low, 1)}–{plain(predicted.high, 1)}
            </span>
            {!counted && <span className="quiet"> nobody counted yet</span>}
          </dd>
        </>
      )}
      {balance && Math.abs(balance.unexplained) >= 1 && (
        <>
          <dt>{balance.unexplained > 0 ? 'not explained' : 'more than there was'}</dt>
          <dd className={balance.finding ? 'stands-out' : undefined}>
            {plain(Math.abs(balance.unexplained), 0)} g of {plain(balance.batter, 0)} g batter
            {!balance.finding && <span className="quiet"> within what measuring can tell</span>}
          </dd>
        </>
      )}
      {cookedPiece && (
        <>
          <dt>one weighs, cooked</dt>
          <dd>
            {around(cookedPiece)} g{' '}
            <span className="range">
              {plain(cookedPiece.low, 0)}–{plain(cookedPiece.high, 0)}
            </span>
            <span className="quiet">{weighed ? ' weighed' : ' as is usual'}</span>
          </dd>
        </>
      )}
    </dl>
  );
}

function around(range: Range): string {
  return plain(range.value, 0);
}
