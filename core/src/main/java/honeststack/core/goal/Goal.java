package honeststack.core.goal;

import honeststack.core.figures.Measurand;
import honeststack.core.wording.Say;
import java.util.OptionalDouble;

/**
 * A lower limit, an upper limit, or both, on one figure of a serving.
 *
 * @param lower in the measurand's unit, 0 or more
 * @param upper in the measurand's unit, not below the lower
 */
public record Goal(Measurand measurand, OptionalDouble lower, OptionalDouble upper) {

  /**
   * @throws IllegalArgumentException if there is no limit, or one is negative or not finite, or
   *     they cross
   */
  public Goal {
    if (lower.isEmpty() && upper.isEmpty()) {
      throw new IllegalArgumentException("A goal for " + measurand.words() + " needs a limit");
    }
    if (!isLimit(lower.orElse(0)) || !isLimit(upper.orElse(0))) {
      throw new IllegalArgumentException("A limit for " + measurand.words() + " must be 0 or more");
    }
    if (lower.orElse(0) > upper.orElse(Double.POSITIVE_INFINITY)) {
      throw new IllegalArgumentException(
          Say.of(
              "For %s, the lower limit %s lies above the upper limit %s",
              measurand.words(), lower.getAsDouble(), upper.getAsDouble()));
    }
  }

  private static boolean isLimit(double value) {
    return value >= 0 && value < Double.POSITIVE_INFINITY;
  }

  /** The limits in words: "at most 450 kcal", "15 to 25 g". */
  public String limits() {
    String unit = " " + measurand.unit();
    if (lower.isEmpty()) {
      return "at most " + number(upper.getAsDouble()) + unit;
    }
    if (upper.isEmpty()) {
      return "at least " + number(lower.getAsDouble()) + unit;
    }
    return number(lower.getAsDouble()) + " to " + number(upper.getAsDouble()) + unit;
  }

  static String number(double value) {
    return value >= 100 || value == Math.rint(value)
        ? String.valueOf(Math.round(value))
        : Say.of("%.1f", value);
  }
}
