import type { Line } from '../api/types';
import { PackingChoice } from './PackingChoice';
import { rangeText, valueText } from './numbers';

/** What was understood of a line, part by part to correct, or what was not and what could be meant. */
export function Reading(props: {
  line: Line | undefined;
  text?: string;
  system?: string;
  onPick?: (foodId: string) => void;
  onText?: (text: string) => void;
  onSelect?: (from: number, to: number) => void;
}) {
  const { line, text, system, onPick, onText, onSelect } = props;
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
  const open = line.notMeasured;
  if (open) {
    return (
      <p className="reading">
        {open.food} · <b>not measured</b>. {open.would}
      </p>
    );
  }
  const read = line.understood;
  if (!read) return null;
  const at = text?.lastIndexOf(read.rest) ?? -1;
  const select = (part: 'amount' | 'food') => {
    if (!text || at < 0) return;
    const end = at + read.rest.length;
    if (part === 'food') onSelect?.(at, end);
    else if (at > 0) onSelect?.(0, text.slice(0, at).trimEnd().length);
    else onSelect?.(end, text.length);
  };
  return (
    <div className="reading">
      <Part of="amount" onClick={onSelect && (() => select('amount'))}>
        {read.amount}
      </Part>
      {read.filled && system && <span className="quiet"> {system}</span>}
      {onText && read.packable && text !== undefined ? (
        <PackingChoice packing={read.packing} text={text} onText={onText} />
      ) : (
        read.packing && `, ${read.packing}`
      )}{' '}
      ·{' '}
      <Part of="food" onClick={onSelect && (() => select('food'))}>
        {read.general ? (
          <>
            taken as <em>{read.food}</em>
          </>
        ) : (
          read.food
        )}
      </Part>
      {read.allergens.length > 0 && (
        <span className="allergens"> · contains {read.allergens.join(', ')}</span>
      )}
      {read.optional && ' · optional'}
      {line.off && <b> · left out this time</b>}
      {read.unused.length > 0 && ` · not used: ${read.unused.join(', ')}`}
      {read.check && <p className="refused">{read.check}</p>}
    </div>
  );
}

/** A part of what was understood; pressing it marks the words that it came from. */
function Part(props: { of: string; onClick?: () => void; children: React.ReactNode }) {
  return props.onClick ? (
    <button
      type="button"
      className="part"
      title={`Correct the ${props.of}`}
      onClick={props.onClick}
    >
      {props.children}
    </button>
  ) : (
    <>{props.children}</>
  );
}

/** Grams of a line with their range. */
export function Grams({ line }: { line: Line | undefined }) {
  const grams = line?.understood?.grams;
  if (!grams) {
    return (
      <span className="grams quiet">
        {line?.problem || (line?.notMeasured && line.station !== 'PAN') ? 'not in the numbers' : ''}
      </span>
    );
  }
  return (
    <span className="grams" title={`between ${rangeText(grams)} g`}>
      <b>{valueText(grams)} g</b> <span className="range">{rangeText(grams)}</span>
    </span>
  );
}
