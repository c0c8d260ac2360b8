package honeststack.core.food;

/**
 * A component of food, under its INFOODS tagname where there is one. Amounts are per 100 g edible
 * portion.
 */
public enum Component {
  ENERC("energy", "kcal", 0.05),
  WATER("water", "g", 0.05),
  PROCNT("protein", "g", 0.05),
  FAT("fat", "g", 0.05),
  ASH("ash", "g", 0.05),
  /** Carbohydrate by difference; includes fibre and polyols. */
  CHOCDF("carbohydrate", "g", 0.05),
  FIBTG("fibre", "g", 0.10),
  SUGAR("sugars", "g", 0.10),
  SUGAD("added sugars", "g", 0.10),
  FASAT("saturates", "g", 0.05),
  POLYL("polyols", "g", 0.05),
  ALC("alcohol", "g", 0.05),
  NA("sodium", "mg", 0.05),
  ERYTHRITOL("erythritol", "g", 0.05),
  ALLULOSE("allulose", "g", 0.05),
  ACIDS("organic acids", "g", 0.05),
  /** Mass that the table's own sum leaves out, such as the carbon dioxide of leavenings. */
  OTHER("other", "g", 0.05);

  private final String words;
  private final String unit;
  private final double tableDoubt;

  Component(String words, String unit, double tableDoubt) {
    this.words = words;
    this.unit = unit;
    this.tableDoubt = tableDoubt;
  }

  /** Lower-case name for a reader. */
  public String words() {
    return words;
  }

  /** Unit of the amounts: g, mg or kcal. */
  public String unit() {
    return unit;
  }

  /**
   * Relative standard uncertainty of a value read from a food table: 5 %, 10 % for fibre and sugars
   * (common practice).
   */
  public double tableDoubt() {
    return tableDoubt;
  }
}
