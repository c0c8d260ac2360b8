package honeststack.core.estimate;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;

/**
 * The sources of one computation. Every uncertain input enters through {@link #input}; estimates of
 * one book may be combined, those of two books may not.
 *
 * <p>A book comes in two kinds. {@link #firstOrder()} keeps sensitivities, the law of propagation
 * of JCGM 100:2008, 5.1.2. {@link #drawing} gives each source one random value and returns plain
 * numbers: the same computation is then one trial of JCGM 101:2008. Not thread-safe.
 */
public final class SourceBook {
  private final Map<Source, Integer> ordinals = new HashMap<>(256);
  private final List<Source> sources = new ArrayList<>(256);
  private final RandomGenerator random;
  private final Map<Source, Double> draws;

  private SourceBook(RandomGenerator random) {
    this.random = random;
    this.draws = new HashMap<>();
  }

  public static SourceBook firstOrder() {
    return new SourceBook(null);
  }

  /** A book for one Monte Carlo trial. */
  public static SourceBook drawing(RandomGenerator random) {
    return new SourceBook(random);
  }

  /**
   * The book of another batch in the same trial: shared sources keep their values, those of one use
   * are drawn anew.
   *
   * @throws IllegalStateException if this book does not draw
   */
  public SourceBook nextBatch() {
    if (random == null) {
      throw new IllegalStateException("Only a drawing book has batches");
    }
    SourceBook next = new SourceBook(random);
    draws.forEach(
        (source, value) -> {
          if (source.scope() == Source.Scope.SHARED) {
            next.draws.put(source, value);
          }
        });
    return next;
  }

  /**
   * An uncertain input.
   *
   * @param value best value, in the unit of the quantity
   * @param u standard uncertainty, same unit, not negative
   * @throws IllegalArgumentException if either is not finite or {@code u} is negative
   */
  public Estimate input(double value, double u, Source source) {
    if (!Double.isFinite(value) || !Double.isFinite(u) || u < 0) {
      throw new IllegalArgumentException(
          "An input needs a finite value and u ≥ 0, not " + value + " ± " + u);
    }
    if (u == 0) {
      return Estimate.exact(value);
    }
    if (random != null) {
      double epsilon = draws.computeIfAbsent(source, s -> s.distribution().draw(random));
      return Estimate.exact(value + u * epsilon);
    }
    return new Estimate(this, value, new int[] {ordinal(source)}, new double[] {u});
  }

  /**
   * An estimate put together again from a budget that was kept: value + Σ s_j ε_j.
   *
   * @param shares sensitivities in the unit of the value; their share of u² is not used
   */
  public Estimate restore(double value, List<Estimate.Share> shares) {
    Estimate.Sum sum = new Estimate.Sum().add(Estimate.exact(value), 1);
    for (Estimate.Share share : shares) {
      double s = share.sensitivity();
      sum.add(input(0, Math.abs(s), share.source()), Math.signum(s));
    }
    return sum.total();
  }

  private int ordinal(Source source) {
    Integer known = ordinals.get(source);
    if (known != null) {
      return known;
    }
    int next = sources.size();
    sources.add(source);
    ordinals.put(source, next);
    return next;
  }

  /**
   * Where a source stands in {@link #sources()}.
   *
   * @throws IllegalArgumentException if it was never met
   */
  public int place(Source source) {
    Integer ordinal = ordinals.get(source);
    if (ordinal == null) {
      throw new IllegalArgumentException("This book never met the source " + source.key());
    }
    return ordinal;
  }

  Source source(int ordinal) {
    return sources.get(ordinal);
  }

  int size() {
    return sources.size();
  }

  /** All sources met so far, in the order of their first use. */
  public List<Source> sources() {
    return List.copyOf(sources);
  }
}
