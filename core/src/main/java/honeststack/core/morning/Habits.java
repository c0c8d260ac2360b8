package honeststack.core.morning;

import honeststack.core.measure.OwnWeights;
import honeststack.core.measure.OwnWeights.Own;
import honeststack.core.recipe.Recipe.Habit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What several mornings of one recipe show: from three on, they replace what is common. */
public final class Habits {
  private Habits() {}

  /**
   * One morning.
   *
   * @param cooked over raw mass; empty if nobody weighed
   * @param counted over predicted pieces; empty if nothing was predicted
   */
  public record Shown(OptionalDouble cooked, OptionalDouble counted) {}

  /** Empty while there are fewer than three that show something. */
  public static Optional<Habit> of(List<Shown> mornings) {
    List<Double> cooked =
        mornings.stream().flatMap(m -> m.cooked().stream().boxed()).filter(x -> x > 0).toList();
    List<Double> counted =
        mornings.stream().flatMap(m -> m.counted().stream().boxed()).filter(x -> x > 0).toList();
    boolean weighed = cooked.size() >= OwnWeights.FEWEST;
    boolean told = counted.size() >= OwnWeights.FEWEST;
    if (!weighed && !told) {
      return Optional.empty();
    }
    double mean = weighed ? Own.of(cooked).grams() : 0;
    double made = told ? Own.of(counted).grams() : 1;
    return Optional.of(
        new Habit(
            Math.max(weighed ? cooked.size() : 0, told ? counted.size() : 0),
            mean,
            weighed ? doubt(cooked) : 0,
            1 - made,
            told ? doubt(counted) : 0));
  }

  /**
   * How far the next morning may be off: the scatter, and what the mean of so few is off by, both
   * widened by Student's t (JCGM 100:2008, G.3).
   */
  private static double doubt(List<Double> values) {
    Own own = Own.of(values);
    double next = own.scatter() / 2;
    return Math.hypot(next, next / Math.sqrt(own.weighings()));
  }
}
