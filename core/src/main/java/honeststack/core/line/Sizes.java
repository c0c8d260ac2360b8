package honeststack.core.line;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Sizes of pieces as cooks say them, and as the larder does. */
public final class Sizes {
  private static final Map<String, String> SIZES = sizes();

  private Sizes() {}

  private static Map<String, String> sizes() {
    Map<String, String> sizes = new HashMap<>();
    List.of("small", "medium", "large", "jumbo", "eu").forEach(size -> sizes.put(size, size));
    List.of("sm sml little tiny teeny wee smal smallish smaller".split(" "))
        .forEach(word -> sizes.put(word, "small"));
    List.of(
            "med average middling mid-size mid-sized medium-sized medium-size regular-size medium-large medium-small medium-big"
                .split(" "))
        .forEach(word -> sizes.put(word, "medium"));
    List.of(
            "lg lge big bigger largish biggish larger good-sized decent-sized fair-sized big-ish"
                .split(" "))
        .forEach(word -> sizes.put(word, "large"));
    List.of("huge enormous giant massive gigantic whopping whopper".split(" "))
        .forEach(word -> sizes.put(word, "extra large"));
    sizes.put("uk", "eu");
    List.of("small", "medium", "large").forEach(size -> sizes.put("eu-" + size, "eu " + size));
    return sizes;
  }

  /** Whether a word, in small letters, is one. */
  public static boolean is(String low) {
    return SIZES.containsKey(low);
  }

  /** As the larder calls it; a word that is none as it is. */
  static String inFull(String word) {
    return SIZES.getOrDefault(word, word);
  }
}
