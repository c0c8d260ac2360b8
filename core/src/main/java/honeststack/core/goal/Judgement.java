package honeststack.core.goal;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Source;
import honeststack.core.figures.Figure;
import honeststack.core.wording.Say;
import java.util.List;
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
  /** A smaller share of u² is not worth measuring. */
  private static final double COUNTS = 0.1;

  /**
   * What to measure better.
   *
   * @param share of u² that comes from it, 0 to 1
   * @param settles whether knowing it exactly would make the verdict clear, were the value to stay
   */
  public record Better(Source source, double share, boolean settles) {
    private static final double MOST = 0.5;

    /** One sentence. */
    public String words() {
      if (source.identity() instanceof Composition) {
        return "The doubt lies in the food tables, most of it in "
            + source.words()
            + "; measuring better would not settle this.";
      }
      String what =
          share >= MOST
              ? "Most of the doubt is " + source.words()
              : Say.of(
                  "The largest doubt that you can lessen is %s, %.0f %% of it",
                  source.words(), 100 * share);
      return what
          + (settles
              ? "; knowing it would settle this."
              : "; knowing it alone would not settle this.");
    }
  }

  /** Judges a figure of a serving. */
  public static Judgement of(Goal goal, Figure figure) {
    double y = figure.value();
    double u = figure.u();
    double p = probability(goal, y, u);
    Verdict verdict = limitedBy(figure.bound(), goal, y, plausibly(goal, figure, p));
    Optional<Better> better = verdict.isClear() ? Optional.empty() : better(goal, figure);
    return new Judgement(goal, verdict, p, reason(goal, figure, verdict, p), better);
  }

  /**
   * What is not in the numbers counts against a goal that is met without it: with a plausible
   * amount of it, component by component, too.
   */
  private static Verdict plausibly(Goal goal, Figure figure, double p) {
    Verdict verdict = Verdict.of(p);
    double more = figure.missing().more();
    double less = figure.missing().less();
    boolean told = Double.isFinite(more) && Double.isFinite(less) && more + less > 0;
    if (!told || p < Verdict.LIKELY) {
      return verdict;
    }
    double then =
        Math.min(
            probability(goal, figure.value() + more, figure.u()),
            probability(goal, Math.max(0, figure.value() - less), figure.u()));
    return then < Verdict.LIKELY ? Verdict.TOO_CLOSE : verdict;
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

  /**
   * While something is missing that could move the figure towards a limit, the limit is not met for
   * sure; where it could move the figure back within a limit, the limit is not missed for sure.
   */
  private static Verdict limitedBy(Bound bound, Goal goal, double y, Verdict verdict) {
    return switch (bound) {
      case COMPLETE -> verdict;
      case NOT_KNOWN -> Verdict.NOT_KNOWN;
      case AT_LEAST -> limited(verdict, goal.upper().isPresent(), y < goal.lower().orElse(0));
      case AT_MOST ->
          limited(
              verdict, goal.lower().isPresent(), y > goal.upper().orElse(Double.POSITIVE_INFINITY));
    };
  }

  private static Verdict limited(Verdict verdict, boolean harms, boolean helps) {
    if (verdict == Verdict.MET && harms) {
      return Verdict.LIKELY_MET;
    }
    return verdict == Verdict.MISSED && helps ? Verdict.LIKELY_MISSED : verdict;
  }

  /** The largest source that a cook can measure; a food table's value if none of them counts. */
  private static Optional<Better> better(Goal goal, Figure figure) {
    List<Figure.Share> budget = figure.budget(0);
    return budget.stream()
        .filter(share -> !(share.source().identity() instanceof Composition))
        .findFirst()
        .filter(share -> share.share() >= COUNTS)
        .or(() -> budget.stream().findFirst())
        .map(
            share -> {
              double rest = figure.u() * Math.sqrt(Math.max(0, 1 - share.share()));
              Verdict then = Verdict.of(probability(goal, figure.value(), rest));
              Verdict limited = limitedBy(figure.bound(), goal, figure.value(), then);
              return new Better(share.source(), share.share(), limited.isClear());
            });
  }

  private static String reason(Goal goal, Figure figure, Verdict verdict, double p) {
    String limits = goal.limits();
    if (verdict == Verdict.NOT_KNOWN) {
      return "Too much is missing to judge a goal of " + limits + ".";
    }
    String value =
        Say.of(
            "%s %s for a goal of %s", Goal.number(figure.value()), goal.measurand().unit(), limits);
    String chance = figure.u() == 0 ? "known exactly" : chance(p) + " in 100 that it lies within";
    String missing =
        switch (figure.bound()) {
          case AT_LEAST -> "; something is missing from the numbers, so it may be more";
          case AT_MOST -> "; something is missing from the numbers, so it may be less";
          case COMPLETE, NOT_KNOWN -> "";
        };
    return value + ": " + chance + missing + ".";
  }

  private static String chance(double p) {
    long hundred = Math.round(100 * p);
    if (hundred == 0) {
      return "under 1";
    }
    return hundred == 100 ? "over 99" : String.valueOf(hundred);
  }
}
