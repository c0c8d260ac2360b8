package honeststack.core.figures;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Source;
import honeststack.core.recipe.RecipeReading.Step;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * One figure: a best value, its sensitivity to each independent source, and what it lacks.
 * Sensitivities are in the figure's unit for one standard uncertainty of the source. Immutable.
 */
public final class Figure {
  /** Shares of u² under this are left out of a budget that is shown. */
  public static final double LEAST_SHARE = 0.001;

  /** Below this share of u², a step of measuring better is none. */
  private static final double LEAST_GAIN = 1e-9;

  /**
   * The low bits of a share's sort key, which hold its place: positive doubles order as their bits
   * do, and shares that differ by less than 1 in 2³⁶ may stand in any order.
   */
  private static final long PLACE = (1L << 16) - 1;

  private final Figures figures;
  private final Basis basis;
  private final Measurand measurand;
  private final double value;
  private final Missing missing;

  /** From a place on: one for each source of the reading's book, then one for each of a table. */
  private final double[] sensitivities;

  private final int start;
  private final int width;
  private final double variance;

  /**
   * @param sensitivities from a place on one for each source of the reading's book, then one for
   *     each food and component, component by component
   */
  Figure(
      Figures figures,
      Basis basis,
      Measurand measurand,
      double value,
      Missing missing,
      double[] sensitivities,
      int start,
      int width) {
    this.figures = figures;
    this.basis = basis;
    this.measurand = measurand;
    this.value = value;
    this.missing = missing;
    this.sensitivities = sensitivities;
    this.start = start;
    this.width = width;
    this.variance = squares(sensitivities, start, start + width);
  }

  /** Σ s², in four sums side by side, since each addition waits for the last one. */
  private static double squares(double[] row, int from, int to) {
    double a = 0;
    double b = 0;
    double c = 0;
    double d = 0;
    int i = from;
    for (; i + 3 < to; i += 4) {
      a += row[i] * row[i];
      b += row[i + 1] * row[i + 1];
      c += row[i + 2] * row[i + 2];
      d += row[i + 3] * row[i + 3];
    }
    for (; i < to; i++) {
      a += row[i] * row[i];
    }
    return a + b + (c + d);
  }

  public Basis basis() {
    return basis;
  }

  public Measurand measurand() {
    return measurand;
  }

  /** Best value, in the measurand's unit. */
  public double value() {
    return value;
  }

  /** Standard uncertainty, in the same unit. */
  public double u() {
    return Math.sqrt(variance);
  }

  /** Lower end of the shown range, y − 2u, never below 0. */
  public double low() {
    return Math.max(0, value - Estimate.COVERAGE * u());
  }

  /** Upper end of the shown range, y + 2u. */
  public double high() {
    return value + Estimate.COVERAGE * u();
  }

  /** Which way it may be off because something is not in the numbers. */
  public Bound bound() {
    return missing.bound();
  }

  /** How far it may be off for what is not in the numbers. */
  public Missing missing() {
    return missing;
  }

  /** The sensitivity to a source of the reading's book, by its place. */
  public double sensitivity(int place) {
    return sensitivities[start + place];
  }

  /** Hands over the composition sensitivities. */
  public interface Compositions {
    void at(Composition value, double sensitivity);
  }

  /** Its sensitivity to each value of a food table that it rests on. */
  public void compositions(Compositions taker) {
    int sources = sources();
    for (int i = sources; i < width; i++) {
      if (sensitivity(i) != 0) {
        taker.at(figures.composition(measurand, i - sources), sensitivity(i));
      }
    }
  }

  /**
   * One line of a budget.
   *
   * @param sensitivity signed, in the figure's unit
   * @param share fraction of u², 0 to 1
   */
  public record Share(Source source, double sensitivity, double share) {}

  /** What the standard uncertainty comes from, largest share first, without those under least. */
  public List<Share> budget(double least) {
    long[] keys = new long[width];
    int n = 0;
    double smallest = least * variance;
    for (int i = 0; i < width; i++) {
      double square = sensitivity(i) * sensitivity(i);
      if (square > 0 && square >= smallest) {
        keys[n++] = Double.doubleToLongBits(square) & ~PLACE | i;
      }
    }
    Arrays.sort(keys, 0, n);
    Share[] shares = new Share[n];
    for (int i = 0; i < n; i++) {
      int place = (int) (keys[n - 1 - i] & PLACE);
      double s = sensitivity(place);
      shares[i] = new Share(source(place), s, s * s / variance);
    }
    return Collections.unmodifiableList(Arrays.asList(shares));
  }

  /** How many of the sensitivities are to sources of the reading's book. */
  private int sources() {
    return figures.reading().book().size();
  }

  private Source source(int place) {
    int sources = sources();
    return place < sources
        ? figures.reading().book().source(place)
        : figures.compositionSource(measurand, place - sources);
  }

  /**
   * The step that narrows a figure most.
   *
   * @param u standard uncertainty of the figure then, in its unit
   */
  public record Next(String words, double u) {}

  /**
   * How far a figure could be narrowed.
   *
   * @param next the single step that narrows it most; empty if none helps
   * @param best its standard uncertainty if everything were weighed, in its unit
   */
  public record Narrowed(Optional<Next> next, double best) {}

  /** What measuring better would do to it. */
  public Narrowed narrowed() {
    List<Step> steps = figures.reading().steps();
    double sum = 0;
    double most = LEAST_GAIN;
    Step best = null;
    for (Step step : steps) {
      double squares = 0;
      for (int place : step.sources()) {
        squares += sensitivity(place) * sensitivity(place);
      }
      double gain = squares * (1 - step.stays() * step.stays());
      sum += gain;
      if (gain > most) {
        most = gain;
        best = step;
      }
    }
    Optional<Next> next =
        best == null ? Optional.empty() : Optional.of(new Next(best.words(), left(most)));
    return new Narrowed(next, left(sum));
  }

  private double left(double gain) {
    return Math.sqrt(Math.max(0, variance - gain));
  }

  @Override
  public String toString() {
    return measurand + " " + basis + ": " + value + " ± " + Estimate.COVERAGE * u();
  }
}
