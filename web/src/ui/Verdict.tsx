import type { Judgement } from '../api/types';

/** Where the dot stands to the band: the verdict as a shape. */
const DOT: Record<Judgement['verdict'], number> = {
  MET: 14,
  LIKELY_MET: 19,
  TOO_CLOSE: 22,
  LIKELY_MISSED: 25,
  MISSED: 31,
  NOT_KNOWN: -10,
};

/** A verdict in words, with its shape: the dot stands on the side of the limit that is nearer. */
export function Verdict({ judgement }: { judgement: Judgement }) {
  const dot = DOT[judgement.verdict];
  const x = nearLower(judgement) ? 28 - dot : dot;
  return (
    <span className={`verdict ${judgement.verdict.toLowerCase()}`} title={judgement.reason}>
      <svg viewBox="-6 0 42 14" aria-hidden="true">
        <path d="M8 2H5v10h3M20 2h3v10h-3" />
        <circle cx={x} cy="7" r="3.4" />
      </svg>
      {judgement.words}
    </span>
  );
}

function nearLower({ lower, upper, value }: Judgement): boolean {
  if (lower == null) return false;
  return upper == null || value - lower < upper - value;
}

/** The limits of a goal: "400–550", "at least 20". */
export function limitsText({ lower, upper }: { lower?: number | null; upper?: number | null }) {
  if (lower != null && upper != null) return `${lower}–${upper}`;
  return lower != null ? `at least ${lower}` : `at most ${upper ?? ''}`;
}
