package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;

/**
 * All of it, and then what it is made of: "Of the 200 g flour, 150 is spelt and 50 is rye", "250 g
 * flour, of which 100 g spelt, 100 g rye and 50 g oat flour". Where the parts come to all of it,
 * they are what was measured.
 */
final class PartsOfAll {
  private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)";

  private static final String UNIT = "(g|kg|ml|dl|l|oz|lb|cups?|tbsp|tsp)\\b";

  /** No food: where it goes, what became of it. */
  private static final String NO_NAME =
      "(?!(?:for|from|into|with|more|went|goes|going|now|later|left|over|gone|used|spare|batter|pan|top|the|were|was|are)\\b)";

  private static final String NAME =
      NO_NAME + "(\\p{L}{3,12}(?: (?!and\\b|plus\\b)" + NO_NAME + "\\p{L}{3,12})?)";

  /** Which sort of it: of itself it is no food. */
  private static final Set<String> SORTS =
      Set.of(
          "white",
          "brown",
          "wholemeal",
          "plain",
          "strong",
          "whole",
          "skimmed",
          "semi",
          "dark",
          "light",
          "salted",
          "unsalted",
          "oat",
          "soy",
          "almond",
          "rice",
          "coarse",
          "fine");

  private static final String IS = "(?:is|are|was|were|as) ";

  private static final String PART = part("(?:" + IS + ")?");

  private static final String AND = "(?:, and |, | and | plus | & )";

  private static final Sought AHEAD =
      said(
          "(?<=^|[.;,\\n] ?)(?:out of|of) (?:(?:the|my|our|those|these) )?"
              + NUMBER
              + " ?"
              + UNIT
              + " (?:of )?(?:the )?"
              + NAME
              + ",? "
              + part(IS)
              + "(?:"
              + AND
              + PART
              + ")?(?:"
              + AND
              + PART
              + ")?(?= ?(?:[.;\\n]|$))");

  private static final Sought BEHIND =
      said(
          "\\b(?:the )?"
              + NUMBER
              + " ?"
              + UNIT
              + " (?:of )?(?:the )?"
              + NAME
              + "(?:,? of (?:which|it|that|them)| (?:is|are|was)|,? being|,? namely)(?: (?:is|are|was))? "
              + PART
              + AND
              + PART
              + "(?:"
              + AND
              + PART
              + ")?(?= ?(?:[.;\\n]|$))");

  /** "Half of that flour is buckwheat." */
  private static final Sought SOME_OF_THAT =
      said(
          "\\b(half|an? (?:third|quarter)|two thirds|three quarters|\\d{1,4} ?(?:g|ml))( of)? (?:that|this|those|these|our) "
              + "(?=(?:\\p{L}{3,12} )?\\p{L}{3,12} (?:is|was|are|were)\\b)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              SOME_OF_THAT,
              at -> at.group(1) + (at.group(2) == null ? "" : " of") + " the ",
              " that ",
              " this ",
              " those ",
              " these ",
              " our "),
          Repair.of(AHEAD, PartsOfAll::ahead, "of "),
          Repair.of(
              BEHIND, PartsOfAll::behind, "of ", " is ", " are ", " was ", " being", " namely"));

  private PartsOfAll() {}

  /**
   * A number, its unit and its food.
   *
   * @param is between the unit and the food
   */
  private static String part(String is) {
    return NUMBER + " ?(?:" + UNIT + " ?)?(?:of (?:it )?)?" + is + "(?:the )?" + NAME;
  }

  /** One part of it alone leaves the rest as it is. */
  private static String ahead(MatchResult at) {
    boolean one = at.group(7) == null;
    if (!one || !isOwn(at, 4)) {
      return behind(at);
    }
    double all = number(at, 1);
    double part = number(at, 4);
    String rest = Numbers.plain(all - part) + " " + at.group(2) + " " + at.group(3);
    return part < all ? rest + ", " + part(at, 4) : at.group();
  }

  private static String behind(MatchResult at) {
    StringBuilder parts = new StringBuilder();
    double sum = 0;
    for (int i = 4; i < at.groupCount(); i += 3) {
      if (at.group(i) != null) {
        sum += number(at, i);
        parts.append(i > 4 ? ", " : "").append(part(at, i));
        if (!isOwn(at, i)) {
          return at.group();
        }
      }
    }
    return Math.abs(sum - number(at, 1)) < 1e-6 ? parts.toString() : at.group();
  }

  /** In the unit of all of it, or in none. */
  private static boolean isOwn(MatchResult at, int number) {
    String unit = at.group(number + 1);
    return unit == null || unit.equalsIgnoreCase(at.group(2));
  }

  private static double number(MatchResult at, int group) {
    return Double.parseDouble(at.group(group).replace(',', '.'));
  }

  private static String part(MatchResult at, int number) {
    String name = at.group(number + 2);
    boolean sort = SORTS.contains(name.toLowerCase(Locale.ROOT));
    return at.group(number) + " " + at.group(2) + " " + name + (sort ? " " + at.group(3) : "");
  }
}
