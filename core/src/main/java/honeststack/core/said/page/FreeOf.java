package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/** What a food is free of, in other words: "flour that's not wheat" is wheat-free flour. */
final class FreeOf {
  private static final String HELD =
      "(gluten|wheat|dairy|egg|nut|peanut|soya|soy|sesame|sugar|lactose|alcohol|meat)";

  private static final String HEAD =
      "(flour|milk|butter|cream|cheese|yogh?urt|margarine|spread|mix|drink|bread)";

  private static final String NOT =
      "(?: ?,? (?:(?:and |but )?(?:that(?:'s| is)|which is|it(?:'s| is)) (?:not|no)|that isn't|which isn't|it isn't"
          + "|other than|but not|except|from anything but|(?:of )?anything but|not) (?:from |made from |of )?"
          + "| ?\\(not |, not )(?:a |any )?";

  private static final String END = "(?= ?(?:[.,;:)\\n–-]|$| and | plus | for ))";

  /** "100 g flour (not wheat)", "milk that isn't dairy". */
  private static final Sought NOT_OF =
      said("\\b" + HEAD + NOT + "(?:" + HELD + "s?|(cow)s?(?:['’]s)?)\\)?" + END);

  /** "oat milk, not dairy", "goat's milk, not cow's": the name says it. */
  private static final Sought SAID_SORT =
      said(
          "(?<=\\b(?:oat|soya?|almond|rice|coconut|hazelnut|cashew|hemp|pea|plant|goats?|goat['’]s|sheep['’]s|ewe['’]s|buffalo) (?:milk|drink|cream|yogh?urt|butter|cheese))"
              + NOT
              + "(?:dairy|cows?(?:['’]s)?)(?: (?:milk|butter|one|kind|stuff))?\\)?"
              + END);

  /** "any flour but wheat". */
  private static final Sought ANY_BUT =
      said("\\bany " + HEAD + " but (?:not )?" + HELD + "s?" + END);

  /** "any oil but olive": another is counted. */
  private static final Sought OIL_BUT =
      said(
          "(?<=\\boils?)(?: but(?: not)?|, any(?:thing)? but| other than| except| - not|, not) (?:olive|coconut|sesame|palm|nut|walnut)\\b(?: oil)?"
              + END);

  /** "200 g flour and it's not wheat, it's buckwheat". */
  private static final Sought RATHER =
      said(
          "\\b"
              + HEAD
              + NOT
              + "(?:"
              + HELD
              + "s?|(cow)s?(?:['’]s)?),? (?:but |and |so )?(?:it(?:'s| is)|i (?:use|take|have)|we (?:use|take)|rather|namely|mine(?:'s| is)) (?!not\\b|fine\\b|good\\b)(\\p{L}{3,12})"
              + END);

  /** "zero sugar syrup". */
  private static final Sought ZERO =
      said(
          "\\bzero[ -](sugar|fat|lactose|alcohol|calorie|gluten|dairy)[ -](?!in\\b|and\\b|or\\b|but\\b|for\\b|from\\b|at\\b|on\\b|so\\b|then\\b|please\\b|because\\b|since\\b|as\\b|added\\b|this\\b)(?=\\p{L}{3})");

  /** "maple syrup with no sugar". */
  private static final Sought WITHOUT =
      said(
          "(?<=\\b(?:syrup|jam|honey|chocolate|chips|spread|sweetener|margarine|butter|milk|flour|cream|cheese|mix|drink|alternative|replacer))"
              + ",? {1,4}(?:(?:the (?:kind|sort|one|type) )?(?:that (?:has|is)|with|has|made with) (?:no|zero)|without(?: any)?|0 ?%|(?:has )?zero)(?: added)? "
              + HELD
              + "s?(?: (?:or|and|nor) "
              + HELD
              + "s?)?(?: in(?: it)?)?"
              + END);

  /** "flour: 200 g, any brand as long as it's gluten free". */
  private static final Sought PROVIDED =
      said(
          ",? (?:any (?:brand|kind|sort|make)(?: will do| works)?,? )?(?:as long as|so long as|provided|just make sure)(?: (?:it's|it is|they're|they are))? "
              + HELD
              + "[- ]free"
              + END);

  private static final String SORT =
      "(?:white|brown|wholemeal|whole ?wheat|plain|self[- ]raising|self[- ]rising|strong|bread|rye|spelt|salted|unsalted|full[- ]fat|semi[- ]skimmed|skimmed|dark|light|caster|granulated|icing|powdered)";

  /** "200 g flour, wholemeal not white". */
  private static final Sought NOT_SORT =
      said(
          "(?<=\\b"
              + SORT
              + "),? (?:and )?(?:not|never) (?:the )?"
              + SORT
              + "(?: one| kind| sort)?"
              + END);

