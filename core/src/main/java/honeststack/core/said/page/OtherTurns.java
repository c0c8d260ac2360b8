package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * What is said in another turn than a list has it, in the list's: "for rye flour I took 90 g" is
 * "rye flour 90 g"; and numbers that count nothing: "every Saturday at 8", "half past seven".
 */
final class OtherTurns {
  static final String UNIT =
      "(?:kg|g|gr|grams?|ml|cl|dl|l|tbsps?|tablespoons?|tsps?|teaspoons?|oz|ounces?|cups?)\\b";

  private static final String AMOUNT = "(\\d+(?:[.,/]\\d+)? ?" + UNIT + ")";

  /** Up to two words that name no dish, vessel or eater. */
  private static final String FOOD =
      "((?!(?:they|these|those|which|who|both|total|weight|and|but|so|the|my|our|a|an|all|each|every|one|it|this|that|them|these|everyone|pan|griddle|iron|waffles?|pancakes?"
          + "|crepes?|pieces?|batter|recipe|me|us|him|her|today|breakfast)\\b)[a-z]{3,}(?: [a-z]{3,})?)";

  private static final String END = "(?= ?(?:[.,;!)\\n]|and\\b|$))";

  /** "My scales said 150 g for the yogurt and 60 g for the almonds." */
  private static final Sought SCALES =
      said(
          "(?<=\\bscales? )(?:said|say|says|read|reads|showed|show|shows) "
              + (AMOUNT + " for (?:the |my )?" + FOOD)
              + "(?:( and |, )"
              + (AMOUNT + " for (?:the |my )?" + FOOD + ")?")
              + END);

  /** "Ricotta came to 120 g, milk to 250 g." */
  private static final Sought CAME =
      said(
          "\\b"
              + FOOD
              + (" (?:came|comes|ran|amounted) to " + AMOUNT)
              + ("(,| and|, and|;) " + FOOD + " to " + AMOUNT)
              + END);

  /** "For rye flour I took 90 g and for oat flour 110 g." */
  private static final Sought TOOK =
      said(
          "\\bfor (?:the |my )?"
              + FOOD
              + " (?:i|we) (?:took|used|take|use|had|needed|need|weighed|weigh|went with) "
              + AMOUNT
              + ("(?:(,| and|, and|;) for (?:the |my )?" + FOOD + " " + AMOUNT + ")?")
              + END);

  /** "How much milk? 250 g. And flour? 200 g." */
  private static final Sought ASKED =
      said("\\b(?:how (?:much|many) |(?<=\\. )and (?:the )?)" + FOOD + "\\? " + AMOUNT);

  /** "Sugar? 50 but I use 30 now." */
  private static final Sought ANSWERED =
      said(
          "(?<=[.:!?\\n] |^|\\n)(?:and |what about )?(?:the )?"
              + FOOD
              + "\\? (\\d+(?:[.,/]\\d+)?(?=(?: ?"
              + UNIT
              + ")? but ))");

  private static final Sought JOINS = said("(?<=[a-z]) joins (?=\\d)");

  /** "Tip the oats on top of 200 g flour and mix." */
  private static final Sought ON_TOP_OF =
      said(
          "\\b(?<=(?:tip|chuck|pour|sift|sieve|throw|dump|add|pop|put|drop) [^.\\n@]{3,40} )on top of"
              + "(?= [^.,\\n]{3,40} and (?:mix|stir|whisk|beat|blend|fold)\\b)");

  /** "Frying butter: 12 g". */
  private static final Sought FRYING =
      said(
          "(?<=^|[.,;\\n]|[.,;\\n] )frying (?=(?:[a-z]+ )?(?:butter|oil|ghee|lard|fat|dripping)\\b)");

  /** "For a 24 cm pan: 200 g flour" says no place. */
  private static final Sought SIZED =
      said(
          "(?<=^|[.\\n]|[.\\n] )for (?:an?|one|my|the) \\d+ ?(?:cm|inch|in|\")(?: [a-z-]+){0,2} (?:pan|skillet|griddle|iron)"
              + " ?[:,](?= ?\\d)");

  private static final String DAY =
      "(?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|day|morning|evening|night|weekend|week|breakfast)s?";

  /** "Every Saturday at 8", "half past seven"; "ten to twelve" is a range. */
  private static final Sought HOUR =
      said(
          "(?<=\\b"
              + DAY
              + ") at (?:about |around )?\\d{1,2}(?:[:.]\\d\\d)?(?= ?(?:[.,;!)\\n]|$| and\\b))"
              + "|\\b(?:(?:half|a quarter|quarter|five|ten|twenty|twenty[- ]five) past|quarter to) (?:one|two|three|four|five|six|seven"
              + "|eight|nine|ten|eleven|twelve|[1-9]|1[0-2])\\b(?= ?(?:[.,;!)\\n]|$|and\\b|in the\\b|when\\b|on\\b))");

