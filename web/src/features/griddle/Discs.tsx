import type { Draft } from '../../api/types';
import { Glyph } from '../../ui/Glyph';

const MOST_DRAWN = 40;

/** One disc or square a piece; those thrown away are hatched. Tap one to change that. */
export function Discs(props: {
  kind: Draft['kind'];
  pieces: number;
  discarded: number;
  onPieces: (pieces: number) => void;
  onDiscarded: (discarded: number) => void;
}) {
  const { kind, pieces, discarded, onPieces, onDiscarded } = props;
  const drawn = Math.min(pieces, MOST_DRAWN);
  return (
    <div className={`discs ${kind === 'WAFFLE' ? 'squares' : ''}`}>
      {Array.from({ length: drawn }, (_, index) => {
        const thrown = index < discarded;
        return (
          <button
            type="button"
            key={index}
            className={thrown ? 'disc thrown' : 'disc'}
            aria-pressed={thrown}
            aria-label={`Piece ${index + 1}${thrown ? ', thrown away' : ''}`}
            onClick={() => onDiscarded(thrown ? discarded - 1 : discarded + 1)}
          />
        );
      })}
      {pieces > drawn && <span className="quiet">and {pieces - drawn} more</span>}
      <button
        type="button"
        className="disc add"
        aria-label="One more came out"
        onClick={() => onPieces(pieces + 1)}
      >
        <Glyph of="plus" />
      </button>
    </div>
  );
}
