package honeststack.core.food;

/** Where a food comes from; diets ask for it. */
public enum Origin {
  PLANT("plant", false),
  FUNGUS("fungus", false),
  MINERAL("mineral", false),
  DAIRY("dairy", true),
  EGG("egg", true),
  HONEY("honey", true),
  FISH("fish", true),
  MEAT("meat", true);

  private final String words;
  private final boolean animal;

  Origin(String words, boolean animal) {
    this.words = words;
    this.animal = animal;
  }

  public String words() {
    return words;
  }

  /** Whether an animal gave it. */
  public boolean isAnimal() {
    return animal;
  }
}
