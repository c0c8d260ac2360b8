package honeststack.core.estimate;

import java.util.Arrays;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.UnaryOperator;

/**
 * A best value with its sensitivity to each independent source: y + Σ s_j ε_j, each ε_j of mean 0
 * and variance 1. Sums add sensitivities source by source; products and quotients use the
 * first-order rules of JCGM 100:2008 (GUM), 5.1. Immutable.
 */
public final class Estimate {
  /** Coverage factor of every range that is shown. */
  public static final double COVERAGE = 2;

  private static final int[] NO_SOURCES = {};
  private static final double[] NO_SENSITIVITIES = {};

  /** Zero, exactly. */
  public static final Estimate ZERO = exact(0);

  private final SourceBook book;
  private final double value;
  private final int[] ordinals;
  private final double[] sensitivities;

  /** Takes ownership of both arrays; ordinals ascend. */
  Estimate(SourceBook book, double value, int[] ordinals, double[] sensitivities) {
    this.book = book;
    this.value = value;
    this.ordinals = ordinals;
    this.sensitivities = sensitivities;
  }

  public static Estimate exact(double value) {
    return new Estimate(null, value, NO_SOURCES, NO_SENSITIVITIES);
  }

  public double value() {
    return value;
  }

  /** Standard uncertainty, in the unit of the value. */
  public double u() {
    return Math.sqrt(variance());
  }

  private double variance() {
    double sum = 0;
    for (double s : sensitivities) {
      sum += s * s;
    }
    return sum;
  }

  /** Lower end of the shown range, y − 2u, never below 0. */
  public double low() {
    return Math.max(0, value - COVERAGE * u());
  }

  /** Upper end of the shown range, y + 2u. */
  public double high() {
    return value + COVERAGE * u();
  }

  public Estimate plus(Estimate other) {
    return combine(value + other.value, 1, other, 1);
  }

  public Estimate minus(Estimate other) {
    return combine(value - other.value, 1, other, -1);
  }

  public Estimate times(double factor) {
    return new Estimate(book, factor * value, ordinals, scaled(sensitivities, factor));
  }

  private static double[] scaled(double[] row, double factor) {
    double[] scaled = new double[row.length];
    for (int i = 0; i < scaled.length; i++) {
      scaled[i] = factor * row[i];
    }
    return scaled;
  }

  public Estimate times(Estimate other) {
    return combine(value * other.value, other.value, other, value);
  }

  /**
   * @throws ArithmeticException if the other's best value is 0
   */
  public Estimate dividedBy(Estimate other) {
    if (other.value == 0) {
      throw new ArithmeticException("Division of " + value + " by an estimate of 0");
    }
    double quotient = value / other.value;
    return combine(quotient, 1 / other.value, other, -quotient / other.value);
  }

  /** The value with sensitivities p·mine + q·theirs, merged in the order of the ordinals. */
  private Estimate combine(double result, double p, Estimate other, double q) {
    SourceBook common = common(other);
    if (ordinals.length == 0) {
      return new Estimate(common, result, other.ordinals, scaled(other.sensitivities, q));
    }
    if (other.ordinals.length == 0) {
      return new Estimate(common, result, ordinals, scaled(sensitivities, p));
    }
    int[] a = ordinals;
    int[] b = other.ordinals;
    int[] at = new int[a.length + b.length];
    double[] s = new double[at.length];
    int i = 0;
    int j = 0;
    int n = 0;
    while (i < a.length || j < b.length) {
      int left = i < a.length ? a[i] : Integer.MAX_VALUE;
      int right = j < b.length ? b[j] : Integer.MAX_VALUE;
      at[n] = Math.min(left, right);
      if (left <= right) {
        s[n] += p * sensitivities[i++];
      }
      if (right <= left) {
        s[n] += q * other.sensitivities[j++];
      }
      n++;
    }
    return new Estimate(
        common,
        result,
        n == at.length ? at : Arrays.copyOf(at, n),
        n == at.length ? s : Arrays.copyOf(s, n));
  }

