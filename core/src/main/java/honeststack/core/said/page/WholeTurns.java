package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;

/**
 * Turns in which the whole is told beside a part of it, or how often a recipe was made: "keep back
 * 50 g of the sugar for the whites; 150 g in total", "double batch today: base recipe 150 g flour".
 */
final class WholeTurns {
  private static final String MEASURED = KitchenTurns.MEASURED;

  private static final String FOOD = "(\\p{L}{3,}(?: \\p{L}{3,})?)";

  private static final String ALL = " (?:in total|altogether|in all|all told|total)";

  private static final Map<String, String> OFTEN =
      Map.of(
          "double",
          "double",
          "two",
          "double",
          "2",
          "double",
          "triple",
          "triple",
          "three",
          "triple",
          "3",
          "triple",
          "half",
          "half",
          "quadruple",
          "4 times",
          "four",
          "4 times",
          "4",
          "4 times");

  /** What one batch has follows. */
  private static final Sought BASE =
      said(
          "(?:(?<=^|\\n)\\p{L}{3,12}(?: \\p{L}{3,12})?: )?(?:\\b(?:we|i) (?:did|made|do|make|ran) (?:an? )?)?\\b"
              + "(?:(double|triple|half|quadruple)(?: an?)? batch(?:es)?|(?:today |tonight )?times (two|three|four|2|3|4))"
              + "(?: today| tonight| made| this time| of it)*(?: ?[:.;,–—-])? ?(?:(?:and |where |with )?(?:the |my |one |a |our )?)"
              + "(?:base|basic|single|standard|normal|original|full|whole)(?: recipe| batch| one| mix)?"
              + "(?:,? (?:is|was|being|has|takes)|:| –| -)? (?=\\d|an? |one |two |three )");

  /** "Double this. 2 eggs, …": nothing stands before it. */
  private static final Sought FIRST =
      said(
          "\\A(?:(?:please|just|today|so|i|we|i've|made|make|did) )*\\b(doubl|tripl|quadrupl|halv|twice|half|(?:two|three|four) times)(?:e|ed|ing)?"
              + "( of)?(?: all of)? (?:it|this(?: one| recipe)?|these|everything|the (?:lot|following|recipe below))"
              + "(?: please| today| now| tonight)*(?:[.!](?=\\s)|\\n)(?=\\s*(?:[-•*–] ?)?(?:\\d|[½¼¾]|one |two |three |an? ))");

  /** Of it a part is held back, or goes elsewhere. */
  private static final Sought HELD =
      said(
          "\\b(?:keep|hold|set|put|leave) (?:back |aside )?"
              + MEASURED
              + "(?: of)?(?: the| my)? "
              + FOOD
              + "?(?: back| aside)?( for the \\p{L}{3,10}| to \\p{L}{3,10} with)?[,;.]"
              + "(?: you need| it's| it is| of)? ?"
              + MEASURED
              + ALL
              + "(?=[.;,\\n]|$)");

  /** "250 g buckwheat and wheat, half half". */
  private static final Sought HALF_HALF =
      said("\\bhalf(?: |/|, )half\\b(?! (?:milk|cream|and|an?|the|of|pound|cup|litre|pint)\\b)");

  /** "1 cup flour becomes ½ cup". */
  private static final Sought BECOMES =
      said(
          "(?<=\\d (?:cups? |g |ml |tbsp |tsp )?(?:of )?\\p{L}{3,12} )becomes? "
              + "(?=(?:\\d+(?: \\d/\\d)?(?:[./]\\d+)?|half|½|¼|¾|one|two|three)(?: ?(?:an? )?(?:cups?|g|ml|tbsp|tsp))?(?:[,.;\\n]|$))");

  private static final String PIECE =
      "((?:chopped |sliced |small |large )?(?:onion|tomato|potato|carrot|courgette|apple|pear|banana|orange|lemon|lime|pepper|leek|mango|peach|plum|shallot|chilli))";

  /** "onion and tomato, one each". */
  private static final Sought ONE_EACH =
      said("\\b" + PIECE + " and " + PIECE + "(?:,|:| -)? (one|two|a|1|2|half) each\\b(?! of)");

  /** "1 large or 2 small bananas": the first. */
  private static final Sought SIZED =
      said(
          "\\b((?:1|one|a|2|two) (?:large|big|medium))(?: one)? or (?:2|3|4|two|three|four) (?:small|little|medium|smaller) "
              + "(?!ones|pancakes|waffles|cr[eê]pes|pieces|cakes|blini|servings|portions)(?=\\p{L}{3})");

  /** Fat for all of it lies on nothing. */
  private static final Sought FOR_ALL =
      said(
          "(?=(?:over (?:the|all)|for all) )(?<=\\b(?:fry|fried|grease|greased|greasing|pan|frying)\\b[^.,;\\n]{2,30}"
              + "(?:,? (?:about |around |roughly |maybe |say )?(?:\\d{1,3} ?|(?:an?|one|two|three|four|half an?) )"
              + "(?:g|grams?|ml|tbsp|tsp|(?:table|tea)spoons?))? )"
              + "(?:over the (?:whole )?(?:lot|batch)|(?:over|for) all of them)\\b");

