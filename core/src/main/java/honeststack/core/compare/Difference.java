package honeststack.core.compare;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import java.util.List;

/**
 * B − A of one figure.
 *
 * @param value in the measurand's unit
 * @param u its standard uncertainty, in the same unit
 * @param rounding what rounding alone can make of it, in the same unit
 * @param bound which way it may be off because something is missing
 * @param causes those that have an effect, in the order of the work
 */
public record Difference(
    Basis basis,
    Measurand measurand,
    double value,
    double u,
    double rounding,
    Bound bound,
    List<Cause> causes) {

  /** Of the larger side: no sum of a recipe is off by as much for rounding. */
  static final double ROUNDING = 1e-9;

  /** Lower end of the shown range, d − 2u. */
  public double low() {
    return value - Estimate.COVERAGE * u;
  }

  /** Upper end of the shown range, d + 2u. */
  public double high() {
    return value + Estimate.COVERAGE * u;
  }

  /** Whether both are the same but for rounding. */
  public boolean isNone() {
    return Math.abs(value) <= rounding && u <= rounding;
  }

  /** Whether it shows, in words. */
  public String words() {
    if (bound != Bound.COMPLETE) {
      return "not known: something is missing from the numbers";
    }
    if (isNone()) {
      return "the same";
    }
    return isReal() ? "a real difference" : "within the noise of how you measured";
  }

  /**
   * Whether |d| > 2u(d) and nothing is missing: more than the noise of how it was measured, and
   * more than rounding can make.
   */
  public boolean isReal() {
    return bound == Bound.COMPLETE
        && Math.abs(value) > Estimate.COVERAGE * u
        && Math.abs(value) > rounding;
  }
}
