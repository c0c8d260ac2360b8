package honeststack.core.compare;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Component;
import honeststack.core.serving.Basis;
import java.util.List;

/**
 * B − A of one figure.
 *
 * @param value in the component's unit
 * @param bound which way it may be off because something is missing
 * @param causes those that have an effect, in the order of the work
 */
public record Difference(
    Basis basis, Component component, Estimate value, Bound bound, List<Cause> causes) {

  /** Lower end of the shown range, d − 2u. */
  public double low() {
    return value.value() - Estimate.COVERAGE * value.u();
  }

  /** Upper end of the shown range, d + 2u. */
  public double high() {
    return value.value() + Estimate.COVERAGE * value.u();
  }

  /** Whether it shows, in words. */
  public String words() {
    if (value.value() == 0 && value.u() == 0) {
      return "the same";
    }
    if (bound != Bound.COMPLETE) {
      return "not known: something is missing from the numbers";
    }
    return isReal() ? "a real difference" : "within the noise of how you measured";
  }

  /** Whether |d| > 2u(d) and nothing is missing: more than the noise of how it was measured. */
  public boolean isReal() {
    return bound == Bound.COMPLETE
        && Math.abs(value.value()) > Estimate.COVERAGE * value.u()
        && value.value() != 0;
  }
}
