package honeststack.core.promise;

/** Something that is said of a plate to somebody who asks. */
public enum Promise {
  PLANTS_ONLY("plants only"),
  NO_EGG("no egg"),
  NO_MILK("no milk"),
  NO_GLUTEN("no gluten grains"),
  NO_NUTS("no nuts"),
  NO_SOY("no soy"),
  NO_SESAME("no sesame"),
  NO_ADDED_SUGAR("no added sugar"),
  NO_ADDED_FAT("no added oil or fat"),
  NO_ADDED_SALT("no added salt");

  private final String words;

  Promise(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
