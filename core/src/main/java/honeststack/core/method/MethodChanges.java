package honeststack.core.method;

import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What changed in the steps of a recipe, as a cook would say it. */
public final class MethodChanges {
  private static final int LONGEST = 60;

  private MethodChanges() {}

  /** One phrase for each change, in the order of the work; none if nothing changed. */
  public static List<String> between(List<String> before, List<String> after) {
    int[][] common = common(before, after);
    List<String> changes = new ArrayList<>();
    int i = 0;
    int j = 0;
    while (i < before.size() || j < after.size()) {
      if (i < before.size() && j < after.size() && alike(before.get(i), after.get(j))) {
        changed(before.get(i++), after.get(j++)).ifPresent(changes::add);
      } else if (j == after.size() || i < before.size() && common[i + 1][j] >= common[i][j + 1]) {
        changes.add("step left out: " + quoted(before.get(i++)));
      } else {
        changes.add("step added: " + quoted(after.get(j++)));
      }
    }
    return changes;
  }

  /** The longest common run of steps from each pair of places on. */
  private static int[][] common(List<String> before, List<String> after) {
    int[][] common = new int[before.size() + 1][after.size() + 1];
    for (int i = before.size() - 1; i >= 0; i--) {
      for (int j = after.size() - 1; j >= 0; j--) {
        common[i][j] =
            alike(before.get(i), after.get(j))
                ? common[i + 1][j + 1] + 1
                : Math.max(common[i + 1][j], common[i][j + 1]);
      }
    }
    return common;
  }

  /** The same step, but for its numbers. */
  private static boolean alike(String a, String b) {
    return bare(a).equals(bare(b));
  }

  private static String bare(String text) {
    return text.toLowerCase(Locale.ROOT)
        .replaceAll("[\\d½¼¾.,–-]+|\\b(?:seconds?|secs?|minutes?|mins?|hours?|hrs?)\\b", " ")
        .replaceAll("\\W+", " ")
        .strip();
  }

  private static Optional<String> changed(String before, String after) {
    return before.strip().equals(after.strip())
        ? Optional.empty()
        : Optional.of(quoted(after) + " instead of " + quoted(before));
  }

  private static String quoted(String text) {
    String said = text.strip();
    return Say.quoted(said.length() <= LONGEST ? said : said.substring(0, LONGEST).strip() + " …");
  }
}
