package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Counted;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Sought;
import java.util.Optional;
import java.util.regex.Matcher;

/** Eaters who are named and not numbered: "me and my sister get 3 each", "feeds me and a mate". */
public final class Company {
  private static final String KIN =
      "(?:"
          + People.KIN
          + "|boy|girl|kid|child|guest|lodger|toddler|baby|other half|one other|other)";

  private static final String ONE =
      "(?:(?:my|the|our|a|an|his|her|one) (?:[a-z]+ )?"
          + KIN
          + "|me|i|myself|"
          + People.NAMED
          + ")";

  private static final String NUMBER =
      "(?:\\d{1,2}|" + String.join("|", Counted.WORDS.subList(2, 9)) + ")";

  /** "three kids". */
  private static final String SOME =
      "(?:(?:the|our|my|his|her|their) )?"
          + NUMBER
          + " (?:[a-z]+ )?(?:"
          + KIN
          + "s|children|kids|wives)";

  private static final Sought SEVERAL = Sought.of("\\b" + SOME);

  private static final String JOINT = "(?: ?, (?:and )?| (?:and|n|&|plus|\\+|'n') )";

  private static final String EAT =
      "(?:(?:will |can |usually |always |then )?(?:get|have|had|eat|ate|got|share|polish off)\\b.*)";

  /** More than one; without it none is named. */
  private static final Sought PAIR =
      Sought.of(
          "\\b"
              + ONE
              + JOINT
              + "(?:"
              + ONE
              + "|"
              + SOME
              + ")|\\b(?:both|us both|us two|the pair)\\b");

  private static final Sought NAMED =
      Sought.of(
          "(?<before>^|.*? )(?<eaters>"
              + ONE
              + "(?:"
              + JOINT
              + "(?:"
              + ONE
              + "|"
              + SOME
              + "))+|both of us|us two|us both|we both|the pair of us)"
              + "(?<behind>(?: (?!(?:and|n|&|plus|\\+) ).*)?)");

  private static final Sought FED =
      Sought.of("(?:.* )?(?:feeds|feed|fed|serves|serve|for|does|fills) (?:just |only )?");

  private final Clause clause;

  private Company(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    boolean may =
        clause.counts.serves.isEmpty()
            && clause.elements.stream()
                .anyMatch(
                    e ->
                        e.isWord("me", "i", "both", "us", "myself", "mum", "mom", "mam", "dad")
                            || e.low().endsWith(" me")); // "does me and my sister"
    if (may) {
      new Company(clause).read();
    }
  }

  private void read() {
    String words = clause.words(0, clause.size());
    Matcher named = NAMED.matcher(words);
    if (!PAIR.isIn(words) || !named.matches()) {
      return;
    }
    boolean eat = named.group("behind").strip().matches(EAT);
    String eaters = named.group("eaters");
    boolean only = named.group("before").isEmpty() && named.group("behind").strip().length() < 2;
    boolean some = SEVERAL.isIn(eaters);
    if (!eat && !(only && some) && !FED.isAll(named.group("before"))) {
      return;
    }
    int several = several(eaters);
    clause.counts.serves = Optional.of(new Told.Count(several, several));
    mark(named.start("eaters"), named.end("eaters"));
  }

  private static int several(String eaters) {
    if (eaters.matches("both .*|us .*|we both|the pair .*")) {
      return 2;
    }
    int several = 0;
    for (String one : eaters.split(JOINT)) {
      String first =
          one.replaceFirst("^(?:the|our|my|his|her|their) (?=" + NUMBER + ")", "").split(" ")[0];
      boolean number = first.matches(NUMBER);
      int many = number ? Counted.WORDS.indexOf(first) : 1;
      several += many < 0 ? Integer.parseInt(first) : many;
    }
    return several;
  }

  /** Takes the elements between two places of the joined words. */
  private void mark(int from, int to) {
    int at = 0;
    for (Element element : clause.elements) {
      boolean within = at >= from && at < to;
      if (within && element.isFree()) {
        element.part = Part.SERVES;
      }
      at += element.low().length() + 1;
    }
  }
}
