package honeststack.core.figures;

import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Station;

/**
 * What one line brings to a serving, or to 100 g of a preparation.
 *
 * @param share of what was measured that is in it
 * @param values one for each measurand asked for, in its unit; NaN where it is unknown, or no sum
 */
public record Part(Station station, MeasuredFood measured, double share, double[] values) {
  /** g in it, as measured: batter raw. */
  public double grams() {
    return measured.mass().value() * share;
  }
}
