package honeststack.core.said.supposed;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.WordSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;

/**
 * Which of several recipes of one text was made, where it says so: "A: … B: … I made B.", "Option
 * 1: … Option 2: … Option 2 it was." The others are left out.
 */
public final class ChosenVersion {
  private static final String KIND =
      "(?:version|recipe|plan|option|variant|variation|way|batter|no\\.?|number|choice)";

  private static final String WHICH =
      "(?:a|b|c|1|2|3|one|two|three|first|second|third|former|latter|last)";

  /** At the head of a recipe. */
  private static final Sought LABEL =
      Sought.of(
          "(?:(?:the|my|and|or|then|,) )*(?:"
              + KIND
              + " (?<behind>"
              + WHICH
              + ")|(?:the )?(?<before>first|second|third)(?: "
              + KIND
              + "| one)?|(?<alone>a|b|c|1|2|3|one|two|three)(?= ?[:)=]))"
              + "(?: ?[:,)=–-]| is| has| was| takes| uses)+ .*");

  private static final String THAT =
      "(?:the )?(?:"
          + KIND
          + " (?<behind>"
          + WHICH
          + ")|(?<before>first|second|third|former|latter|last)(?: "
          + KIND
          + "| one)?|(?<alone>a|b|c|1|2|3))";

  private static final List<Sought> CHOSEN =
      List.of(
          Sought.of(
              "(?:(?:and|so|but|today|this time|in the end|,) )*(?:(?:i|we)(?:'ve|'m| have| always| usually)* )?"
                  + "(?:made|make|did|do|chose|choose|picked|took|take|used|use|went (?:for|with)|go (?:for|with)|going (?:for|with)|cooked|had|opted for|stuck with|stick with|prefer|preferred|tried|ended up with|it was|it's|settled on)"
                  + " "
                  + THAT
                  + "(?: (?:today|this time|in the end|tonight|of course))*[ .!]*"),
          Sought.of(
              "(?:(?:and|so|but) )*(?:today's|tonight's|this one|mine|ours|this|the one (?:i|we) made|what (?:i|we) made)(?:'s| was| is) "
                  + THAT
                  + "[ .!]*"),
          Sought.of(
              "(?:(?:and|so|but|today|this time|in the end|,) )*"
                  + THAT
                  + " (?:it was|it is|won|wins|today|this time|was (?:made|it|the one)|is what (?:i|we) (?:made|did|use|used|took)|got made|for me|for us|please)[ .!]*"));

  private static final Map<String, Integer> NUMBERS =
      Map.ofEntries(
          Map.entry("a", 0),
          Map.entry("1", 0),
          Map.entry("one", 0),
          Map.entry("first", 0),
          Map.entry("former", 0),
          Map.entry("b", 1),
          Map.entry("2", 1),
          Map.entry("two", 1),
          Map.entry("second", 1),
          Map.entry("latter", 1),
          Map.entry("c", 2),
          Map.entry("3", 2),
          Map.entry("three", 2),
          Map.entry("third", 2));

  private static final Set<String> LAST = WordSet.of("last");

  private static final int FEWEST = 2;

  /** Words of a label. */
  private static final int HEAD = 4;

  /** A label that can be nothing else. */
  private static final Sought SURELY = Sought.of("\\b" + KIND + "\\b.*");

  private static final Sought SAME =
      Sought.of(
          "\\b(?:the same|same as|as (?:a|b|one|two|1|2|version|plan|recipe|option|above|before))\\b");

  private ChosenVersion() {}

  /** Behind another one, whether a version of its own begins. */
  public static boolean starts(List<Clause> read, Clause clause) {
    boolean label = isSure(clause) && LABEL.isAll(clause.words(0, HEAD + HEAD));
    return label && read.stream().anyMatch(ChosenVersion::isSure);
  }

  private static boolean isSure(Clause clause) {
    String words = clause.words(0, Math.min(clause.size(), HEAD));
    return clause.mentions.size() >= FEWEST && SURELY.isIn(words);
  }

  public static void find(List<Clause> read) {
    if (choose(read)) {
      return;
    }
    List<List<Clause>> versions = versions(read);
    boolean sure = versions.stream().allMatch(version -> isSure(version.get(0)));
    for (int j = 1; sure && j < versions.size(); j++) {
      versions.get(j).forEach(Versions::leaveOut);
    }
  }

  private static boolean choose(List<Clause> read) {
    for (int i = 1; i < read.size(); i++) {
      Clause clause = read.get(i);
      String which = clause.mentions.isEmpty() ? chosen(clause) : null;
      List<List<Clause>> versions = which == null ? List.of() : versions(read.subList(0, i));
      int chosen =
          which == null ? -1 : LAST.contains(which) ? versions.size() - 1 : NUMBERS.get(which);
      boolean same = chosen >= 0 && chosen < versions.size() && isSame(versions.get(chosen));
      if (versions.size() >= FEWEST && chosen >= 0 && chosen < versions.size() && !same) {
        for (int j = 0; j < versions.size(); j++) {
          if (j != chosen) {
            versions.get(j).forEach(Versions::leaveOut);
          }
        }
        said(clause);
        return true;
      }
      if (which != null && (NUMBERS.getOrDefault(which, 1) == 0 || versions.size() >= FEWEST)) {
        said(clause); // of one that is told in a word: "… or without eggs. I did the first."
      }
    }
    return false;
  }

  /** "B: the same with 50 g sugar": told by another one. */
  private static boolean isSame(List<Clause> version) {
    return version.stream().anyMatch(clause -> SAME.isIn(clause.words(0, clause.size())));
  }

  private static void said(Clause clause) {
    clause.passOverAmounts();
    clause.counts.clear();
    clause.batch = Optional.empty();
  }

  private static String chosen(Clause clause) {
    String words = clause.words(0, clause.size());
    for (Sought form : CHOSEN) {
      Matcher said = form.matcher(words);
      if (form.begins(words) && said.matches()) {
        return which(said);
      }
    }
    return null;
  }

  private static String which(Matcher said) {
    String one = said.group("behind") == null ? said.group("before") : said.group("behind");
    return one == null ? said.group("alone") : one;
  }

  /** The sentences of each. */
  private static List<List<Clause>> versions(List<Clause> read) {
    List<List<Clause>> versions = new ArrayList<>();
    for (Clause clause : read) {
      String words = clause.words(0, HEAD + HEAD);
      Matcher label = LABEL.matcher(words);
      boolean starts = LABEL.begins(words) && label.matches();
      if (starts && NUMBERS.get(which(label)) == versions.size()) {
        versions.add(new ArrayList<>());
      }
      if (!versions.isEmpty()) {
        versions.get(versions.size() - 1).add(clause);
      }
    }
    return versions;
  }
}
