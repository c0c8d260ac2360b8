package honeststack.core.recipe;

import honeststack.core.line.MassText;
import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Tables;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * What was noted of each piece as it left the pan.
 *
 * @param weights of each, g if all were weighed, else relative to a regular one
 * @param isWeighed all of them were
 * @param isSized some of them were called small or large
 */
record Noted(double[] weights, boolean isWeighed, boolean isSized) {
  private static final Noted NOTHING = new Noted(new double[0], false, false);

  static Noted of(List<String> each, Tables tables, Fields fields) {
    double[] weights = new double[each.size()];
    int weighed = 0;
    boolean sized = false;
    for (int i = 0; i < weights.length; i++) {
      String text = each.get(i).strip().toLowerCase(Locale.ROOT);
      weights[i] = 1;
      switch (text) {
        case "", "regular", "medium" -> {}
        case "small" -> weights[i] = tables.factors().of(Factor.SMALL_OVER_REGULAR);
        case "large", "big" -> weights[i] = tables.factors().of(Factor.LARGE_OVER_REGULAR);
        default -> {
          try {
            Measure mass = MassText.read(text);
            weights[i] = mass.amount() * mass.unit().grams();
            weighed++;
          } catch (RefusedException refused) {
            fields.refuse(
                "griddle.each." + i,
                new Refusal(
                    Refusal.Reason.BAD_AMOUNT,
                    each.get(i),
                    "“" + each.get(i).strip() + "” does not say how large a piece is.",
                    "small, regular, large, or a weight: 62 g"));
          }
        }
      }
      sized |= weights[i] != 1;
    }
    boolean all =
        weights.length > 0
            && weighed == weights.length
            && Arrays.stream(weights).allMatch(w -> w > 0);
    if (weighed > 0 && !all) {
      return NOTHING.sized(each.size());
    }
    return new Noted(weights, all, sized && !all);
  }

  private Noted sized(int pieces) {
    double[] alike = new double[pieces];
    Arrays.fill(alike, 1);
    return new Noted(alike, false, false);
  }

  double mean() {
    return Arrays.stream(weights).average().orElse(0);
  }

  /**
   * Coefficient of variation of a piece that nobody chose.
   *
   * @param usual of pieces portioned so
   */
  double variation(double usual) {
    if (weights.length < 2) {
      return usual;
    }
    double mean = mean();
    double squares = Arrays.stream(weights).map(w -> (w - mean) * (w - mean)).sum();
    double spread = Math.sqrt(squares / (weights.length - 1)) / mean;
    return isWeighed ? spread : isSized ? Math.hypot(spread, usual) : usual;
  }

  /** What part of all of them some are by weight, 0 to 1. */
  double part(List<Integer> chosen) {
    double all = Arrays.stream(weights).sum();
    return chosen.stream().mapToDouble(at -> weights[at - 1]).sum() / all;
  }

  int size() {
    return weights.length;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Noted noted && Arrays.equals(weights, noted.weights);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(weights);
  }

  @Override
  public String toString() {
    return Arrays.toString(weights);
  }
}
