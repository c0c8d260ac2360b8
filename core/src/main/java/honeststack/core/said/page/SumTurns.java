package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * What is told by a difference, or by what it is taken from, and then as it is: "1 egg less, so 2",
 * "an extra 50 ml milk, 250 in all", "the juice of one orange, about 80 ml".
 */
final class SumTurns {
  private static final String UNIT =
      "kg|g|gr|grams?|ml|cl|dl|l|tbsps?|tablespoons?|tsps?|teaspoons?|oz|ounces?|cups?";

  private static final String NUMBER = "\\d+(?:[.,]\\d+)?";

  private static final String DIFFERENT = "(?:less|more|fewer|extra|additional|further)";

  /** So many at most where no unit is said: of eggs, not of pieces. */
  private static final int MOST = 12;

  private static final Sought SUM =
      said(
          "\\b(?=(?:\\d|an?\\b|one\\b|two\\b|three\\b|half\\b|extra|additional|further))(?=[^.,;\\n]{0,30}\\b"
              + DIFFERENT
              + "\\b)(?:an? )?(?:(?:extra|additional|further) )?(?:"
              + NUMBER
              + "|one|two|three|half|an?)(?: ?("
              + UNIT
              + ")\\b)?(?: (?:of|"
              + DIFFERENT
              + "))*(?: (?!"
              + DIFFERENT
              + "\\b)(\\p{L}{3,12}(?: (?!than\\b|less\\b|more\\b|fewer\\b)\\p{L}{3,12})?))(?: "
              + DIFFERENT
              + ")?(?: than [a-z ]{3,24}?)?,?((?: (?:so|that's|which makes|that makes|which is|making|and that's|giving|=|it's|then|now|it))*)"
              + " ("
              + NUMBER
              + "|two|three|four|five|six)(?: ?("
              + UNIT
              + ")\\b)?( (?:in all|in total|altogether|all told|all together))?(?=[,.;)\\n]|$)");

  private static final String FRUIT = "(lemon|lime|orange|grapefruit)s?";

  private static final String OF =
      "(?:the )?juice of (?:(?:an?|one|two|the|half an?|\\d|½) )?(?:large |small )?"
          + FRUIT
          + ",? (?:\\()?(?:about |around |roughly |say )?("
          + NUMBER
          + " ?(?:g|ml|tbsp|tsp|tablespoons?|teaspoons?)\\b)(?= ?(?:[,.;)\\n]|$|and\\b|with\\b))\\)?";

  private static final Sought JUICE = said("\\b" + OF + "(,? and (?:its|the) (?:zest|rind)\\b)?");

  /** "Zest of the lemon and its juice, 40 ml." */
  private static final Sought ZEST =
      said(
          "\\b(?:the )?(?:zest|rind) of (?:the|an?|one|1) "
              + FRUIT
              + " and (?:its|the) juice,? (?:\\()?(?:about |around )?("
              + NUMBER
              + " ?(?:g|ml|tbsp|tsp)\\b)\\)?");

  /** "4 dl milk-water (half and half)". */
  private static final Sought HALVES =
      said(
          "\\b("
              + NUMBER
              + " ?(?:"
              + UNIT
              + ")) (?:of )?(?:warm |lukewarm |cold )?(\\p{L}{3,12})(?:[/-]| and (?=\\p{L}+ (?:mixed|in)\\b))(\\p{L}{3,12})(?: mixed| in| mix(?:ture)?)?,? \\(?"
              + "(?:half(?: and |-| & |/)half|50 ?[:/] ?50|1 ?: ?1|fifty[- ]fifty|equal parts)\\)?(?=[,.;)\\n]|$| and )");

  private static final String MORE_OF_IT =
      "(?:another |an extra |extra |an additional )?(?:("
          + NUMBER
          + "|an?|one|two) ?(?:("
          + UNIT
          + ")\\b)?)(?: more| extra)?(?: of)? (\\p{L}{3,12}(?: \\p{L}{3,12})?)(?: more)?(?: (?:in|goes in|went in))?";

  private static final String ALREADY =
      "(?: (?:of (?:it|that|them)))?(?: (?:already (?:in|there|in there)|in already|from before|before|i had|in there))?(?=[.,;)\\n]|$)";

