package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * What a sentence behind a list tells anew of a food in it: "the flour I measured again: 210",
 * "instead of two eggs I did one and a banana", "I use a third wholemeal flour". Written in the
 * plain form of the same.
 */
final class ToldAnew {
  private static final Map<String, String> SIGNS =
      Map.of("half", "½", "third", "⅓", "quarter", "¼", "two thirds", "⅔", "three quarters", "¾");

  private static final String START = "(?<=^|[.!;\\n] ?)";

  private static final String END = "(?= ?(?:[.;,)\\n]|$))";

  private static final String STOP = "(?= ?(?:[.;\\n]|$))";

  private static final String FOOD = "(\\p{L}{3,14}(?: \\p{L}{3,14})?)";

  private static final String AMOUNT = "(\\d{1,4}(?: ?(?:g|ml|grams?))?)";

  private static final String SHARE =
      "(?:about )?(?:an? |one )?(half|third|quarter|two thirds|three quarters)";

  /** "The flour I measured again: 210." */
  private static final Sought MEASURED_AGAIN =
      said(
          START
              + "(?:the |my )"
              + FOOD
              + " (?:i |we )?(?:measured|weighed|checked)(?: it)? again(?:[:,–]| and| it| was| is| came to| got| to)* "
              + AMOUNT
              + STOP);

  /** "I always add a bit more milk, so 350 in the end." */
  private static final Sought A_BIT_MORE =
      said(
          START
              + "(?:but )?(?:i|we|it) (?:(?:always|usually|then|ended up) )*(?:add|added|adding|put in|use|used|using|needed|need|took|take|takes|wanted) (?:a (?:bit|little|splash|drop|touch)|some)(?: more)?(?: of the)? "
              + FOOD
              + ",? so (?:(?:it's|that's|it was|that was|about|call it|more like) )*"
              + AMOUNT
              + " (?:in the end|altogether|in all|in total|all told)"
              + STOP);

  /** "Instead of two eggs I did one and a banana." */
  private static final Sought ONE_AND =
      said(
          START
              + "(?:instead of|in place of|rather than) (?:the )?(?:two|2) eggs,? (?:i|we) (?:did|used|put in|took|had|use|take) (?:just )?(?:one|1)(?: egg)? (?:and|plus) ((?:an?|half an?|\\d{1,3} ?g(?: of)?|one) "
              + "\\p{L}{3,14}(?: \\p{L}{3,14})?)"
              + STOP);

  /** "Originally it had 50 g sugar, I put in 20." */
  private static final Sought ORIGINALLY =
      said(
          START
              + "(?:originally|at first|once|in the beginning|the original|the first version)(?: (?:it|that|this|they))? (?:had|has|was|said|wanted|took) \\d{1,4} ?(g|ml|tbsp|tsp) (?:of )?"
              + FOOD
              + ",? (?:but |and )?(?:i|we)(?:'ve)? (?:(?:only|just|now) )*(?:put in|put|use|used|take|took|did|do|add|added) (\\d{1,4})(?: ?(?:g|ml|tbsp|tsp))?"
              + STOP);

  /** "The eggs were tiny, 40 g each." */
  private static final Sought TINY_EGGS =
      said(
          START
              + "the eggs (were|are) (?:(?:quite|very|rather|really|pretty) )?(?:tiny|small|big|huge|large|little|medium|on the (?:small|large|big) side),? (?:only |about |just )?(\\d{2,3} ?g) (?:each|apiece)");

  /** "I stirred 20 g of cocoa in as well, and left out 20 g flour for it." */
  private static final Sought LEFT_OUT =
      said(
          "(?:,? and|,? but|[.;,]) (?:i |we )?(?:left out|took out|leave out|take out) (\\d{1,3} ?g) (?:of (?:the )?)?"
              + FOOD
              + " (?:for (?:it|that)|to make up(?: for it)?|instead)"
              + STOP);

  /** "The milk was from the goat." */
  private static final Sought FROM_GOAT =
      said(
          START
              + "(?:the|my|our) (milk|cream|yogurt|yoghurt) (?:was|is|came|comes) from (?:the |a |our |my )?(goat|sheep)s?"
              + STOP);

  /** "The flour's the gluten free sort." */
  private static final Sought SORT =
      said(
          START
              + "(?:the |my )?(flour|milk|butter|yogurt|cream|oats|sugar|oil|eggs)(?:['’]s| is| was| are| were) (?:of )?(?:the|an?) (\\p{L}{3,14}(?:[ -]\\p{L}{3,10})?) (?:sort|kind|type|variety|stuff)"
              + STOP);

  /** "I use a third wholemeal flour." */
  private static final Sought USE_THIRD =
      said(
          START
              + "(?:i|we) (?:(?:always|usually|like to) )?(?:use|used|do|did|take|took) "
              + SHARE
              + " (wholemeal|whole[- ]?wheat|rye|spelt|buckwheat|oat|rice|wholegrain|strong|almond|coconut|einkorn|emmer|barley)(?: flour)?(?: in it| in them| there)?"
              + STOP);

  /** "About a quarter of the flour I do as oatmeal." */
  private static final Sought DO_AS =
      said(
          "\\b("
              + "(?:about )?(?:an? |one )?(?:half|third|quarter|two thirds|three quarters) (?:of )?the (?:flour|milk|sugar|butter|oil|water)) (?:i|we) (?:(?:always|usually) )?(?:do|make|did|have|use|take|give) (?:as|with|in) (?=\\p{L})");

  /** "I said milk but it's really half milk and half water." */
  private static final Sought REALLY_HALF =
      said(
          START
              + "(?:i|we) (?:said|say|wrote|call it|called it|put) (milk|flour|butter|sugar|cream|oil) but (?:it's|it was|that's|it is|i mean)(?: (?:really|actually|in fact))? half (?:and half )?\\1,?(?: and)?(?: half)? "
              + FOOD
              + STOP);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(MEASURED_AGAIN, at -> that(at.group(2), at.group(1)), "again"),
          Repair.of(A_BIT_MORE, at -> that(at.group(2), at.group(1)), ", so", " so "),
          Repair.of(ONE_AND, at -> "One egg swapped for " + at.group(1), "eggs"),
          Repair.of(
              ORIGINALLY,
              at -> at.group(3) + " " + at.group(1) + " " + at.group(2),
              "original",
              "at first",
              "once",
              "beginning",
              "first version"),
          Repair.of(
              TINY_EGGS, at -> "the eggs " + at.group(1) + " " + at.group(2) + " each", "the eggs"),
          Repair.of(
              LEFT_OUT,
              at -> ". " + at.group(1) + " less " + at.group(2),
              "left ",
              "took ",
              "leave ",
              "take "),
          Repair.of(FROM_GOAT, at -> "It was " + at.group(2) + " " + at.group(1), " from "),
          Repair.of(
              SORT,
              at -> "the " + at.group(1) + " was " + at.group(2),
              " sort",
              " kind",
              " type",
              " variety",
              " stuff"),
          Repair.of(USE_THIRD, ToldAnew::third, "half", "third", "quarter"),
          Repair.of(DO_AS, at -> at.group(1) + " was ", "half", "third", "quarter"),
          Repair.of(REALLY_HALF, at -> "Half the " + at.group(1) + " was " + at.group(2), " but "));

  private ToldAnew() {}

  private static String that(String amount, String food) {
    return "Make that " + amount + " " + food;
  }

  private static String third(MatchResult at) {
    String share = SIGNS.get(at.group(1).toLowerCase(Locale.ROOT));
    return share + " of the flour was " + at.group(2);
  }
}
