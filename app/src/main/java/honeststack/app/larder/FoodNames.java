package honeststack.app.larder;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Brings the names of foods to one form: case, accents, plurals and word order do not matter. */
public final class FoodNames {
  private static final Pattern ASCII = Pattern.compile("\\p{ASCII}*");
  private static final Pattern MARKS = Pattern.compile("\\p{M}+");

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
    String plain = plain(name);
    List<String> words = new ArrayList<>();
    int from = -1;
    for (int i = 0; i <= plain.length(); i++) {
      boolean in = i < plain.length() && isWord(plain.charAt(i));
      if (in && from < 0) {
        from = i;
      } else if (!in && from >= 0) {
        add(words, plain.substring(from, i));
        from = -1;
      }
    }
    if (words.size() > 1) {
      Collections.sort(words);
    }
    return String.join(" ", words);
  }

  private static boolean isWord(char c) {
    return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '%';
  }

  /** "2 %" is one word. */
  private static void add(List<String> words, String word) {
    int last = words.size() - 1;
    if (word.equals("%") && last >= 0 && Character.isDigit(words.get(last).charAt(0))) {
      words.set(last, words.get(last) + "%");
    } else {
      words.add(singular(word));
    }
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
