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
  private final double[] bySource;
  private final double[] byFood;
  private final double variance;

  /**
   * @param bySource one for each source of the reading's book
   * @param byFood one for each food and component, component by component
   */
  Figure(
      Figures figures,
      Basis basis,
      Measurand measurand,
      double value,
      Missing missing,
      double[] bySource,
      double[] byFood) {
    this.figures = figures;
    this.basis = basis;
    this.measurand = measurand;
    this.value = value;
    this.missing = missing;
    this.bySource = bySource;
    this.byFood = byFood;
    double sum = 0;
    for (double s : bySource) {
      sum += s * s;
    }
    for (double s : byFood) {
      sum += s * s;
    }
    this.variance = sum;
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

  double[] bySource() {
    return bySource;
  }

  double[] byFood() {
    return byFood;
  }

  /** The sensitivity to a source of the reading's book, by its place. */
  public double sensitivity(int place) {
    return bySource[place];
  }

  /** Hands over the composition sensitivities. */
  public interface Compositions {
    void at(Composition value, double sensitivity);
  }

  /** Its sensitivity to each value of a food table that it rests on. */
  public void compositions(Compositions taker) {
    for (int i = 0; i < byFood.length; i++) {
      if (byFood[i] != 0) {
        taker.at(figures.composition(measurand, i), byFood[i]);
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
    int all = bySource.length + byFood.length;
    long[] keys = new long[all];
    int n = 0;
    for (int i = 0; i < all; i++) {
      double s = at(i);
      double share = s * s / variance;
      if (s != 0 && share >= least) {
        keys[n++] = Double.doubleToLongBits(share) & ~PLACE | i;
      }
    }
    Arrays.sort(keys, 0, n);
    Share[] shares = new Share[n];
    for (int i = 0; i < n; i++) {
      int place = (int) (keys[n - 1 - i] & PLACE);
      double s = at(place);
      shares[i] = new Share(source(place), s, s * s / variance);
    }
    return Collections.unmodifiableList(Arrays.asList(shares));
  }

  private double at(int place) {
    return place < bySource.length ? bySource[place] : byFood[place - bySource.length];
  }

  private Source source(int place) {
    return place < bySource.length
        ? figures.reading().book().source(place)
        : figures.compositionSource(measurand, place - bySource.length);
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
        squares += bySource[place] * bySource[place];
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
