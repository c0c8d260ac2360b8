package honeststack.app.larder;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Brings the names of foods to one form: case, accents, plurals and word order do not matter. */
public final class FoodNames {
  private static final Pattern ASCII = Pattern.compile("\\p{ASCII}*");
  private static final Pattern MARKS = Pattern.compile("\\p{M}+");
  private static final Pattern PER_CENT = Pattern.compile("(\\d) %");
  private static final Pattern BETWEEN = Pattern.compile("[^a-z0-9%]+");

  private FoodNames() {}

  /** Small letters without accents. */
  static String plain(String name) {
    String lower = name.toLowerCase(Locale.ROOT).replace("'", "");
    return ASCII.matcher(lower).matches()
        ? lower
        : MARKS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFD)).replaceAll("");
  }

  /** The one form. */
  public static String normal(String name) {
    String joined = PER_CENT.matcher(plain(name)).replaceAll("$1%");
    return BETWEEN
        .splitAsStream(joined)
        .filter(word -> !word.isEmpty())
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
