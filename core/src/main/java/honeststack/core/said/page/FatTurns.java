package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * Fat as it is told while it goes into the pan: "a tablespoon of oil first and another halfway
 * through", "a tablespoon does three", "5 g for every four".
 */
final class FatTurns {
  private static final String UNIT =
      "(?:teaspoon|tablespoon|dessertspoon|tsp|tbsp|knob|splash|drizzle|spray)";

  private static final String FAT =
      "((?: of)?(?: (?:the|olive|sunflower|rapeseed|vegetable|coconut|canola|peanut|melted|clarified|salted|unsalted))* (?:oil|butter|ghee|lard|margarine|dripping|fat))";

  private static final String AT_FIRST =
      "(?: (?:in|into|on) (?:the|my) (?:pan|iron|griddle|skillet))?"
          + "(?: (?:first|to start(?: with| off)?|at first|at the (?:start|beginning)|initially))?,?";

  private static final String LATER =
      "(?:(?:half ?way|midway)(?: through)?|later(?: on)?|in the middle|in between|towards the end|at half ?time|for the (?:rest|second half|others)"
          + "|(?:after|before) the (?:first|second|third|fourth|fifth|sixth|last)(?: (?:one|few|pancake|waffle|round|batch))?)";

  private static final String END = "(?= ?(?:[.,;)\\n]|$))";

  /** "a tablespoon of oil in the pan first and another halfway through". */
  private static final Sought ANOTHER =
      said(
          "\\b(?:an?|one|1) "
              + ("(" + UNIT + ")" + FAT)
              + AT_FIRST
              + " (?:and |then |and then )(?:another|one more|a second|1 more)(?: one)?(?: (?:teaspoon|tablespoon|knob))? "
              + LATER
              + END);

  /** "Two teaspoons of oil at the start, one more later." */
  private static final Sought MORE =
      said(
          "\\b(two|three|four|2|3|4) "
              + ("(" + UNIT + "s)" + FAT)
              + AT_FIRST
              + " (?:and |then |and then )?(?:another|one more|a second|1 more)(?: one)? "
              + LATER
              + END);

  /** "a tablespoon does three", "5 g does for two". */
  private static final Sought DOES =
      said(
          "\\b(?:(\\d{1,3}) ?g|(an?|one|two|half an?) (tea|table)spoons?)(?: of (oil|butter|ghee|it))?"
              + " (?:(?:will )?(?:does?|do(?: me)? for|is enough for|lasts?|covers?|does for|is good for|goes for|stretches to|gets me through) )"
              + "(?:about )?"
              + Numerals.STRICT
              + "(?: (?:pancakes|waffles|cr[eê]pes|of them|of those|pieces))?"
              + "(?= ?(?:[.,;)\\n]|$)| and (?:i|there|we|it)\\b)");

  /** "a tablespoon for every four". */
  private static final Sought EVERY =
      said(
          "(?<=\\b(?:(?:tea|table)spoon|tsp|tbsp|g|ml)(?: of)?(?: (?:oil|butter|ghee|lard))? )for every "
              + Numerals.STRICT
              + "(?: of them| or so)?"
              + END);

  /** "With half a teaspoon ghee for each I made six." */
  private static final Sought WITH_EACH =
      said(
          "\\bwith ((?:about )?(?:half |a |an |one |two |\\d+ ?|½ ?|¼ ?)+"
              + ("(?:" + UNIT + "s?|g|ml)" + FAT)
              + ") for each(?: one)?,? (?=(?:i|we|it|that) (?:made|got|had|get|make|makes|gives|gave)\\b)");

  /** "10 g butter kept them from sticking." */
  private static final Sought WAS_ENOUGH =
      said(
          "(?<=\\b(?:oil|butter|ghee|lard|margarine|dripping|fat)) (?:saw me through(?: it| them| the lot)?|did (?:the (?:whole )?lot|them all|all of them)"
              + "|(?:kept|stopped) them (?:from )?(?:sticking|moving)|lasted (?:me )?(?:the (?:whole )?(?:session|lot|morning|batch)|for all of them|throughout))"
              + END);

  private static final String EACH =
      "(?:(?:each|apiece|every time|in the pan|(?:for|in) (?:each|every)(?: (?:one|pancake|waffle|hole|cup|well))?(?: of (?:the|my) (?:pan|iron))?|per (?:pancake|waffle|piece)))";

  /** "In every hole of the pan a small lump of butter, 50 g in all." */
  private static final Sought IN_ALL =
      said(
          "\\b(?:(?:each (?:one )?got|"
              + EACH
              + "),? )?(?:an?|some) (?:(?:small|little|tiny|good) )?(?:lump|dab|bit|knob|drop|dot|piece|drizzle|splash|smear|scrape)"
              + FAT
              + "(?: "
              + EACH
              + ")*,? (\\d{1,3} ?(?:g|ml)) (?:in all|altogether|in total|all told|over the lot)"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              IN_ALL,
              at -> at.group(2) + at.group(1).replaceFirst("^ of", "") + " in the pan",
              "in all",
              "altogether",
              "in total",
              "all told",
              "over the lot"),
          Repair.as(WAS_ENOUGH, " in the pan", "saw ", " did ", "stick", "lasted"),
          Repair.of(WITH_EACH, at -> "fry in " + at.group(1) + " each. ", " for each"),
          Repair.of(ANOTHER, at -> "two " + more(at, 1), "another", "more", "second"),
          Repair.of(
              MORE,
              at -> Numerals.of(at.group(1)) + 1 + " " + more(at, 2),
              "another",
              "more",
              "second"),
          Repair.of(
              DOES,
              FatTurns::each,
              "do",
              "enough",
              "last",
              "cover",
              "good",
              "goes",
              "gets",
              "stretch"),
          Repair.of(EVERY, at -> "per " + Numerals.of(at.group(1)) + " crepes", "for every"));

  private FatTurns() {}

  /** More than one of a unit, in the pan. */
  private static String more(MatchResult at, int unit) {
    String one = at.group(unit).toLowerCase(Locale.ROOT);
    String many = one.matches("tsp|tbsp|.*s") ? one : one.equals("splash") ? "splashes" : one + "s";
    return many + at.group(unit + 1) + " in the pan";
  }

  private static String each(MatchResult at) {
    String amount =
        at.group(1) != null
            ? at.group(1) + "g"
            : number(at.group(2)) + (at.group(3).equalsIgnoreCase("tea") ? " tsp" : " tbsp");
    boolean fat = at.group(4) != null && !at.group(4).equalsIgnoreCase("it");
    return amount + (fat ? " " + at.group(4) : "") + " per " + Numerals.of(at.group(5)) + " crepes";
  }

  private static String number(String said) {
    String low = said.toLowerCase(Locale.ROOT);
    return low.startsWith("half") ? "½" : low.equals("two") ? "2" : "1";
  }
}