  private SourceBook common(Estimate other) {
    if (book == null) {
      return other.book;
    }
    if (other.book != null && other.book != book) {
      throw new IllegalArgumentException("Estimates of two books of sources cannot be combined");
    }
    return book;
  }

  /** Σ over the sources that both share of the product of sensitivities. */
  public double covariance(Estimate other) {
    common(other);
    double sum = 0;
    int j = 0;
    for (int i = 0; i < ordinals.length; i++) {
      while (j < other.ordinals.length && other.ordinals[j] < ordinals[i]) {
        j++;
      }
      if (j < other.ordinals.length && other.ordinals[j] == ordinals[i]) {
        sum += sensitivities[i] * other.sensitivities[j];
      }
    }
    return sum;
  }

  /** Takes one source's sensitivity; the source by its place in its book. */
  public interface Sensitivities {
    void at(int place, double sensitivity);
  }

  /** Hands over the sensitivity to each source, in the order of their places. */
  public void sensitivities(Sensitivities taker) {
    for (int i = 0; i < ordinals.length; i++) {
      taker.at(ordinals[i], sensitivities[i]);
    }
  }

  /**
   * Adds {@code factor} times each sensitivity to its source's place in a row that starts there.
   */
  public void addTo(double[] rows, int start, double factor) {
    int run = run();
    int first = run == 0 ? 0 : start + ordinals[0];
    for (int i = 0; i < run; i++) {
      rows[first + i] += factor * sensitivities[i];
    }
    for (int i = run; i < ordinals.length; i++) {
      rows[start + ordinals[i]] += factor * sensitivities[i];
    }
  }

  /** How many of its sources, from the first, stand next to each other: most, in a long sum. */
  private int run() {
    int n = ordinals.length;
    while (n > 0 && ordinals[n - 1] - ordinals[0] != n - 1) {
      n--;
    }
    return n;
  }

  /**
   * Writes the places of its sources and the sensitivities to them into two rows, from a place on.
   */
  public void copyTo(int[] places, double[] row, int from) {
    System.arraycopy(ordinals, 0, places, from, ordinals.length);
    System.arraycopy(sensitivities, 0, row, from, sensitivities.length);
  }

  /** The same value with the same sources in another book, under the names given to them there. */
  public Estimate rebased(SourceBook other, UnaryOperator<Source> as) {
    if (book == null) {
      return this;
    }
    SortedMap<Integer, Double> row = new TreeMap<>();
    for (int i = 0; i < ordinals.length; i++) {
      int place = other.enter(as.apply(book.source(ordinals[i])));
      row.merge(place, sensitivities[i], Double::sum);
    }
    return new Estimate(
        other,
        value,
        row.keySet().stream().mapToInt(Integer::intValue).toArray(),
        row.values().stream().mapToDouble(Double::doubleValue).toArray());
  }

  /** How many sources it depends on. */
  public int sources() {
    return ordinals.length;
  }

  /** A running sum that keeps its sensitivities in one dense row. */
  public static final class Sum {
    private SourceBook book;
    private double value;
    private double[] dense = NO_SENSITIVITIES;

    /** Adds {@code factor} times the part. */
    public Sum add(Estimate part, double factor) {
      value += factor * part.value;
      if (part.book != null) {
        if (book == null) {
          book = part.book;
          dense = new double[book.size()];
        } else if (book != part.book) {
          throw new IllegalArgumentException(
              "Estimates of two books of sources cannot be combined");
        } else if (dense.length < book.size()) {
          dense = Arrays.copyOf(dense, book.size());
        }
        for (int i = 0; i < part.ordinals.length; i++) {
          dense[part.ordinals[i]] += factor * part.sensitivities[i];
        }
      }
      return this;
    }

    public Estimate total() {
      int n = 0;
      for (double s : dense) {
        if (s != 0) {
          n++;
        }
      }
      int[] at = new int[n];
      double[] s = new double[n];
      int k = 0;
      for (int i = 0; i < dense.length; i++) {
        if (dense[i] != 0) {
          at[k] = i;
          s[k++] = dense[i];
        }
      }
      return new Estimate(book, value, at, s);
    }
  }

  @Override
  public String toString() {
    return value + " ± " + COVERAGE * u();
  }
}
