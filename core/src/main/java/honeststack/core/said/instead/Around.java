package honeststack.core.said.instead;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * The words around two amounts, and what of them {@link Contrast} weighs: each word where it stands
 * and wherever it stands, each two that follow each other, and the first and the last.
 *
 * @param before those before the first, at most eight
 * @param between those between the two, at most fourteen
 * @param behind those behind the second, at most eight
 * @param bare the second has no food
 */
public record Around(List<String> before, List<String> between, List<String> behind, boolean bare) {
  private static final int FAR = 8;
  private static final int BETWEEN = 14;

  /** What is always there: how likely each answer is without a word. */
  static final String ANY = "any";

  private static final String BARE = "bare";

  public Around {
    before = before.subList(Math.max(0, before.size() - FAR), before.size());
    between = between.subList(0, Math.min(BETWEEN, between.size()));
    behind = behind.subList(0, Math.min(FAR, behind.size()));
  }

  /** Words in small letters with spaces between, and a comma for each mark. */
  public static Around of(String before, String between, String behind, boolean bare) {
    return new Around(words(before), words(between), words(behind), bare);
  }

  private static List<String> words(String text) {
    List<String> words = new ArrayList<>();
    for (String word : text.split(" ")) {
      if (!word.isEmpty()) {
        words.add(Character.isDigit(word.charAt(0)) ? "0" : word);
      }
    }
    return words;
  }

  public Set<String> features() {
    Set<String> features = new LinkedHashSet<>();
    features.add(bare ? BARE : ANY);
    add(features, "before", before);
    add(features, "between", between);
    add(features, "behind", behind);
    return features;
  }

  private static void add(Set<String> features, String where, List<String> words) {
    String last = "^";
    for (String word : words) {
      features.add(ANY + "/" + word);
      features.add(where + "/" + word);
      features.add(where + "/" + last + "_" + word);
      last = word;
    }
    features.add(where + "/" + last + "_$");
  }
}
