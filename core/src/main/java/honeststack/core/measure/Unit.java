package honeststack.core.measure;

/** Units a cook may write. */
public enum Unit {
  GRAM(Kind.MASS, "g"),
  KILOGRAM(Kind.MASS, "kg"),
  OUNCE(Kind.MASS, "oz"),
  POUND(Kind.MASS, "lb"),
  MILLILITRE(Kind.VOLUME, "mL"),
  LITRE(Kind.VOLUME, "L"),
  FLUID_OUNCE(Kind.VOLUME, "fl oz"),
  CUP(Kind.VOLUME, "cup"),
  TABLESPOON(Kind.VOLUME, "tbsp"),
  TEASPOON(Kind.VOLUME, "tsp"),
  COUNT(Kind.COUNT, "");

  /** What a unit measures. */
  public enum Kind {
    MASS,
    VOLUME,
    COUNT
  }

  private final Kind kind;
  private final String symbol;

  Unit(Kind kind, String symbol) {
    this.kind = kind;
    this.symbol = symbol;
  }

  public Kind kind() {
    return kind;
  }

  public String symbol() {
    return symbol;
  }

  /**
   * Grams in one of a unit of mass. The ounce and the pound are avoirdupois, 28.349523125 g and
   * 453.59237 g exactly (NIST Handbook 44, Appendix C).
   *
   * @throws IllegalArgumentException if the unit is not one of mass
   */
  public double grams() {
    return switch (this) {
      case GRAM -> 1;
      case KILOGRAM -> 1000;
      case OUNCE -> 28.349523125;
      case POUND -> 453.59237;
      default -> throw new IllegalArgumentException(this + " is not a unit of mass");
    };
  }

  boolean isSpoon() {
    return this == TABLESPOON || this == TEASPOON;
  }
}