  private static final String SHARE =
      "(half|an? (?:third|quarter|fifth)|two thirds|three quarters)";

  /** "used wholemeal for half of the 200 g flour". */
  private static final Sought FOR_SHARE =
      said(
          "(?:\\b(?:i |we )?(?:used|use|took|take|put|with) )?\\b(?!it |them |that |only |just |enough )"
              + FOOD
              + (" for " + SHARE + "(?: of)? (?:the |my )?" + MEASURED + " (?:of )?")
              + "(flour|milk|sugar|butter|oil|oats)\\b");

  /** "half of the 200 g flour was wholemeal". */
  private static final Sought WAS_OTHER =
      said(
          "\\b"
              + SHARE
              + ("(?: of)? (?:the |my )?" + MEASURED + " (?:of )?(flour|milk|sugar|butter|oil)")
              + " (?:was|were|is|being) (?!in |for |too |left |gone |enough |\\p{L}+ed\\b)"
              + FOOD
              + "(?=[.,;\\n]|$)");

  /** "a knob of butter for the pan, maybe 10 g": as much as is said at the end. */
  private static final Sought VAGUE =
      said(
          "\\b(?:an? )?(?:good |big |small |little |generous )?(?:knob|splash|drizzle|glug|handful|pinch|dollop|bit|lump|dash|slosh|blob) of "
              + "(?=[^.,;\\n]{3,25} (?:for|in|on|over|at|to) [^.,;\\n(]{3,20}(?:,| -| –| \\() ?"
              + "(?:maybe |about |say |roughly |around |perhaps |some )?\\d+ ?(?:g|ml)\\b(?: or so)?\\)?(?:[.,;\\n]|$))");

  /** "plate: 200 g yogurt / pan: 1 spray". */
  private static final Sought LABELS =
      said(
          " ?[/|] ?(?=(?:pan|plate|top|topping|toppings|bowl|batter|iron|griddle|filling|sauce) ?:)");

  /** Into a bowl of their own, and yet into the batter. */
  private static final Sought WHITES =
      said(
          "(?:,|;| –| -) "
              + MEASURED
              + " of (?:it|that|the \\p{L}{3,12}) (?:is |goes )?(?:for|in|with|into) (?:the )?(?:egg )?(?:whites|yolks)(?=[.;,\\n]|$)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(BASE, WholeTurns::often, "batch", "times"),
          Repair.of(
              FIRST, WholeTurns::first, "doubl", "tripl", "quadrupl", "hal", "twice", "times"),
          Repair.of(HELD, WholeTurns::whole, "keep", "hold", "set", "put", "leave"),
          Repair.as(HALF_HALF, "50:50", "half half", "half/half", "half, half"),
          Repair.as(BECOMES, "→", "become"),
          Repair.of(
              ONE_EACH,
              at -> at.group(3) + " " + at.group(1) + " and " + at.group(3) + " " + at.group(2),
              " each"),
          Repair.of(SIZED, at -> at.group(1) + " ", "small", "little", "medium"),
          Repair.of(
              FOR_SHARE,
              at -> share(at.group(2), at.group(3) + " " + at.group(4), at.group(1)),
              " for "),
          Repair.of(
              WAS_OTHER,
              at -> share(at.group(1), at.group(2) + " " + at.group(3), at.group(4)),
              " was ",
              " were ",
              " is ",
              " being "),
          Repair.as(VAGUE, "", " of "),
          Repair.as(FOR_ALL, "in all", "over the", "over all", "for all"),
          Repair.as(LABELS, ".", "/", "|"),
          Repair.as(WHITES, "", "whites", "yolks"));

  private WholeTurns() {}

  private static String often(MatchResult at) {
    String said = at.group(1) == null ? at.group(2) : at.group(1);
    return OFTEN.get(said.toLowerCase(Locale.ROOT)) + " this:";
  }

  /** What follows is meant. */
  private static String first(MatchResult at) {
    String said = at.group(1).toLowerCase(Locale.ROOT).replace("twice", "doubl");
    String verb = said.endsWith("l") || said.endsWith("v") ? said + "e" : said;
    return verb + (at.group(2) == null ? "" : " of") + " it:";
  }

  /** "half the 200 g flour as rye". */
  private static String share(String share, String whole, String other) {
    boolean half = share.equalsIgnoreCase("half");
    return share + (half ? " the " : " of the ") + whole + " as " + other;
  }

  /** "150 g sugar, 50 g of it for the whites". */
  private static String whole(MatchResult at) {
    if (at.group(2) == null) {
      return at.group();
    }
    String all = at.group(4) + " " + at.group(2);
    boolean pan =
        at.group(3) != null && at.group(3).matches("(?i).* (?:pan|iron|griddle|fry|top)\\b.*");
    return pan ? all + ", " + at.group(1) + at.group(3) : all;
  }
}
