package honeststack.core.said.instead;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.Set;

/**
 * How much each word around two amounts, or around one that is told once more, speaks for an
 * answer, against both counting: learned from sentences of which a person says which amount counts,
 * and kept in tenths in a table of its own.
 */
public final class Weights {
  /** What the words say of two amounts. */
  public enum Says {
    BOTH_COUNT,
    FIRST_GIVES_WAY,
    SECOND_GIVES_WAY
  }

  private static final double SCALE = 10;

  /** Of two amounts in a sentence, or in one and the next. */
  static final Weights CONTRAST = new Weights("contrast");

  /** Of a sentence that measures again what a list before it measures. */
  public static final Weights RETOLD = new Weights("retold");

  /** So too of a food that the list does not measure. */
  public static final Weights TALK = new Weights("talk");

  private final Map<String, double[]> table;

  private Weights(String name) {
    this.table = table(name);
  }

  private static Map<String, double[]> table(String name) {
    ResourceBundle bundle = ResourceBundle.getBundle("honeststack.core.said." + name, Locale.ROOT);
    Map<String, double[]> table = new HashMap<>();
    for (String feature : bundle.keySet()) {
      String[] numbers = bundle.getString(feature).split(" ");
      table.put(
          feature,
          new double[] {
            0, Integer.parseInt(numbers[0]) / SCALE, Integer.parseInt(numbers[1]) / SCALE
          });
    }
    return Map.copyOf(table);
  }

  /** From 0 to 1, by {@link Says#ordinal}; together 1. */
  public double[] of(Set<String> features) {
    double[] sums = new double[Says.values().length];
    for (String feature : features) {
      double[] weights = table.get(feature);
      for (int i = 1; weights != null && i < sums.length; i++) {
        sums[i] += weights[i];
      }
    }
    return shares(sums);
  }

  /** The logistic function of several answers. */
  static double[] shares(double[] sums) {
    double most = Math.max(sums[0], Math.max(sums[1], sums[2]));
    double all = 0;
    double[] shares = new double[sums.length];
    for (int i = 0; i < sums.length; i++) {
      shares[i] = StrictMath.exp(sums[i] - most);
      all += shares[i];
    }
    for (int i = 0; i < sums.length; i++) {
      shares[i] /= all;
    }
    return shares;
  }
}
