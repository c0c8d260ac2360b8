package honeststack.core.food;

/** Allergens that a food holds by its nature. A label and the kitchen's own practice come first. */
public enum Allergen {
  WHEAT("wheat"),
  GLUTEN("gluten"),
  MILK("milk"),
  EGG("egg"),
  FISH("fish"),
  SOY("soy"),
  TREE_NUT("tree nuts"),
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
