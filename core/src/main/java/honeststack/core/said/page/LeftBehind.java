package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * An amount of which a part did not go along, or a vessel that was weighed with it: "31 g of which
 * about 6 stayed in the pot", "I poured 150 ml of oil in the pan and 90 ml went back in the jar",
 * "jug with milk 812 g, jug empty 390 g". Written as what remains.
 */
final class LeftBehind {
  private static final String AMOUNT = "(\\d{1,5}) ?(g|ml|grams?|mls?)";

  private static final String SAME = "(?:g|ml|grams?|mls?)";

  private static final String END = "(?= ?(?:[.,;)\\n]|$)| and (?:i|the|then)\\b)";

  private static final String VESSEL =
      "(?:pan|pot|jug|bowl|jar|bottle|tin|can|saucepan|cup|dish|carton|skillet|fryer|wok|beaker|basin|tub)";

  private static final String STAYED =
      "(?:came back|comes back|went back|goes back|stayed|stays|remained|remains|stuck|sticks|clung|clings|was left|is left|were left|was lost|got lost)"
          + "(?: behind)?(?: (?:in|on|to|at)(?: the)?(?: (?:bottom|sides) of the)?(?: (?:the|my))? "
          + VESSEL
          + ")?";

  private static final String SOME = "(?:(?:about|some|roughly|maybe) )?";

  /** "40 g butter, melted, 5 g of which stayed in the pan". */
  private static final Sought OF_WHICH =
      said(
          "\\b"
              + AMOUNT
              + "\\b([^.;:\\d\\n]{0,30}?),?(?: ?[(–-])?(?: (?:though|but|and))*(?: of (?:which|that|it),? "
              + SOME
              + "(\\d{1,4})(?: ?"
              + SAME
              + ")?| "
              + SOME
              + "(\\d{1,4})(?: ?"
              + SAME
              + ")? of (?:which|it|that|them)) "
              + STAYED
              + "\\)?"
              + END);

  private static final String OIL =
      "(?: of)?( (?:(?:the|olive|sunflower|rapeseed|vegetable|coconut|canola|peanut|melted|groundnut|frying) )*(?:oil|butter|ghee|lard|fat))";

  private static final String INTO =
      "(?: (?:back )?(?:in|into|in to) (?:the|its|a) " + VESSEL + ")?";

  private static final String BACK =
      "(?:(?:(?:i|we) )?(?:poured|measured|got|tipped|strained|saved|took|weighed|put|pour|measure|tip|strain|had) (?:(?:about|some|roughly) )?"
          + "(\\d{1,4}) ?"
          + SAME
          + "(?: of it)? (?:back|left|again|off|out again|over)|(?:(?:about|some|roughly) )?(\\d{1,4}) ?"
          + SAME
          + "(?: of it)? (?:(?:went|came|goes|was poured|were poured|got poured|is poured) back|(?:was|were|is|are) (?:left|over)|stayed(?: behind)?))"
          + INTO
          + "(?: (?:afterwards|after(?: frying)?|at the end|in the end))?";

  private static final String GOES_IN =
      "(?:start(?:ed)?(?: (?:off|out))? with|pour(?:ed)?|put|tip(?:ped)?|heat(?:ed)?|use[ds]?|measured|took)(?: in)?";

  /** "I poured 150 ml of oil in the pan and 90 ml went back in the jar." */
  private static final Sought POURED =
      said(
          "\\b(?:(?:i|we) )?"
              + GOES_IN
              + " "
              + AMOUNT
              + OIL
              + INTO
              + ",?(?: (?:and|but|then|for frying))* "
              + BACK
              + END);

  /** "Fried in oil, in the pan I pour 150 ml and I measured 90 ml back." */
  private static final Sought FRIED =
      said(
          "\\b(?:fry|fried|frying|cook|cooked)(?: them)? in"
              + OIL
              + "[,;:.] ?(?:in(?:to)? the pan )?(?:(?:i|we) )?(?:"
              + GOES_IN
              + " )?"
              + AMOUNT
              + INTO
              + ",?(?: (?:and|but|then|went in))* "
              + BACK
              + END);

  private static final String GRAMS = "(\\d{2,5})(?: ?(?:g|grams?))?";

  private static final String FOOD = "(?:the )?([a-z]{3,14}(?: [a-z]{3,14})?)";

