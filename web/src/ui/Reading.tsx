import type { Line } from '../api/types';
import { Others } from './Others';
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
  onApart?: () => void;
}) {
  const { line, text, system, onPick, onText, onSelect } = props;
  if (!line) return null;
  if (line.state === 'REFUSED') {
    return (
      <div className="reading refused" role="status">
        <p>
          {line.problem} <span className="quiet">Try: {line.accepted}.</span>
        </p>
        {line.several && props.onApart && (
          <p className="offers">
            <button type="button" onClick={props.onApart}>
              Take it apart
            </button>
          </p>
        )}
        {onPick && line.nearest && (
          <p className="offers">
            Did you mean{' '}
            {line.nearest.map((food) => (
              <button type="button" key={food.foodId} onClick={() => onPick(food.foodId)}>
                {food.name}
              </button>
            ))}
          </p>
        )}
      </div>
    );
  }
  if (line.state === 'NOT_MEASURED') {
    return (
      <p className="reading">
        {line.food} · <b>not measured</b>. {line.would}
        <Alternatives line={line} onText={onText} />
      </p>
    );
  }
  const { from, to } = line;
  const select = (part: 'amount' | 'food') => {
    if (text === undefined || from == null || to == null) return;
    if (part === 'food') onSelect?.(from, to);
    else if (from > 0) onSelect?.(0, text.slice(0, from).trimEnd().length);
    else onSelect?.(to, text.length);
  };
  return (
    <div className="reading">
      <Part of="amount" onClick={onSelect && (() => select('amount'))}>
        {line.amount}
      </Part>
      {line.filled && system && <span className="quiet"> {system}</span>}
      {onText && line.packable && text !== undefined ? (
        <PackingChoice packing={line.packing ?? ''} text={text} onText={onText} />
      ) : (
        line.packing && `, ${line.packing}`
      )}{' '}
      ·{' '}
      <Part of="food" onClick={onSelect && (() => select('food'))}>
        {line.general ? (
          <>
            taken as <em>{line.food}</em>
          </>
        ) : (
          line.food
        )}
      </Part>
      {line.general && onPick && text !== undefined && from != null && to != null && (
        <Others words={text.slice(from, to)} taken={line.foodId} onPick={onPick} />
      )}
      {line.allergens && <span className="allergens"> · contains {line.allergens.join(', ')}</span>}
      {line.optional && ' · optional'}
      {line.off && <b> · left out this time</b>}
      {line.unused && ` · not used: ${line.unused.join(', ')}`}
      <Alternatives line={line} onText={onText} />
      {line.notes?.map((note) => (
        <p className="refused" key={note}>
          {note}
        </p>
      ))}
    </div>
  );
}

/** The other foods of a choice, each one press away. */
function Alternatives(props: { line: Line; onText?: (text: string) => void }) {
  const { line, onText } = props;
  if (!onText) return null;
  return line.alternatives?.map((other) => (
    <span className="offers" key={other}>
      {' '}
      or{' '}
      <button type="button" onClick={() => onText(other)}>
        {other}
      </button>
    </span>
  ));
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
  const grams = line?.grams;
  if (!grams) {
    return (
      <span className="grams quiet">
        {line?.state === 'REFUSED' || (line?.state === 'NOT_MEASURED' && line.station !== 'PAN')
          ? 'not in the numbers'
          : ''}
      </span>
    );
  }
  return (
    <span className="grams" title={`between ${rangeText(grams)} g`}>
      <b>{valueText(grams)} g</b> <span className="range">{rangeText(grams)}</span>
    </span>
  );
}
