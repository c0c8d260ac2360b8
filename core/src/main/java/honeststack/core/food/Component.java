package honeststack.core.food;

/**
 * A component of food, under its INFOODS tagname where there is one. Amounts are per 100 g edible
 * portion. All that the product knows of a component stands here.
 */
public enum Component {
  ENERC("energy", "kcal", Doubt.USUAL, Kind.ENERGY, 950),
  WATER("water", "g", Doubt.USUAL, Kind.PART, 100.5),
  PROCNT("protein", "g", Doubt.USUAL, Kind.PART, 100.5),
  FAT("fat", "g", Doubt.USUAL, Kind.PART, 100.5),
  ASH("ash", "g", Doubt.USUAL, Kind.PART, 100.5),
  /** Carbohydrate by difference; includes fibre and polyols. */
  CHOCDF("carbohydrate", "g", Doubt.USUAL, Kind.PART, 100.5),
  FIBTG("fibre", "g", Doubt.LESS_KNOWN, Kind.WITHIN, 100.5),
  SUGAR("sugars", "g", Doubt.LESS_KNOWN, Kind.WITHIN, 100.5),
  SUGAD("added sugars", "g", Doubt.LESS_KNOWN, Kind.WITHIN, 100.5),
  FASAT("saturates", "g", Doubt.USUAL, Kind.WITHIN, 100.5),
  POLYL("polyols", "g", Doubt.USUAL, Kind.WITHIN, 100.5),
  ALC("alcohol", "g", Doubt.USUAL, Kind.PART, 100.5),
  NA("sodium", "mg", Doubt.USUAL, Kind.MINERAL, 40_000),
  ERYTHRITOL("erythritol", "g", Doubt.USUAL, Kind.WITHIN, 100.5),
  ALLULOSE("allulose", "g", Doubt.USUAL, Kind.WITHIN, 100.5),
  ACIDS("organic acids", "g", Doubt.USUAL, Kind.PART, 100.5),
  /** Mass that the table's own sum leaves out, such as the carbon dioxide of leavenings. */
  OTHER("other", "g", Doubt.USUAL, Kind.PART, 100.5);

  private enum Doubt {
    USUAL,
    LESS_KNOWN
  }

  private enum Kind {
    ENERGY,
    /** One of the parts that make up the whole mass. */
    PART,
    /** Counted within another part. */
    WITHIN,
    MINERAL
  }

  private final String words;
  private final String unit;
  private final Doubt doubt;
  private final Kind kind;
  private final double most;

  Component(String words, String unit, Doubt doubt, Kind kind, double most) {
    this.words = words;
    this.unit = unit;
    this.doubt = doubt;
    this.kind = kind;
    this.most = most;
  }

  /** Fibre and sugars, which food tables know less well. */
  public boolean isLessKnown() {
    return doubt == Doubt.LESS_KNOWN;
  }

  /** Whether it is one of the parts that sum to the whole mass of a food. */
  public boolean isPart() {
    return kind == Kind.PART;
  }

  /** Lower-case name for a reader. */
  public String words() {
    return words;
  }

  /** Unit of the amounts: g, mg or kcal. */
  public String unit() {
    return unit;
  }

  /** The most that 100 g can hold, in its unit; half a gram more for rounding. */
  public double most() {
    return most;
  }
}
