package honeststack.core.food;

/** Allergens that a food holds by its nature. A label and the kitchen's own practice come first. */
public enum Allergen {
  WHEAT("wheat"),
  GLUTEN("gluten"),
  MILK("milk"),
  EGG("egg"),
  FISH("fish"),
  SOY("soy"),
  /** Any of the tree nuts; the nut itself stands beside it. */
  TREE_NUT("tree nuts"),
  ALMOND("almond"),
  HAZELNUT("hazelnut"),
  WALNUT("walnut"),
  CASHEW("cashew"),
  PECAN("pecan"),
  BRAZIL_NUT("Brazil nut"),
  PISTACHIO("pistachio"),
  MACADAMIA("macadamia"),
  PEANUT("peanut"),
  SESAME("sesame"),
  LUPIN("lupin"),
  MUSTARD("mustard"),
  SULPHITES("sulphites");

  private final String words;

  Allergen(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
