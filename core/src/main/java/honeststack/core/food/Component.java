package honeststack.core.food;

/**
 * A component of food, under its INFOODS tagname where there is one. Amounts are per 100 g edible
 * portion.
 */
public enum Component {
  ENERC("energy", "kcal"),
  WATER("water", "g"),
  PROCNT("protein", "g"),
  FAT("fat", "g"),
  ASH("ash", "g"),
  /** Carbohydrate by difference; includes fibre and polyols. */
  CHOCDF("carbohydrate", "g"),
  FIBTG("fibre", "g"),
  SUGAR("sugars", "g"),
  SUGAD("added sugars", "g"),
  FASAT("saturates", "g"),
  POLYL("polyols", "g"),
  ALC("alcohol", "g"),
  NA("sodium", "mg"),
  ERYTHRITOL("erythritol", "g"),
  ALLULOSE("allulose", "g"),
  ACIDS("organic acids", "g"),
  /** Mass that the table's own sum leaves out, such as the carbon dioxide of leavenings. */
  OTHER("other", "g");

  private final String words;
  private final String unit;

  Component(String words, String unit) {
    this.words = words;
    this.unit = unit;
  }

  /** Fibre and sugars, which food tables know less well. */
  boolean isLessKnown() {
    return this == FIBTG || this == SUGAR || this == SUGAD;
  }

  /** Lower-case name for a reader. */
  public String words() {
    return words;
  }

  /** Unit of the amounts: g, mg or kcal. */
  public String unit() {
    return unit;
  }
}
