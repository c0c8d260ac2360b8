package honeststack.core.said;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.regex.Pattern;

/**
 * What a pattern says of words, remembered: few words are said often, and each is asked for by many
 * rules. For any number of threads.
 */
final class Remembered {
  /** When so many words are kept they are forgotten: the usual ones soon come back. */
  private static final int MOST = 4096;

  private final Predicate<String> says;
  private final Map<String, Boolean> known = new ConcurrentHashMap<>();

  private Remembered(Predicate<String> says) {
    this.says = says;
  }

  /** Of all of a word. */
  static Remembered whole(String pattern) {
    return new Remembered(Pattern.compile(pattern).asMatchPredicate());
  }

  /** Of any part of a word. */
  static Remembered part(String pattern) {
    return new Remembered(Pattern.compile(pattern).asPredicate());
  }

  boolean is(String word) {
    Boolean said = known.get(word);
    if (said == null) {
      said = says.test(word);
      if (known.size() >= MOST) {
        known.clear();
      }
      known.put(word, said);
    }
    return said;
  }
}
