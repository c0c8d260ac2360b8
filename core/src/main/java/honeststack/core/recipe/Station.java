package honeststack.core.recipe;

/** Where a food goes in. */
public enum Station {
  BOWL(""),
  PAN("in the pan: "),
  PLATE("on top: ");

  private final String where;

  Station(String where) {
    this.where = where;
  }

  /** What a change there begins with; empty for the bowl. */
  public String where() {
    return where;
  }
}
