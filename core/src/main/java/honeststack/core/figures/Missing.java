package honeststack.core.figures;

import honeststack.core.estimate.Bound;

/**
 * How far a figure may be off for what is not in the numbers, in its unit, where a plausible amount
 * can be said; infinite where it cannot.
 *
 * @param more how much more it may be, 0 or more
 * @param less how much less it may be, 0 or more
 */
public record Missing(double more, double less) {
  /** Nothing is missing. */
  public static final Missing NOTHING = new Missing(0, 0);

  /** Something that can only add, and nobody can say how much. */
  static final Missing ADDS = new Missing(Double.POSITIVE_INFINITY, 0);

  /** Something that may go either way. */
  static final Missing ANYTHING = new Missing(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

  /** What is left out of both. */
  public Missing plus(Missing other) {
    return this == NOTHING
        ? other
        : other == NOTHING ? this : new Missing(more + other.more, less + other.less);
  }

  /** Of a figure that this one is subtracted from. */
  public Missing negated() {
    return new Missing(less, more);
  }

  Missing times(double factor) {
    if (this == NOTHING || factor == 0) {
      return NOTHING;
    }
    return factor > 0
        ? new Missing(more * factor, less * factor)
        : new Missing(-less * factor, -more * factor);
  }

  public Bound bound() {
    if (more == 0) {
      return less == 0 ? Bound.COMPLETE : Bound.AT_MOST;
    }
    return less == 0 ? Bound.AT_LEAST : Bound.NOT_KNOWN;
  }
}