  /** "Jug with milk 812 g, jug empty 390 g", "the jug with the milk weighs 812 and 390 empty". */
  private static final Sought FULL_FIRST =
      said(
          "\\b(?:the |my )?"
              + VESSEL
              + " (?:with|and|plus|of) "
              + FOOD
              + "(?: in(?: it)?)?(?:,|:| is| was| weighs| weighed| at)* "
              + GRAMS
              + "(?:,|;|:| and| but| the| my| it)* (?:(?:"
              + VESSEL
              + " )?(?:(?:is|was|weighs|weighed) )*(?:empty|alone):? (?:(?:is|was|weighs|weighed) )?"
              + GRAMS
              + "|(?:"
              + VESSEL
              + " )?(?:(?:is|was|weighs|weighed) )*"
              + GRAMS
              + " (?:empty|alone|without(?: it| the [a-z]{3,12})?|by itself|on its own|after(?:wards)?))"
              + "(?= ?(?:[.,;)\\n]|$))");

  /** "The jug weighed 390 empty and 812 with the milk." */
  private static final Sought EMPTY_FIRST =
      said(
          "\\b(?:the |my )?(?:empty )?"
              + VESSEL
              + "(?:,|:| is| was| weighs| weighed| alone| empty)* "
              + GRAMS
              + "(?: (?:empty|alone|by itself|on its own))?(?:,|;| and| then| but)* (?:(?:with|after|plus) "
              + FOOD
              + "(?: in(?: it)?)?(?:,|:| is| was| it's)* "
              + GRAMS
              + "|"
              + GRAMS
              + " (?:with|after) "
              + FOOD
              + "(?: in(?: it)?)?)(?= ?(?:[.;)\\n]|$))");

  /** "fried with 6 g oil, cooked they're 460 g": no more oil. */
  private static final Sought COOKED =
      said(
          "[,;] (?:and |but )?(?:when |once )?cooked,? they(?:'re| are| weigh| weighed| come to| came to) (\\d{2,4} ?g)(?: (?:altogether|together|in all|in total))?"
              + "(?= ?(?:[.;\\n]|$))");

  /** "The oil, I can't tell you, but the bottle was full at 250 and now it stands at 210." */
  private static final Sought STOOD =
      said(
          "\\b(?:the )?(oil|butter|honey|milk|syrup|maple syrup|kefir|cream)\\b(?:[^.;\\d\\n]{0,40}?[,–-](?: but)?)?(?: (?:the|its|my))? (?:"
              + VESSEL
              + " |pack |packet |block |(?=was \\d{1,4} ?(?:g|ml)? before))(?:(?:was|stood|went|weighed|had|from|full|at) )+"
              + "(\\d{1,4}) ?(g|ml)?(?: before(?:hand)?)?,?(?: (?:and|but|then))* (?:(?:now|it|afterwards|after|at the end|to|is|was|stands?|stood|weighs|weighed|at|only|down|shows) )+"
              + "(\\d{1,4}) ?(?:g|ml)?(?: (?:after(?:wards)?|now|left))?"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(COOKED, at -> ". They weigh " + at.group(1) + " cooked", "cooked"),
          Repair.of(STOOD, LeftBehind::used, " now", " to ", "after", "the end"),
          Repair.of(POURED, at -> fried(at, 1, 3), "back", "left", "over", "stayed", "again"),
          Repair.of(FRIED, at -> fried(at, 2, 1), "back", "left", "over", "stayed", "again"),
          Repair.of(
              OF_WHICH,
              at -> less(at, 1, at.group(4) != null ? 4 : 5, " " + at.group(2) + at.group(3)),
              "stay",
              " back",
              "remain",
              "stuck",
              "stick",
              "clung",
              "left",
              "lost"),
          Repair.of(
              FULL_FIRST,
              at -> less(at, 2, at.group(3) != null ? 3 : 4, " g " + at.group(1)),
              "empty",
              "alone",
              "without",
              "itself",
              "on its own",
              "after"),
          Repair.of(EMPTY_FIRST, LeftBehind::emptied, "empty", "alone", "itself", "on its own"));

  private LeftBehind() {}

  private static String fried(MatchResult at, int amount, int oil) {
    int back = at.group(4) != null ? 4 : 5;
    String unit = at.group(amount + 1);
    return less(at, amount, back, " " + unit + at.group(oil) + " in the pan");
  }

  private static String used(MatchResult at) {
    return less(at, 2, 4, " " + (at.group(3) == null ? "ml" : at.group(3)) + " " + at.group(1));
  }

  private static String emptied(MatchResult at) {
    boolean food = at.group(2) != null;
    return less(at, food ? 3 : 4, 1, " g " + at.group(food ? 2 : 5));
  }

  /** The difference, with what stands behind it; as it was where nothing would remain. */
  private static String less(MatchResult at, int all, int part, String behind) {
    int left = Integer.parseInt(at.group(all)) - Integer.parseInt(at.group(part));
    return left > 0 ? left + behind : at.group();
  }
}
