package honeststack.app.larder;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.apache.lucene.analysis.miscellaneous.ASCIIFoldingFilter;

/**
 * Brings the names of foods, in whatever script, to one form: case, accents, plurals and word order
 * do not matter.
 */
public final class FoodNames {
  private static final Pattern ASCII = Pattern.compile("\\p{ASCII}*");
  private static final Pattern APOSTROPHES = Pattern.compile("['’ʼ]");

  private static final Pattern YOGURT = Pattern.compile("^y(?:o|ou)g(?:h|ho|o)urt");

  /** What is often written right behind what it is of. */
  private static final List<String> JOINED =
      List.of(
          "milk", "flour", "butter", "oil", "sugar", "powder", "cheese", "syrup", "seed", "white",
          "yolk", "sauce", "fat");

  private static final int SHORTEST_JOINED = 3;

  private FoodNames() {}

  /** Small letters without accents: Unicode's compatibility form, folded. */
  static String plain(String name) {
    if (ASCII.matcher(name).matches()) {
      return name.toLowerCase(Locale.ROOT).replace("'", "");
    }
    String composed = Normalizer.normalize(name, Normalizer.Form.NFKC);
    // Both ways, so that letters with several small forms become one.
    String folded = composed.toUpperCase(Locale.ROOT).toLowerCase(Locale.ROOT).replace('ς', 'σ');
    char[] in = APOSTROPHES.matcher(folded).replaceAll("").toCharArray();
    char[] out = new char[4 * in.length];
    return new String(out, 0, ASCIIFoldingFilter.foldToASCII(in, 0, out, 0, in.length));
  }

  /** Whether a food can be found by a name: it has a letter, of any script. */
  static boolean isName(String name) {
    return name.codePoints().anyMatch(Character::isLetter) && !normal(name).isEmpty();
  }

  /** The one form. */
  public static String normal(String name) {
    String plain = plain(name);
    List<String> words = new ArrayList<>();
    int from = -1;
    int step = 1;
    for (int i = 0; i <= plain.length(); i += step) {
      int c = i < plain.length() ? plain.codePointAt(i) : ' ';
      step = Character.charCount(c);
      boolean in = isWord(c);
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

  /** Letters and digits of every script, with the marks that belong to them. */
  private static boolean isWord(int c) {
    if (c < 128) {
      return (c >= 'a' && c <= 'z') || (c >= '0' && c <= '9') || c == '%';
    }
    int type = Character.getType(c);
    return Character.isLetterOrDigit(c)
        || type == Character.NON_SPACING_MARK
        || type == Character.COMBINING_SPACING_MARK;
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

  /** A name in the one form with words that were written as one taken apart: "oatmilk". */
  static String apart(String normal) {
    List<String> words = new ArrayList<>();
    for (String word : normal.split(" ")) {
      String end = joined(word);
      words.add(word.substring(0, word.length() - end.length()));
      if (!end.isEmpty()) {
        words.add(end);
      }
    }
    Collections.sort(words);
    return String.join(" ", words);
  }

  /** The end of a word that is a word by itself; empty if there is none. */
  private static String joined(String word) {
    for (String end : JOINED) {
      int from = word.length() - end.length();
      if (from >= SHORTEST_JOINED && word.endsWith(end)) {
        boolean letters = word.chars().limit(from).allMatch(Character::isLetter);
        return letters ? end : "";
      }
    }
    return "";
  }

  /** "yoghurt" and "yogurt" are one word. */
  private static String spelt(String word) {
    return word.startsWith("yogh") || word.startsWith("yogo") || word.startsWith("yough")
        ? YOGURT.matcher(word).replaceFirst("yogurt")
        : word;
  }

  private static String singular(String said) {
    String word = spelt(said);
    if (word.length() > 4 && word.endsWith("ies")) {
      return word.substring(0, word.length() - 3) + "y";
    }
    if (word.equals("peppers")) {
      return word; // vegetables; pepper is a spice
    }
    boolean hissed = word.endsWith("ches") || word.endsWith("shes") || word.endsWith("xes");
    if (word.length() > 5 && hissed) {
      return word.substring(0, word.length() - 2);
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
