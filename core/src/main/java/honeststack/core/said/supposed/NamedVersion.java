package honeststack.core.said.supposed;

import honeststack.core.food.Role;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Versions that are told by a name each, and which of them was made: "Original: 2 eggs … Lighter: 1
 * egg … We made the lighter one."
 */
public final class NamedVersion {
  private static final Sought CHOSEN =
      Sought.of(
          "(?:(?:and|so|but|today|tonight|this time|in the end|,) )*(?:(?:it was|this was|this is|today's (?:was|is)|tonight's (?:was|is)|mine (?:was|is)|ours (?:was|is))"
              + "|(?:i|we)(?:'ve|'m| have| always| usually)* (?:made|make|did|do|chose|picked|took|used|use|went (?:for|with)|going (?:for|with)|cooked|had|stuck with|ended up with))"
              + " (?:the )?(?<name>[a-z][a-z-]{2,}(?:['’]s)?)(?: (?:one|ones|version|recipe|way|batch|list|kind|sort))?"
              + "(?: (?:today|tonight|this time|in the end|this morning|of course))*[ .!]*");

  private static final int FEWEST = 2;

  /** Words of a label. */
  private static final int LONGEST = 3;

  /** So many letters tell a word: "light" is "lighter". */
  private static final int STEM = 5;

  private NamedVersion() {}

  private record Version(String label, List<Clause> clauses) {}

  public static void find(List<Clause> read) {
    for (int i = FEWEST; i < read.size(); i++) {
      Clause clause = read.get(i);
      String words = clause.words(0, clause.size());
      Matcher said = CHOSEN.matcher(words);
      if (clause.mentions.isEmpty() && CHOSEN.begins(words) && said.matches()) {
        choose(versions(read.subList(0, i)), said.group("name"), clause);
      }
    }
  }

  private static void choose(List<Version> versions, String name, Clause clause) {
    List<Version> named = versions.stream().filter(version -> isCalled(version, name)).toList();
    boolean recipes = versions.stream().allMatch(NamedVersion::isBatter);
    if (recipes && versions.size() >= FEWEST && named.size() == 1) {
      versions.stream()
          .filter(version -> version != named.get(0))
          .flatMap(version -> version.clauses.stream())
          .forEach(Versions::leaveOut);
      clause.passOverAmounts();
      clause.counts.clear();
      clause.batch = Optional.empty();
    }
  }

  /** No sauce. */
  private static boolean isBatter(Version version) {
    return version.clauses.stream()
        .flatMap(clause -> clause.mentions.stream())
        .anyMatch(mention -> mention.role() == Role.FLOUR || mention.role() == Role.EGG);
  }

  private static boolean isCalled(Version version, String name) {
    String stem = name.substring(0, Math.min(name.length(), STEM));
    return Arrays.stream(version.label.split("[ -]")).anyMatch(word -> word.startsWith(stem));
  }

  private static List<Version> versions(List<Clause> read) {
    List<Version> versions = new ArrayList<>();
    for (Clause clause : read) {
      String label = label(clause);
      if (!label.isEmpty()) {
        versions.add(new Version(label, new ArrayList<>()));
      }
      if (!versions.isEmpty()) {
        versions.get(versions.size() - 1).clauses.add(clause);
      }
    }
    return versions;
  }

  /** Before a colon, with a list behind it; empty for none. */
  private static String label(Clause clause) {
    for (int i = 1; i <= LONGEST && clause.has(i); i++) {
      if (clause.isMark(i, ":", "=", "–", "—")) {
        return clause.mentions.size() >= FEWEST ? clause.words(0, i) : "";
      }
      if (clause.isAmount(i - 1)) {
        return "";
      }
    }
    return "";
  }
}
