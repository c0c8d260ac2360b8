package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * Fat for frying, as the frying tells it: "a knob to begin with and a second one halfway, 20 g
 * together", "5 g to start, then 3 g for each further one", "half a teaspoon per side".
 */
final class FryingTurns {
  private static final String END = "(?= ?(?:[.;,)\\n]|$))";

  private static final String FAT =
      "((?:(?:olive|sunflower|rapeseed|vegetable|coconut|melted|clarified|salted|unsalted) )*(?:oil|butter|ghee|lard|margarine|dripping|fat))";

  private static final String GRAMS = "(\\d{1,3}(?:[.,]\\d)?) ?(g|ml|grams?)";

  private static final String IN_PAN =
      "(?: (?:in|into|for|on) (?:the|my) (?:pan|iron|griddle|skillet))?";

  private static final String LUMP =
      "(?:an?|one|some) (?:(?:small|little|good|tiny) )?(?:knob|nut|dab|bit|lump|splash|drop|drizzle|slug|glug|piece|smear)";

  /** "a knob of butter to begin with and a second one halfway, 20 g together" */
  private static final Sought TOGETHER =
      said(
          "\\b"
              + LUMP
              + " (?:of )?"
              + FAT
              + "(?:[^.;:\\d\\n]{0,30}?)(?:,| and|,? then)+ (?:another|a second|one more)(?: one)?[^.;:\\d\\n]{0,30}?,? (?:so |about |say |in all |that's )*"
              + GRAMS
              + " (?:together|altogether|in all|in total|all told|between them)"
              + END);

  /** "Butter in the pan: 5 g to start, then 3 g for each further one, nine in all." */
  private static final Sought AND_FURTHER =
      said(
          "\\b"
              + FAT
              + IN_PAN
              + "(?: ?[:,–-])? "
              + GRAMS
              + " (?:to start(?: with| off)?|to begin with|at first|first|for the first(?: one)?)(?:,| and| then|;)+ "
              + GRAMS
              + " (?:for (?:each|every) (?:further one|other one|one after(?: that)?|of the (?:others|rest)|more|new one|following one|one)|each(?: time)? after(?: that|wards)?)"
              + ",? (?:and )?(?:there were |i made |we made |it was |made )?"
              + Numerals.STRICT
              + "(?: (?:in all|altogether|in total|of them|all told))?"
              + END);

  /** "The first one takes 10 g of butter and after that none." */
  private static final Sought FIRST_ONE =
      said(
          "\\bthe first(?: (?:one|pancake|waffle|crepe))? (?:takes|took|gets|got|needs|needed|has|had|wants|wanted) "
              + "((?:half |a |an |one |two |\\d{1,2} ?)+(?:tsp|tbsp|g|ml|teaspoons?|tablespoons?|knob)) (?:of )?"
              + FAT
              + IN_PAN
              + "(?:,?(?: and| but|;)* (?:after that|then|the rest|the others|from then on)(?: (?:get|gets|got|need|needs|needed|had|have))? (?:none|nothing|no more|no fat|dry))?"
              + END);

  /** "I rub the griddle with a cut onion dipped in oil, maybe a teaspoon by the end." */
  private static final Sought RUBBED =
      said(
          "\\b(?:i |we )?(?:rub(?:bed)?|wipe[d]?|brush(?:ed)?|grease[d]?|smear(?:ed)?) (?:the|my) (pan|iron|griddle|skillet|tawa) with (?:[^.;:,\\d\\n]{3,30}?) (?:dipped|soaked|dunked) in "
              + FAT
              + ",? (?:(?:maybe|about|say|perhaps|roughly|i'd say|i reckon) )*((?:half |a |an |one |two |\\d{1,2} ?)+(?:tsp|tbsp|g|ml|teaspoons?|tablespoons?))"
              + "(?: (?:by the end|in all|altogether|in total|all told|for the lot|over the lot))?"
              + END);

  /** "Half a teaspoon of ghee per side": of both. */
  private static final Sought PER_SIDE =
      said(
          "\\b(half an?|an?|one|two|\\d{1,2}(?:[.,]\\d)?) ?(tsp|tbsp|g|ml|teaspoons?|tablespoons?)(?: of)? "
              + FAT
              + " (?:per|each|a|on each|for each|on either|for every) side");

  /** "I reckon 30 g of oil soaked in." */
  private static final Sought SOAKED =
      said(
          "(?<=\\b(?:oil|butter|ghee|lard|margarine|dripping|fat)) (?:(?:is|was|got|gets|has been) )?(?:soaked (?:in|up)|absorbed|taken up|drunk up)(?: by them)?"
              + END);

