package honeststack.core.food;

import honeststack.core.food.Label.Line;

/**
 * The law that a label follows: which lines it prints and how it rounds them.
 *
 * <ul>
 *   <li>US: 21 CFR 101.9(c), carbohydrate with fibre, sodium in mg.
 *   <li>EU: Regulation (EU) 1169/2011, carbohydrate without fibre, salt; rounding from the
 *       Commission's guidance on tolerances of 2012 (from memory).
 * </ul>
 */
public enum LabelStyle {
  US {
    @Override
    Printed printed(Line line, double value) {
      return switch (line) {
        case ENERGY, ENERGY_KJ ->
            value <= 0 ? below(5) : value <= 50 ? around(value, 5) : around(value, 10);
        case FAT, SATURATES ->
            value <= 0 ? below(0.5) : value < 5 ? around(value, 0.5) : around(value, 1);
        case SODIUM -> value <= 0 ? below(5) : value <= 140 ? around(value, 5) : around(value, 10);
        default -> value <= 0 ? below(0.5) : around(value, 1);
      };
    }
  },
  EU {
    @Override
    Printed printed(Line line, double value) {
      return switch (line) {
        case ENERGY, ENERGY_KJ -> around(value, 1);
        case SATURATES ->
            value <= 0 ? below(0.1) : value < 10 ? around(value, 0.1) : around(value, 1);
        case SALT ->
            value <= 0 ? below(0.0125) : value < 1 ? around(value, 0.01) : around(value, 0.1);
        case SODIUM -> value <= 0 ? below(5) : around(value, value < 400 ? 4 : 40);
        default -> value <= 0 ? below(0.5) : value < 10 ? around(value, 0.1) : around(value, 1);
      };
    }
  };

  /** What may stand behind a printed value. */
  abstract Printed printed(Line line, double value);

  /** The values that print alike, from {@code low} to {@code high}, in the line's unit. */
  record Printed(double low, double high) {
    double middle() {
      return (low + high) / 2;
    }

    double halfWidth() {
      return (high - low) / 2;
    }
  }

  private static Printed around(double value, double step) {
    return new Printed(Math.max(0, value - step / 2), value + step / 2);
  }

  static Printed below(double limit) {
    return new Printed(0, limit);
  }
}
