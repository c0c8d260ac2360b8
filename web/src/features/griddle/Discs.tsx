import type { Draft } from '../../api/types';
import { Glyph } from '../../ui/Glyph';

const MOST_DRAWN = 60;
const PLAIN = 34;

/** One disc or square a piece, as large as was noted; those thrown away are hatched. */
export function Discs(props: {
  kind: Draft['kind'];
  pieces: number;
  /** Nobody counted them. */
  foretold: boolean;
  discarded: number;
  each: string[];
  onPieces: (pieces: number) => void;
  onDiscarded: (discarded: number) => void;
}) {
  const { kind, pieces, foretold, discarded, each, onPieces, onDiscarded } = props;
  const drawn = Math.min(pieces, MOST_DRAWN);
  const sizes = sizesOf(each);
  const add = (
    <button
      type="button"
      className="disc add"
      aria-label={foretold ? 'The first one came out' : 'One more came out'}
      onClick={() => onPieces(foretold ? 1 : pieces + 1)}
    >
      <Glyph of="plus" />
    </button>
  );
  if (foretold) {
    return (
      <div className={`discs foretold ${kind === 'WAFFLE' ? 'squares' : ''}`}>
        {Array.from({ length: drawn }, (_, index) => (
          <span key={index} className="disc" aria-hidden="true" />
        ))}
        {add}
      </div>
    );
  }
  return (
    <div className={`discs ${kind === 'WAFFLE' ? 'squares' : ''}`}>
      {Array.from({ length: drawn }, (_, index) => {
        const thrown = index < discarded;
        const size = PLAIN * (sizes[index] ?? 1);
        return (
          <button
            type="button"
            key={index}
            className={thrown ? 'disc thrown' : 'disc'}
            style={{ width: size, height: size }}
            aria-pressed={thrown}
            aria-label={`Piece ${index + 1}${thrown ? ', thrown away' : ''}`}
            onClick={() => onDiscarded(thrown ? discarded - 1 : discarded + 1)}
          />
        );
      })}
      {pieces > drawn && <span className="quiet">and {pieces - drawn} more</span>}
      {add}
    </div>
  );
}

/** How large to draw each: by its weight against the mean, or as it was called. */
function sizesOf(each: string[]): number[] {
  const weights = each.map((text) => Number.parseFloat(text));
  const weighed = weights.length > 0 && weights.every((weight) => weight > 0);
  const mean = weights.reduce((sum, weight) => sum + weight, 0) / weights.length;
  return each.map((text, at) =>
    weighed
      ? Math.sqrt((weights[at] ?? mean) / mean)
      : text.trim() === 'small'
        ? 0.8
        : text.trim() === 'large'
          ? 1.2
          : 1,
  );
}