  /** "Number one, 150 g yogurt.", "Day 2 of testing: …", "01/03: …" */
  private static final Sought COUNTED =
      said(
          "(?<=^|[.;\\n]|[.;\\n] )(?:number (?:one|two|three|four|five|six|\\d)|day \\d+(?: of [a-z]+)?|0\\d/\\d\\d?|\\d\\d?/0\\d) ?[:,]"
              + "(?= ?\\d)");

  /** "1) 200 g flour 2) 2 eggs", in one line; not the end of "(makes 1)". */
  private static final Sought ENUMERATED =
      said("(?<=([^\\n ]) )(?<!\\([^()\\n]{0,80})[1-9]\\) ?(?=\\d)");

  /** "One waffle made with 30 g oat flour". */
  private static final Sought ONE_MADE =
      said(
          "(?<=^|[.\\n]|[.\\n] )(?:one|a) (waffle|pancake) (?:is )?made (?:with|from|of)(?= ?\\d)");

  /** "3 tsp. bak. powder". */
  private static final Sought BAKING = said("(?<=\\bba?kg?)\\.(?= ?(?:powder|pdr|pwdr|soda)\\b)");

  /** "3/4 cup milk approx" */
  private static final Sought ABOUT =
      said("(?<=[a-z]) (?:approx\\b\\.?|approximately|roughly)(?= ?(?:[,;)\\n]|$))");

  /** "I fried them all in 8 g oil": not "all in", which sums up. */
  private static final Sought ALL_IN =
      said(
          "(?<=\\b(?:fr(?:y|ied)|cook(?:ed)?|bak(?:e|ed)|did|do|made|make) (?:them|these|it)) all(?= in (?:about |a |the |my |some )*(?:\\d|little|bit|butter|oil|ghee|lard|fat|pan|teaspoon|tablespoon))");

  /** In the north a girdle is what they are baked on. */
  private static final Sought GIRDLE = said("\\bgirdle\\b");

  /** "two ounces of butter half of it melted into the batter and the other half for the pan". */
  private static final Sought HALF_OF_IT =
      said(
          "(?<=\\p{L}),? half of (?:it|that|them) (?:(?:melted|stirred|whisked|folded|goes|going|went|goes|is|was|mixed|put) )*"
              + "(?=(?:into|in|for|on|onto) [^.;\\n]{3,40}\\b(?:the (?:other half|rest|remainder|other)|half (?:of it )?(?:for|in|on|into)|and half)\\b)");

  private static final Sought OTHER_HALF =
      said(
          "(?<=\\bhalf [^.;\\n]{3,40}),? and half of (?:it|that|them) (?=(?:into|in|for|on|onto)\\b)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(HALF_OF_IT, ", half ", "half of "),
          Repair.as(OTHER_HALF, " and half ", "half of "),
          Repair.of(SCALES, OtherTurns::amountFirst, "scale"),
          Repair.of(CAME, OtherTurns::foodFirst, " to "),
          Repair.of(TOOK, OtherTurns::foodFirst, " i ", " we "),
          Repair.of(ASKED, at -> at.group(1) + ": " + at.group(2), "?"),
          Repair.of(ANSWERED, at -> at.group(1) + " " + at.group(2), "?"),
          Repair.as(JOINS, " and", " joins "),
          Repair.as(ON_TOP_OF, "with", "on top of"),
          Repair.as(FRYING, "pan", "frying "),
          Repair.as(SIZED, "", "for "),
          Repair.as(HOUR, "", " at ", " past ", " to "),
          Repair.as(COUNTED, "", "number ", "day ", "/"),
          Repair.of(ONE_MADE, at -> "Makes 1 " + at.group(1) + ":", "e made", "s made"),
          Repair.as(BAKING, "", "bak", "bkg"),
          Repair.as(ABOUT, "", " approx", " roughly"),
          Repair.as(ALL_IN, "", " all in "),
          Repair.as(GIRDLE, "iron", "girdle"),
          Repair.of(ENUMERATED, OtherTurns::apart, "1)"));

  private OtherTurns() {}

  private static String amountFirst(MatchResult at) {
    String one = at.group(1) + " " + at.group(2);
    return at.group(4) == null ? one : one + at.group(3) + at.group(4) + " " + at.group(5);
  }

  private static String foodFirst(MatchResult at) {
    String one = at.group(1) + ": " + at.group(2);
    return at.group(4) == null ? one : one + "; " + at.group(4) + ": " + at.group(5);
  }

  /** A comma where no other mark stands before it. */
  private static String apart(MatchResult at) {
    return ".,;:".contains(at.group(1)) ? "" : ",";
  }
}
