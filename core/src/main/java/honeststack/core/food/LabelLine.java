package honeststack.core.food;

/** A line of a label. */
public enum LabelLine {
  ENERGY("energy", "kcal"),
  ENERGY_KJ("energy", "kJ"),
  FAT("fat", "g"),
  SATURATES("saturates", "g"),
  CARBOHYDRATE("carbohydrate", "g"),
  SUGARS("sugars", "g"),
  ADDED_SUGARS("added sugars", "g"),
  POLYOLS("polyols", "g"),
  ERYTHRITOL("of them erythritol", "g"),
  FIBRE("fibre", "g"),
  PROTEIN("protein", "g"),
  SALT("salt", "g"),
  SODIUM("sodium", "mg");

  private final String words;
  private final String unit;

  LabelLine(String words, String unit) {
    this.words = words;
    this.unit = unit;
  }

  public String words() {
    return words;
  }

  public String unit() {
    return unit;
  }
}
