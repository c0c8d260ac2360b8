package honeststack.core.figures;

/** How a figure follows from the amounts of components; with its slopes, for the propagation. */
final class Rule {
  private final double[] over;
  private final double[] under;

  private Rule(double[] over, double[] under) {
    this.over = over;
    this.under = under;
  }

  /** Σ weight × amount. */
  static Rule sum(double... weights) {
    return new Rule(weights, null);
  }

  /** One sum over another; 0 where the lower one is nothing. */
  static Rule ratio(double[] over, double[] under) {
    return new Rule(over, under);
  }

  boolean isSum() {
    return under == null;
  }

  private static double sum(double[] weights, double[] amounts) {
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      sum += weights[i] * amounts[i];
    }
    return sum;
  }

  /** The value, in the measurand's unit. */
  double value(double[] amounts) {
    if (isSum()) {
      return sum(over, amounts);
    }
    double lower = sum(under, amounts);
    return lower == 0 ? 0 : sum(over, amounts) / lower;
  }

  /** Its derivative by each amount. */
  double[] slopes(double[] amounts) {
    double[] slopes = over.clone();
    if (isSum()) {
      return slopes;
    }
    double lower = sum(under, amounts);
    if (lower == 0) {
      return new double[over.length];
    }
    double quotient = sum(over, amounts) / lower;
    for (int i = 0; i < slopes.length; i++) {
      slopes[i] = (over[i] - quotient * under[i]) / lower;
    }
    return slopes;
  }
}
