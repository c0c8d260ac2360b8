package honeststack.app.larder;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;

/** Brings the names of foods to one form: case, accents, plurals and word order do not matter. */
final class FoodNames {
  private FoodNames() {}

  static String normal(String name) {
    String plain =
        Normalizer.normalize(name.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
            .replaceAll("\\p{M}+", "")
            .replace("'", "")
            .replaceAll("[^a-z0-9%]+", " ")
            .replaceAll("(\\d) ?%", "$1%")
            .strip();
    return Arrays.stream(plain.split(" "))
        .map(FoodNames::singular)
        .sorted()
        .collect(Collectors.joining(" "));
  }

  private static String singular(String word) {
    if (word.length() > 4 && word.endsWith("ies")) {
      return word.substring(0, word.length() - 3) + "y";
    }
    if (word.length() > 4 && word.endsWith("oes")) {
      return word.substring(0, word.length() - 2);
    }
    if (word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us")) {
      return word.substring(0, word.length() - 1);
    }
    return word;
  }
}
