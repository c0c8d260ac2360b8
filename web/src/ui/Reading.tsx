import type { Line } from '../api/types';
import { rangeText, valueText } from './numbers';

/** What was understood of a line, or what was not and what could be meant. */
export function Reading(props: { line: Line | undefined; onPick?: (foodId: string) => void }) {
  const { line, onPick } = props;
  if (!line) return null;
  if (line.problem) {
    return (
      <div className="reading refused" role="status">
        <p>
          {line.problem.problem} <span className="quiet">Accepted: {line.problem.accepted}.</span>
        </p>
        {onPick && line.nearest.length > 0 && (
          <p className="offers">
            Did you mean{' '}
            {line.nearest.map((food) => (
              <button type="button" key={food.id} onClick={() => onPick(food.id)}>
                {food.name}
              </button>
            ))}
          </p>
        )}
      </div>
    );
  }
  const read = line.understood;
  if (!read) return null;
  return (
    <p className="reading">
      {read.amount}
      {read.packing && `, ${read.packing}`} ·{' '}
      {read.general ? (
        <>
          taken as <em>{read.food}</em>
        </>
      ) : (
        read.food
      )}
      {read.allergens.length > 0 && (
        <span className="allergens"> · contains {read.allergens.join(', ')}</span>
      )}
    </p>
  );
}

/** Grams of a line with their range. */
export function Grams({ line }: { line: Line | undefined }) {
  const grams = line?.understood?.grams;
  if (!grams) {
    return <span className="grams quiet">{line?.problem ? 'not in the numbers' : ''}</span>;
  }
  return (
    <span className="grams" title={`between ${rangeText(grams)} g`}>
      <b>{valueText(grams)} g</b> <span className="range">{rangeText(grams)}</span>
    </span>
  );
}
