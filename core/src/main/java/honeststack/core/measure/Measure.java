package honeststack.core.measure;

import honeststack.core.food.Packing;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Objects;

/**
 * An amount as the cook stated it.
 *
 * @param amount in the unit, 0 or more
 * @param decimals digits after the point as written; they tell the resolution of a scale
 * @param packing how a dry food got into its cup
 * @param size "large" and the like for counts; empty if not said
 */
public record Measure(double amount, int decimals, Unit unit, Packing packing, String size) {

  /** Nothing in a kitchen is measured beyond this, g. */
  public static final double MOST_GRAMS = 100_000;

  public Measure {
    Objects.requireNonNull(unit, "unit");
    Objects.requireNonNull(packing, "packing");
    Objects.requireNonNull(size, "size");
    if (!(amount >= 0 && Double.isFinite(amount))) {
      throw new IllegalArgumentException("An amount must be 0 or more, not " + amount);
    }
  }

  /** Amount and unit for a reader, kitchen fractions where they fit: "1¼ cups", "160 g". */
  public String words() {
    String number = number(amount);
    return switch (unit) {
      case COUNT -> size.isEmpty() ? number : number + " " + size;
      case CUP -> number + (amount > 1 ? " cups" : " cup");
      default -> number + " " + unit.symbol();
    };
  }

  private String number(double value) {
    if (unit.kind() != Unit.Kind.MASS) {
      long whole = (long) Math.floor(value + 1e-9);
      double rest = value - whole;
      for (Fraction fraction : Fraction.values()) {
        if (Math.abs(rest - fraction.value()) < 5e-4) {
          return (whole == 0 ? "" : String.valueOf(whole)) + fraction.sign();
        }
      }
    }
    return BigDecimal.valueOf(value)
        .setScale(3, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
