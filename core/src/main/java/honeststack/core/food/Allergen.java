package honeststack.core.food;

import java.util.Set;

/** Allergens that a food holds by its nature. A label and the kitchen's own practice come first. */
public enum Allergen {
  GLUTEN("gluten"),
  WHEAT("wheat", GLUTEN),
  MILK("milk"),
  EGG("egg"),
  FISH("fish"),
  SOY("soy"),
  /** Any of the tree nuts; the nut itself stands beside it. */
  TREE_NUT("tree nuts"),
  ALMOND("almond", TREE_NUT),
  HAZELNUT("hazelnut", TREE_NUT),
  WALNUT("walnut", TREE_NUT),
  CASHEW("cashew", TREE_NUT),
  PECAN("pecan", TREE_NUT),
  BRAZIL_NUT("Brazil nut", TREE_NUT),
  PISTACHIO("pistachio", TREE_NUT),
  MACADAMIA("macadamia", TREE_NUT),
  PEANUT("peanut"),
  CRUSTACEAN("crustaceans"),
  SESAME("sesame"),
  LUPIN("lupin"),
  MUSTARD("mustard"),
  SULPHITES("sulphites");

  private final String words;
  private final Set<Allergen> groups;

  Allergen(String words, Allergen... groups) {
    this.words = words;
    this.groups = Set.of(groups);
  }

  public String words() {
    return words;
  }

  /** What every food with this allergen holds too: a hazelnut is a tree nut. */
  public Set<Allergen> groups() {
    return groups;
  }
}
