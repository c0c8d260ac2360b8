package honeststack.core.estimate;

/**
 * The shape of a source of uncertainty, scaled to mean 0 and variance 1.
 *
 * <p>Half-widths follow from the variance: a rectangular source of standard uncertainty u spans
 * ±u√3, a triangular one ±u√6 (JCGM 100:2008, 4.3.7 and 4.3.9).
 */
public enum Distribution {
  NORMAL,
  RECTANGULAR,
  TRIANGULAR;

  /** Standard uncertainty of a rectangular source of the given half-width. */
  public static double rectangular(double halfWidth) {
    return halfWidth / Math.sqrt(3);
  }

  /** Standard uncertainty of a triangular source of the given half-width. */
  public static double triangular(double halfWidth) {
    return halfWidth / Math.sqrt(6);
  }
}