  /** "200 ml milk. … another 30 ml milk on top of the 200": the first was told. */
  private static final Sought TOLD_ALREADY =
      said(
          "(?= on top of )(?<=\\b("
              + NUMBER.replace("+", "{1,4}")
              + ") ?(?:"
              + UNIT
              + ") [^\\n]{3,120}) on top of (?:the|my|those|that) \\1(?: ?(?:"
              + UNIT
              + "))?\\b"
              + ALREADY);

  /** "another 30 ml milk on top of the 250". */
  private static final Sought ON_TOP_OF =
      said(
          "\\b"
              + MORE_OF_IT
              + " on top of (?:the|my|those|that) ("
              + NUMBER
              + "|two|three|four|five|six)(?: ?("
              + UNIT
              + "))?\\b"
              + ALREADY);

  /** "on top of the 200 g flour another 30 g went in". */
  private static final Sought ON_TOP_AHEAD =
      said(
          "\\bon top of (?:the|my|those|that) ("
              + NUMBER
              + ") ?("
              + UNIT
              + ") (?:of )?(\\p{L}{3,12}(?: \\p{L}{3,12})?),? (?:i (?:put|added|gave it) )?(?:another|an extra) ("
              + NUMBER
              + ") ?(?:\\2)?(?: (?:went|goes|go) in)?(?=[.,;)\\n]|$)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(TOLD_ALREADY, "", "on top of "),
          Repair.of(ON_TOP_OF, SumTurns::onTop, "on top of "),
          Repair.of(
              ON_TOP_AHEAD,
              at -> added(at.group(1), at.group(4), at.group(2)) + " " + at.group(3),
              "on top of "),
          Repair.of(
              HALVES,
              at -> at.group(1) + " half " + at.group(2) + " half " + at.group(3),
              "half",
              "50",
              "1:1",
              "fifty",
              "equal"),
          Repair.of(
              SUM, SumTurns::sum, " less", " more", " fewer", "extra ", "additional ", "further "),
          Repair.of(JUICE, SumTurns::juice, "juice of "),
          Repair.of(ZEST, SumTurns::zest, " juice"));

  private SumTurns() {}

  /** As it was where nothing says that it is the sum. */
  private static String sum(MatchResult at) {
    String unit = at.group(5) == null ? at.group(1) : at.group(5);
    boolean summed = !at.group(3).isBlank() || at.group(6) != null;
    boolean alike =
        at.group(1) == null
            ? at.group(5) == null && isFew(at.group(4))
            : at.group(5) != null || at.group(6) != null;
    return summed && alike
        ? "now " + at.group(4) + (unit == null ? "" : " " + unit) + " " + at.group(2)
        : at.group();
  }

  /** Only in one unit are they added. */
  private static String onTop(MatchResult at) {
    boolean one = at.group(5) == null || at.group(5).equalsIgnoreCase(at.group(2));
    boolean plain = at.group(2) == null ? Numerals.of(at.group(4)) <= MOST : true;
    return one && plain
        ? added(at.group(1), at.group(4), at.group(2)) + " " + named(at)
        : at.group();
  }

  private static String named(MatchResult at) {
    boolean egg = at.group(3).equalsIgnoreCase("egg");
    return egg ? "eggs" : at.group(3);
  }

  private static String added(String one, String other, String unit) {
    String sum = Numbers.plain(number(one) + number(other));
    return unit == null ? sum : sum + " " + unit;
  }

  private static double number(String said) {
    int whole = said.matches("\\d+[.,]\\d+") ? -1 : Numerals.of(said);
    return whole >= 0 ? whole : Double.parseDouble(said.replace(',', '.'));
  }

  private static boolean isFew(String number) {
    return !Character.isDigit(number.charAt(0))
        || Double.parseDouble(number.replace(',', '.')) <= MOST;
  }

  private static String juice(MatchResult at) {
    String juice = at.group(2) + " " + at.group(1) + " juice";
    return at.group(3) == null ? juice : juice + " and zest of one " + at.group(1);
  }

  private static String zest(MatchResult at) {
    return "zest of one " + at.group(1) + ", " + at.group(2) + " " + at.group(1) + " juice";
  }
}
