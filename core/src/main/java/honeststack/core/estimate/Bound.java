package honeststack.core.estimate;

/**
 * What an incomplete total still says. A sum that lacks a part is at least what it shows; where the
 * lacking part would be subtracted, at most; where it could go either way, nothing is known.
 */
public enum Bound {
  COMPLETE,
  AT_LEAST,
  AT_MOST,
  NOT_KNOWN;

  /** The direction of a sum of two totals. */
  public Bound plus(Bound other) {
    if (this == COMPLETE || this == other) {
      return other;
    }
    return other == COMPLETE ? this : NOT_KNOWN;
  }

  /** The direction of this total when it is subtracted. */
  public Bound negated() {
    return switch (this) {
      case AT_LEAST -> AT_MOST;
      case AT_MOST -> AT_LEAST;
      case COMPLETE, NOT_KNOWN -> this;
    };
  }
}