  /** Of which it is said what to put in its place, otherwise. */
  private static final Sought SUBSTITUTE =
      said(
          "(?<=\\b(?:butter|milk|sugar|cream|cheese|meat|bacon) )substitutes?\\b(?! (?:for|of|with|by|it|that)\\b)");

  /** "200 ml plant milk (oat)": which it is. */
  private static final Sought PLANT =
      said(
          "\\b(?:(?:plant|vegan|vegetable|plant[- ]based|non[- ]dairy|dairy[- ]free|alternative) (milk|drink|yogh?urt|cream)|(milk|yogh?urt|cream) (?:alternative|substitute|replacement))"
              + "(?: ?\\((?:i use |i used |mine is |here |it's |of )?|, |: | - | – )(oat|soya|soy|almond|rice|coconut|hemp|pea|cashew|hazelnut)(?: one| milk| drink)?\\)?"
              + END);

  /** "sweetener: erythritol". */
  private static final Sought SWEETENER =
      said(
          "\\b(?:an? )?sugar (?:substitutes?|alternatives?|replace(?:r|ment))(?: ?\\(|, |: | - | – )(?:i use |i used |mine is |here |it's )?(erythritol|xylitol|stevia|allulose|sucralose|birch sugar|honey|date paste|maple syrup)\\)?"
              + END);

  /** "5 g salt? no, 5 g sugar". */
  private static final Sought AGAIN =
      said(
          "\\b((?:\\d+(?:[.,/]\\d+)?|[½¼¾⅓⅔]|one|two|three|an?|half an?) ?(?:g|ml|kg|oz|grams?|cups?|tbsps?|tsps?|(?:tea|table)spoons?))(?: of)? (?!flour\\b)[a-z -]{3,20}?"
              + "(?:[?!]+|,|;| ?[–-]|…|\\.{2,3})? ?(?:no|nope|nah)(?:,|\\.| ?[–-])?(?: wait,?| sorry,?| i mean,?)* (?=\\1 )");

  /** "30 g oil?? no butter": as much of that. */
  private static final Sought DOUBTED =
      said(
          "(?<=\\d ?(?:g|ml|tbsp|tsp|cups?) )(\\p{L}{3,12})\\?+ ?(?:no|nope),? (?!thanks?\\b|more\\b|need\\b|not\\b|never\\b|but\\b|just\\b|wait\\b|way\\b|chance\\b)(\\p{L}{3,12})"
              + "(?= ?(?:[.,;!\\n]|$))");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              RATHER,
              at -> fits(at) ? at.group(4) + " " + at.group(1) : at.group(),
              "not",
              "n't",
              " no ",
              "other than"),
          Repair.as(SAID_SORT, "", "dairy", "cow"),
          Repair.of(
              NOT_OF, FreeOf::free, "not", "n't", " no ", "other than", "except", "anything but"),
          Repair.of(ANY_BUT, FreeOf::free, " but "),
          Repair.as(OIL_BUT, "", "oil"),
          Repair.of(
              PLANT,
              at -> at.group(3) + " " + (at.group(1) == null ? at.group(2) : at.group(1)),
              "plant",
              "vegan",
              "vegetable",
              "dairy",
              "alternative",
              "substitute",
              "replace"),
          Repair.of(SWEETENER, at -> at.group(1), "sugar "),
          Repair.of(ZERO, at -> at.group(1) + "-free ", "zero"),
          Repair.as(SUBSTITUTE, "replacer", "substitute"),
          Repair.of(
              WITHOUT,
              at -> ", " + at.group(1).toLowerCase(Locale.ROOT) + "-free",
              "with",
              "zero",
              "has no",
              "0%",
              "0 %"),
          Repair.of(PROVIDED, at -> ", " + at.group(1).toLowerCase(Locale.ROOT) + "-free", "free"),
          Repair.as(NOT_SORT, "", " not ", "never"),
          Repair.as(AGAIN, "", " no", "?no"),
          Repair.of(DOUBTED, at -> at.group(2), "?"));

  private FreeOf() {}

  /** Only of what it may be made of: "300 ml milk, not sugar" names two foods. */
  private static boolean fits(MatchResult at) {
    String head = at.group(1).toLowerCase(Locale.ROOT);
    String held = held(at);
    return switch (head) {
      case "flour" -> held.matches("gluten|wheat|(?:pea)?nut|soya?|sesame");
      case "mix", "bread" ->
          held.matches("gluten|wheat|dairy|egg|(?:pea)?nut|soya?|sesame|lactose");
      case "butter", "spread" -> held.matches("dairy|lactose|soya?"); // of seeds it may be, too
      default -> held.matches("dairy|lactose|(?:pea)?nut|soya?");
    };
  }

  private static String held(MatchResult at) {
    return at.group(2) == null ? "dairy" : at.group(2).toLowerCase(Locale.ROOT);
  }

  /** "wheat-free flour". */
  private static String free(MatchResult at) {
    return fits(at) ? held(at) + "-free " + at.group(1) : at.group();
  }
}
