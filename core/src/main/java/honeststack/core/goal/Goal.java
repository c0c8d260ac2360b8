package honeststack.core.goal;

import honeststack.core.food.Component;
import java.util.OptionalDouble;

/**
 * A lower limit, an upper limit, or both, on one figure of a serving.
 *
 * @param lower in the component's unit, 0 or more
 * @param upper in the component's unit, not below the lower
 */
public record Goal(Component component, OptionalDouble lower, OptionalDouble upper) {

  /**
   * @throws IllegalArgumentException if there is no limit, or one is negative, or they cross
   */
  public Goal {
    if (lower.isEmpty() && upper.isEmpty()) {
      throw new IllegalArgumentException("A goal for " + component.words() + " needs a limit");
    }
    if (!(lower.orElse(0) >= 0) || !(upper.orElse(0) >= 0)) {
      throw new IllegalArgumentException("A limit for " + component.words() + " must be 0 or more");
    }
    if (lower.orElse(0) > upper.orElse(Double.POSITIVE_INFINITY)) {
      throw new IllegalArgumentException(
          "For %s, the lower limit %s lies above the upper limit %s"
              .formatted(component.words(), lower.getAsDouble(), upper.getAsDouble()));
    }
  }
}
