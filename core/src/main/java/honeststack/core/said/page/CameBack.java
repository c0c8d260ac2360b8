package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.line.NumberText;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * An amount of fat or of something served, of which a share came back or went: "100 ml of oil for
 * the griddle, of which a good third was left", "a 250 g jar of honey on the table, they ate half
 * of it". Written as what went.
 */
final class CameBack {
  private static final Map<String, Double> SHARES =
      Map.of(
          "half", 1.0 / 2,
          "third", 1.0 / 3,
          "quarter", 1.0 / 4,
          "fifth", 1.0 / 5,
          "two thirds", 2.0 / 3,
          "three quarters", 3.0 / 4);

  private static final String AMOUNT =
      "\\b(\\d{1,4}(?:\\.\\d)?|an?|one|two|three|four)( ?(?:g|ml|tbsp|tsp|tablespoons?|teaspoons?|grams?)\\b)";

  /** Of all amounts: behind it "of which" means nothing else. */
  private static final String BEHIND = "([^.;:\\d\\n]{0,50}?)";

  /** Of what is fried in, or served: "of it" would else be of the batter. */
  private static final String PLACED =
      "((?=[^.;:\\d\\n]{0,40}?\\b(?:oil|ghee|lard|dripping|each|every|pan|griddles?|irons?|fry|frying|table|side|top|serve|jar|bottle|tub|pot)\\b)"
          + "[^.;:\\d\\n]{0,50}?)";

  private static final String JOINED =
      "(?: ?[,;(–-]| ?\\.(?=[^.\\n]{0,60} of (?:which|it|that|the (?:oil|fat|lot))\\b))?(?: ?(?:though|but|and|then|they|we|i|the kids))* ?";

  private static final String SHARE =
      "((?:(?:about|some|roughly|maybe|nearly|almost|around|perhaps|just over|just under|over|under|a|one|good|bare|generous|short|full) )*)"
          + "(half|third|quarter|fifth|two thirds|three quarters)";

  private static final String VESSEL =
      "(?:pan|pot|jug|bowl|jar|bottle|tin|can|saucepan|cup|dish|carton|skillet|fryer|wok|tub|kitchen|fridge|table)";

  private static final String TAIL =
      "(?: (?:over|behind|back|again|after(?:wards)?|(?:in|at) the end|unused|for (?:next time|later)"
          + "|(?:in|into|on|to|at)(?: the| my| its)?(?: (?:bottom|sides) of the)? "
          + VESSEL
          + "))*\\)?(?= ?(?:[.,;)\\n]|$)| (?:and|so) )";

  private static final String CAME =
      " (?:(?:was|is|were|are|got|gets|just|i|we) ){0,3}"
          + "(?:left|stayed|stays|remain(?:ed|s)|stuck|sticks|clung|lost|still there|still in|came|comes"
          + "|(?:went|goes)(?= back)|(?:poured|tipped|wiped|threw|thrown|drained|strained|spooned)(?= (?:back|off|out|away|up))(?: (?:off|out|away|up))?|saved)"
          + TAIL;

  private static final String WENT =
      " (?:(?:was|were|got|is) )?(?:went(?! (?:back|in))|used(?: up)?|eaten|gone|disappeared|vanished|finished)"
          + TAIL;

  private static final String OF_IT = " of (?:it|that|the (?:oil|fat|lot))";

  private static final String OF_WHICH =
      AMOUNT
          + "(?=[^\\n]{0,80} which\\b)"
          + BEHIND
          + JOINED
          + ("(?:of which,? " + SHARE + "|" + SHARE + " of which)");

  /** "…, of which a third was left", "…, a third of which was left over". */
  private static final Sought WHICH_CAME = said(OF_WHICH + CAME);

  private static final Sought WHICH_WENT = said(OF_WHICH + WENT);

  private static final String SERVED =
      AMOUNT + "(?=[^\\n]{0,100}(?:half|third|quarter|fifth))" + PLACED + JOINED;

  /**
   * "100 ml of oil for frying, about half of it was left at the end", "… and a third came back".
   */
  private static final Sought CAME_BACK =
      said(
          SERVED
              + "(?:"
              + ("(?:of (?:it|that),? )?" + SHARE + "(?:" + OF_IT + ")?" + CAME)
              + "|(?:poured|tipped|wiped|threw|scraped|spooned) "
              + (SHARE + "(?:" + OF_IT + ")? (?:back|off|out|away|up)" + TAIL)
              + ")");

  /** "The cream was 500 ml, and about a third went back": "back" is no batter. */
  private static final Sought WENT_BACK =
      said(
          AMOUNT
              + "(?=[^\\n]{0,120} back\\b)"
              + BEHIND
              + JOINED
              + SHARE
              + "(?:"
              + OF_IT
              + ")? (?:was |were |is |i |we )?(?:went|came|goes|comes|put|brought|carried|poured|took) back"
              + TAIL);

  /** "…, they ate half of it", "…, half of it went". */
  private static final Sought EATEN =
      said(
          SERVED
              + "(?:"
              + (SHARE + OF_IT + WENT)
              + "|(?:ate|used|finished|got through|went through) "
              + (SHARE + "(?:" + OF_IT + ")?" + TAIL)
              + ")");

  /** "I set out 150 g butter and got 60 back." */
  private static final Sought GOT =
      said(
          "\\b(\\d{1,4})( ?(?:g|ml)\\b)"
              + BEHIND
              + ",?(?: and| but)(?: (?:i|we))? (?:got|had|took|put|carried) (\\d{1,4})(?: ?(?:g|ml))?(?: of it)? back"
              + TAIL);

  /** "By the end the jar of honey was 90 g lighter." */
  private static final Sought LIGHTER =
      said(
          "\\b(?:(?:by|at|in) the end,? )?(?:the |my )(?:jar|bottle|tub|pot|tin|block|pack|packet|bag|carton|jug|squeezy bottle) of ([a-z]{3,14}(?: [a-z]{3,14})?) "
              + "(?:was|is|were) (?:about |some |roughly |around )?(\\d{1,4} ?(?:g|ml|grams?)) lighter"
              + TAIL);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(LIGHTER, at -> at.group(2) + " " + at.group(1), "lighter"),
          Repair.of(WHICH_CAME, at -> share(at, false), "which"),
          Repair.of(WHICH_WENT, at -> share(at, true), "which"),
          Repair.of(
              CAME_BACK, at -> share(at, false), "half", "third", "quarter", "fifth", "thirds"),
          Repair.of(WENT_BACK, at -> share(at, false), " back"),
          Repair.of(EATEN, at -> share(at, true), "half", "third", "quarter", "fifth", "thirds"),
          Repair.of(GOT, CameBack::less, " back"));

  private CameBack() {}

  private static String share(MatchResult at, boolean went) {
    int said = at.group(5) != null ? 4 : 6;
    double share = SHARES.get(at.group(said + 1).toLowerCase(Locale.ROOT));
    double goes = all(at.group(1)) * (went ? share : 1 - share);
    boolean about = !at.group(said).replaceAll("(?i)\\b(?:a|one)\\b", "").isBlank();
    String amount = Numbers.plain(Math.rint(100 * goes) / 100) + at.group(2) + at.group(3);
    return (about ? "about " : "") + amount;
  }

  private static double all(String said) {
    return Character.isDigit(said.charAt(0)) ? NumberText.readDecimal(said) : Numerals.of(said);
  }

  private static String less(MatchResult at) {
    int left = Integer.parseInt(at.group(1)) - Integer.parseInt(at.group(4));
    return left > 0 ? left + at.group(2) + at.group(3) : at.group();
  }
}
