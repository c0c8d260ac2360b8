package honeststack.core.goal;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.Total;
import java.util.Optional;
import org.apache.commons.numbers.gamma.Erfc;

/**
 * A verdict on one goal.
 *
 * @param probability that the figure lies within the limits, 0 to 1
 * @param reason one sentence
 * @param better for a verdict that is not clear: what to measure better
 */
public record Judgement(
    Goal goal, Verdict verdict, double probability, String reason, Optional<Better> better) {

  /**
   * What to measure better.
   *
   * @param settles whether knowing it exactly would make the verdict clear, were the value to stay
   */
  public record Better(Source source, boolean settles) {}

  /** Judges a figure of a serving. */
  public static Judgement of(Goal goal, Total figure) {
    Estimate estimate = figure.estimate();
    double y = estimate.value();
    double u = estimate.u();
    double p = probability(goal, y, u);
    Verdict verdict = limitedBy(figure.bound(), goal, Verdict.of(p));
    Optional<Better> better =
        verdict.isClear() ? Optional.empty() : better(goal, estimate, figure.bound());
    return new Judgement(goal, verdict, p, reason(goal, figure, verdict, p), better);
  }

  /** p = Φ((U − y)/u) − Φ((L − y)/u); for u = 0 it is 1 or 0 (JCGM 106:2012, 7). */
  static double probability(Goal goal, double y, double u) {
    double lower = goal.lower().orElse(Double.NEGATIVE_INFINITY);
    double upper = goal.upper().orElse(Double.POSITIVE_INFINITY);
    if (u == 0) {
      return y >= lower && y <= upper ? 1 : 0;
    }
    return phi((upper - y) / u) - phi((lower - y) / u);
  }

  /** The standard normal distribution function. */
  static double phi(double z) {
    return 0.5 * Erfc.value(-z / Math.sqrt(2));
  }

  /** What is missing can only add: an upper limit is then never met, a lower one never missed. */
  private static Verdict limitedBy(Bound bound, Goal goal, Verdict verdict) {
    if (bound == Bound.COMPLETE) {
      return verdict;
    }
    if (bound == Bound.NOT_KNOWN) {
      return Verdict.NOT_KNOWN;
    }
    boolean couldRise = bound == Bound.AT_LEAST;
    boolean harms = couldRise ? goal.upper().isPresent() : goal.lower().isPresent();
    boolean helps = couldRise ? goal.lower().isPresent() : goal.upper().isPresent();
    if (verdict == Verdict.MET && harms) {
      return Verdict.LIKELY_MET;
    }
    return verdict == Verdict.MISSED && helps ? Verdict.LIKELY_MISSED : verdict;
  }

  /** The largest source that a cook can measure; a food table's value only if there is none. */
  private static Optional<Better> better(Goal goal, Estimate estimate, Bound bound) {
    var budget = estimate.budget();
    return budget.stream()
        .filter(share -> !share.source().isComposition())
        .findFirst()
        .or(() -> budget.stream().findFirst())
        .map(
            share -> {
              double rest = estimate.u() * Math.sqrt(Math.max(0, 1 - share.share()));
              Verdict then = Verdict.of(probability(goal, estimate.value(), rest));
              return new Better(share.source(), limitedBy(bound, goal, then).isClear());
            });
  }

  private static String reason(Goal goal, Total figure, Verdict verdict, double p) {
    String limits = limits(goal);
    if (verdict == Verdict.NOT_KNOWN) {
      return "Too much is missing to judge a goal of " + limits + ".";
    }
    String unit = goal.component().unit();
    double y = figure.estimate().value();
    String value = "%s %s for a goal of %s".formatted(number(y), unit, limits);
    String chance =
        figure.estimate().u() == 0
            ? "known exactly"
            : "%s in 100 that it lies within".formatted(chance(p));
    String missing =
        switch (figure.bound()) {
          case AT_LEAST -> "; something is missing from the numbers, so it may be more";
          case AT_MOST -> "; something is missing from the numbers, so it may be less";
          default -> "";
        };
    return value + ": " + chance + missing + ".";
  }

  /** The limits in words: "at most 450 kcal", "15 to 25 g". */
  public static String limits(Goal goal) {
    String unit = " " + goal.component().unit();
    if (goal.lower().isEmpty()) {
      return "at most " + number(goal.upper().getAsDouble()) + unit;
    }
    if (goal.upper().isEmpty()) {
      return "at least " + number(goal.lower().getAsDouble()) + unit;
    }
    return number(goal.lower().getAsDouble()) + " to " + number(goal.upper().getAsDouble()) + unit;
  }

  private static String chance(double p) {
    long hundred = Math.round(100 * p);
    if (hundred == 0) {
      return "under 1";
    }
    return hundred == 100 ? "over 99" : String.valueOf(hundred);
  }

  private static String number(double value) {
    return value >= 100 || value == Math.rint(value)
        ? String.valueOf(Math.round(value))
        : "%.1f".formatted(value);
  }
}