  /** "Deep fried in a litre of oil, of which 940 ml came back." */
  private static final Sought LITRE =
      said(
          "\\b(a|one|two|half a|\\d) ?(?:litres?|liters?|l) (?:of )?"
              + FAT
              + "([^.;:\\d\\n]{0,20}?)(?:,| and| –|;)+ (?:of which )?(?:i |we )?(?:(?:got|poured|had|measured|strained) )?(\\d{2,4}) ?ml (?:of it )?(?:(?:came|went|was|were|is|goes)(?: poured| strained)? )?(?:back|left)(?: (?:over|again|afterwards|in the bottle|at the end))?"
              + END);

  /** "I start with 100 g of clarified butter and have 35 g at the end." */
  private static final Sought HAD_LEFT =
      said(
          "\\b(?:i |we )?(?:start(?:ed)?|began|begin) (?:off )?with "
              + GRAMS
              + " (?:of )?"
              + FAT
              + IN_PAN
              + "(?:,| and| then|;)+ (?:i |we )?(?:have|had|end(?:ed)? (?:up )?with|finish(?:ed)? with|was left with|were left with|am left with|are left with) (\\d{1,3})(?: ?(?:g|ml|grams?))?(?: (?:of it|left|over|at the end|in the end|afterwards|remaining|still))*"
              + END);

  /** "A tablespoon of oil in the batter and another in the pan." */
  private static final Sought ANOTHER =
      said(
          "\\b(?:an?|one|1) (teaspoon|tablespoon|dessertspoon|tsp|tbsp|knob|splash) (?:of )?"
              + FAT
              + "( (?:in|into|for|goes in|went in|to) (?:the )?(?:batter|mix|mixture|bowl|dough))(?:,? and|,? then|,| plus)+ (?:another|one more|a second|the same(?: again)?|one)(?: one)?(?: (?:goes |went )?)?(?:in|into|for|on) (?:the )?(?:pan|frying|iron|griddle|skillet|greasing|cooking)"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              TOGETHER,
              at -> at.group(2) + " " + at.group(3) + " " + at.group(1) + " in the pan",
              "another",
              "second",
              "one more"),
          Repair.of(AND_FURTHER, FryingTurns::further, "each", "every"),
          Repair.of(FIRST_ONE, at -> at.group(1) + " " + at.group(2) + " to fry", "the first"),
          Repair.of(
              RUBBED,
              at -> at.group(1) + ": " + at.group(3) + " " + at.group(2),
              "dipped",
              "soaked",
              "dunked"),
          Repair.of(PER_SIDE, FryingTurns::sides, " side"),
          Repair.as(SOAKED, " to fry", "soaked", "absorbed", "up"),
          Repair.of(LITRE, FryingTurns::less, " ml", "0ml"),
          Repair.of(HAD_LEFT, FryingTurns::left, "start", "began", "begin"),
          Repair.of(
              ANOTHER,
              at ->
                  "1 "
                      + at.group(1)
                      + " "
                      + at.group(2)
                      + at.group(3)
                      + ", 1 "
                      + at.group(1)
                      + " in pan",
              "another",
              "one more",
              "second",
              "the same",
              " one "));

  private FryingTurns() {}

  private static double number(String said) {
    String low = said.toLowerCase(Locale.ROOT);
    double one = low.startsWith("half") ? 1.0 / 2 : 0;
    return one > 0
        ? one
        : Character.isDigit(low.charAt(0))
            ? Double.parseDouble(low.replace(',', '.'))
            : Numerals.of(low);
  }

  private static String further(MatchResult at) {
    int pieces = Numerals.of(at.group(6));
    double all = number(at.group(2)) + number(at.group(4)) * (pieces - 1);
    String fat = Numbers.plain(all) + " " + at.group(3) + " " + at.group(1) + " in the pan";
    return fat + ". Makes " + pieces;
  }

  private static String sides(MatchResult at) {
    String both = Numbers.plain(2 * number(at.group(1)));
    String unit = at.group(2).replaceFirst("(?i)^(tea|table)spoons?$", "$1spoon");
    return both + " " + unit + " " + at.group(3) + " per cake";
  }

  private static String less(MatchResult at) {
    double all = 1000 * number(at.group(1));
    double left = all - number(at.group(4));
    return left > 0
        ? Numbers.plain(left) + " ml " + at.group(2) + at.group(3) + " in the pan"
        : at.group();
  }

  private static String left(MatchResult at) {
    double left = number(at.group(1)) - number(at.group(4));
    String unit = " " + at.group(2) + " " + at.group(3) + " in the pan";
    return left > 0 ? Numbers.plain(left) + unit : at.group();
  }
}
