package honeststack.core.estimate;

import java.util.Arrays;
import java.util.List;

/**
 * A best value with its sensitivity to each independent source: y + Σ s_j ε_j, each ε_j of mean 0
 * and variance 1. Sums add sensitivities source by source; products and quotients use the
 * first-order rules of JCGM 100:2008 (GUM), 5.1. Immutable.
 */
public final class Estimate {
  /** Coverage factor of every range that is shown. */
  public static final double COVERAGE = 2;

  /**
   * The low bits of a share's sort key, which hold its place: positive doubles order as their bits
   * do, and shares that differ by less than 1 in 2³⁶ may stand in any order. No figure has as many
   * sources as that has places.
   */
  private static final long PLACE = (1L << 16) - 1;

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
    double[] scaled = new double[sensitivities.length];
    for (int i = 0; i < scaled.length; i++) {
      scaled[i] = factor * sensitivities[i];
    }
    return new Estimate(book, factor * value, ordinals, scaled);
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

  /** Takes the square of one source's sensitivity; the source by its place in its book. */
  public interface Squares {
    void add(int place, double square);
  }

  /** Hands over s_j² of each source, in no order; they sum to u². */
  public void squares(Squares squares) {
    for (int i = 0; i < ordinals.length; i++) {
      squares.add(ordinals[i], sensitivities[i] * sensitivities[i]);
    }
  }

  /** What the standard uncertainty comes from: share s_j²/u² of each source, largest first. */
  public List<Share> budget() {
    return budget(0);
  }

  /** The budget without the shares under {@code least}. */
  public List<Share> budget(double least) {
    double all = variance();
    long[] keys = new long[ordinals.length];
    int n = 0;
    for (int i = 0; i < ordinals.length; i++) {
      double share = sensitivities[i] * sensitivities[i] / all;
      if (sensitivities[i] != 0 && share >= least) {
        keys[n++] = Double.doubleToLongBits(share) & ~PLACE | i;
      }
    }
    Arrays.sort(keys, 0, n);
    Share[] shares = new Share[n];
    for (int i = 0; i < n; i++) {
      int at = (int) (keys[n - 1 - i] & PLACE);
      double s = sensitivities[at];
      shares[i] = new Share(book.source(ordinals[at]), s, s * s / all);
    }
    return List.of(shares);
  }

  /**
   * One line of a budget.
   *
   * @param sensitivity signed, in the unit of the value
   * @param share fraction of u², 0 to 1
   */
  public record Share(Source source, double sensitivity, double share) {}

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
