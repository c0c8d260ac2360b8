package honeststack.core.measure;

/** Units a cook may write. */
public enum Unit {
  GRAM(Kind.MASS, "g"),
  KILOGRAM(Kind.MASS, "kg"),
  OUNCE(Kind.MASS, "oz"),
  POUND(Kind.MASS, "lb"),
  MILLILITRE(Kind.VOLUME, "mL"),
  CENTILITRE(Kind.VOLUME, "cL"),
  DECILITRE(Kind.VOLUME, "dL"),
  LITRE(Kind.VOLUME, "L"),
  FLUID_OUNCE(Kind.VOLUME, "fl oz"),
  CUP(Kind.VOLUME, "cup"),
  PINT(Kind.VOLUME, "pint"),
  QUART(Kind.VOLUME, "quart"),
  TABLESPOON(Kind.VOLUME, "tbsp"),
  DESSERTSPOON(Kind.VOLUME, "dessertspoon"),
  TEASPOON(Kind.VOLUME, "tsp"),
  /** A ladle of nobody's measuring: about a quarter cup (common practice). */
  LADLE(Kind.VOLUME, "ladle"),
  /** A scoop: the one of a food's own tub, otherwise about a quarter cup (common practice). */
  SCOOP(Kind.VOLUME, "scoop"),
  PINCH(Kind.VAGUE, "pinch"),
  DASH(Kind.VAGUE, "dash"),
  SMIDGEN(Kind.VAGUE, "smidgen"),
  SPLASH(Kind.VAGUE, "splash"),
  /** A twentieth of a millilitre (common practice). */
  DROP(Kind.VAGUE, "drop"),
  DRIZZLE(Kind.VAGUE, "drizzle"),
  SQUEEZE(Kind.VAGUE, "squeeze"),
  KNOB(Kind.VAGUE, "knob"),
  HANDFUL(Kind.VAGUE, "handful"),
  /** A second of spraying oil from a can. */
  SECOND(Kind.SPRAY, "s"),
  COUNT(Kind.COUNT, "");

  /** What a unit measures. */
  public enum Kind {
    MASS,
    VOLUME,
    /** A volume or a weight that nobody measured, by its usual size. */
    VAGUE,
    /** A time during which it was let out. */
    SPRAY,
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
      case KNOB -> 15;
      case HANDFUL -> 30;
      default -> throw new IllegalArgumentException(this + " is not a unit of mass");
    };
  }

  /** A vague unit that is a weight: a knob 15 g, a handful 30 g (common practice). */
  boolean isVagueWeight() {
    return this == KNOB || this == HANDFUL;
  }

  boolean isSpoon() {
    return this == TABLESPOON || this == TEASPOON || this == DESSERTSPOON;
  }

  /** For a sentence: "cup", "second's spray". */
  public String noun() {
    return this == SECOND ? "second's spray" : symbol;
  }

  /** Filled, or let out, each time alike: what one of it weighs can be weighed once and kept. */
  public boolean isConstant() {
    return kind == Kind.VOLUME && !isMarked() || kind == Kind.SPRAY;
  }

  /** Read off marks rather than filled to the brim: one filling, whatever the amount. */
  public boolean isMarked() {
    return this == MILLILITRE || this == CENTILITRE || this == DECILITRE || this == LITRE;
  }
}
