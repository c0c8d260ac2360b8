package honeststack.core.goal;

import honeststack.core.figures.Basis;
import honeststack.core.figures.Measurand;
import honeststack.core.wording.Say;
import java.util.EnumSet;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A lower limit, an upper limit, or both, on one figure.
 *
 * @param basis what the figure is for: a serving, a piece, 100 g cooked
 * @param wish nice to have, where others must be met
 * @param lower in the measurand's unit, 0 or more
 * @param upper in the measurand's unit, not below the lower
 */
public record Goal(
    Measurand measurand, Basis basis, boolean wish, OptionalDouble lower, OptionalDouble upper) {

  /** What goals can be for. */
  public static final Set<Basis> BASES =
      EnumSet.of(Basis.AS_SERVED, Basis.PER_PIECE, Basis.PER_100G_COOKED);

  /** One on a serving, which must be met. */
  public Goal(Measurand measurand, OptionalDouble lower, OptionalDouble upper) {
    this(measurand, Basis.AS_SERVED, false, lower, upper);
  }

  /**
   * @throws IllegalArgumentException if there is no limit, or one is negative or not finite, or
   *     they cross
   */
  public Goal {
    if (!BASES.contains(basis)) {
      throw new IllegalArgumentException("A goal is for a serving, a piece or 100 g cooked");
    }
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
    String unit = " " + measurand.unit() + words(basis);
    if (lower.isEmpty()) {
      return "at most " + number(upper.getAsDouble()) + unit;
    }
    if (upper.isEmpty()) {
      return "at least " + number(lower.getAsDouble()) + unit;
    }
    return number(lower.getAsDouble()) + " to " + number(upper.getAsDouble()) + unit;
  }

  private static String words(Basis basis) {
    return switch (basis) {
      case PER_PIECE -> " a piece";
      case PER_100G_COOKED -> " in 100 g cooked";
      default -> "";
    };
  }

  static String number(double value) {
    return value >= 100 || value == Math.rint(value)
        ? String.valueOf(Math.round(value))
        : Say.of("%.1f", value);
  }
}
