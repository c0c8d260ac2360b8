package honeststack.core.food;

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
    Printed printed(LabelLine line, double value) {
      return switch (line) {
        case ENERGY, ENERGY_KJ ->
            value <= 0
                ? Printed.below(5)
                : value <= 50 ? Printed.around(value, 5) : Printed.around(value, 10);
        case FAT, SATURATES ->
            value <= 0
                ? Printed.below(0.5)
                : value < 5 ? Printed.around(value, 0.5) : Printed.around(value, 1);
        case SODIUM ->
            value <= 0
                ? Printed.below(5)
                : value <= 140 ? Printed.around(value, 5) : Printed.around(value, 10);
        case CARBOHYDRATE, SUGARS, ADDED_SUGARS, POLYOLS, ERYTHRITOL, FIBRE, PROTEIN, SALT ->
            value <= 0 ? Printed.below(0.5) : Printed.around(value, 1);
      };
    }
  },
  EU {
    @Override
    Printed printed(LabelLine line, double value) {
      return switch (line) {
        case ENERGY, ENERGY_KJ -> Printed.around(value, 1);
        case SATURATES ->
            value <= 0
                ? Printed.below(0.1)
                : value < 10 ? Printed.around(value, 0.1) : Printed.around(value, 1);
        case SALT ->
            value <= 0
                ? Printed.below(0.0125)
                : value < 1 ? Printed.around(value, 0.01) : Printed.around(value, 0.1);
        case SODIUM -> value <= 0 ? Printed.below(5) : Printed.around(value, value < 400 ? 4 : 40);
        case FAT, CARBOHYDRATE, SUGARS, ADDED_SUGARS, POLYOLS, ERYTHRITOL, FIBRE, PROTEIN ->
            value <= 0
                ? Printed.below(0.5)
                : value < 10 ? Printed.around(value, 0.1) : Printed.around(value, 1);
      };
    }
  };

  /** What may stand behind a printed value. */
  abstract Printed printed(LabelLine line, double value);
}
