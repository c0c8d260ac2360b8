package honeststack.core.line;

import honeststack.core.food.Food;
import honeststack.core.wording.RefusedException;
import java.util.Optional;
import java.util.regex.Pattern;

/** Changes one part of what a line says, and leaves the rest as it was written. */
public final class LineRewording {
  private static final Pattern PACKED =
      Pattern.compile(
          ",?\\s*\\b(?:spooned|fluffed|sifted|sieved|scooped|dipped|packed)\\b",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern WEIGHT =
      Pattern.compile("^[\\d\\s.,/½¼¾⅓⅔]+\\s*(?:g|kg|oz)?\\b\\s*", Pattern.CASE_INSENSITIVE);

  private final LineReader reader;

  public LineRewording(LineReader reader) {
    this.reader = reader;
  }

  /** The line with whole grams for its amount; a bare food gets them in front. */
  public String weighed(String text, Optional<Food> picked, double grams) {
    String amount = Math.round(grams) + " g ";
    try {
      ReadLine line = picked.isPresent() ? reader.read(text, picked.get()) : reader.read(text);
      String rest = line.shape().rest();
      return amount + (rest.isBlank() ? text.strip() : rest);
    } catch (RefusedException notRead) {
      String rest = WEIGHT.matcher(text.strip()).replaceFirst("");
      return amount + (rest.isBlank() ? text.strip() : rest);
    }
  }

  /**
   * The line saying how its cup was filled, in place of what it said before.
   *
   * @param packing "spooned"; empty for not said
   */
  public static String packed(String text, String packing) {
    String bare = PACKED.matcher(text).replaceAll("").strip();
    return packing.isBlank() ? bare : bare + ", " + packing.strip();
  }
}
