package honeststack.app.said;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * Work of the same kind as reading, with none of its code: many patterns are sought in many
 * sentences, and many short strings are made and looked up. It is slowed by a busy machine as
 * reading is.
 */
final class Work {
  private static final List<Pattern> PATTERNS = patterns();
  private static final int LONGEST = 12;
  private static final int MOST = 50_000;

  private Work() {}

  private static List<Pattern> patterns() {
    List<Pattern> patterns = new ArrayList<>();
    for (char first = 'a'; first <= 'z'; first++) {
      for (char last = 'a'; last <= 'z'; last++) {
        patterns.add(Pattern.compile("\\b" + first + "\\w*" + last + "(?: (?:of|and|the))?\\b"));
      }
    }
    return patterns;
  }

  /** How often something was found, which nobody needs. */
  static long on(String text) {
    long found = 0;
    Map<String, Integer> seen = new HashMap<>();
    for (String sentence : text.split("[.,;\\n]")) {
      found += PATTERNS.stream().filter(p -> p.matcher(sentence).find()).count();
      for (int from = 0; from < sentence.length(); from++) {
        for (int to = from + 1; to <= Math.min(sentence.length(), from + LONGEST); to++) {
          found += seen.merge(sentence.substring(from, to), 1, Integer::sum);
        }
      }
      if (seen.size() > MOST) {
        seen.clear();
      }
    }
    return found;
  }
}
