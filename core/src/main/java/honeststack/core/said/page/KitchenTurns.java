package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.line.NumberText;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * Turns of the spoken kitchen, in those of a list: "two of the 125 g pots" is two such pots, "both
 * eggs" are two, and "everything except the walnuts (40 g)" says how many walnuts there are.
 */
final class KitchenTurns {
  private static final String NUMBER =
      "(\\d{1,3}|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|a dozen)";

  /** With a unit; a group of its own. */
  static final String MEASURED = "(\\d+(?:[.,/]\\d+)? ?(?:kg|g|ml|cl|dl|oz|tbsps?|tsps?|cups?))";

  private static final String FOOD = "(\\p{L}{3,}(?:[ -]\\p{L}{3,})?)";

  private static final String HOLDER =
      "(?:pot|tub|tin|can|pouch|sachet|pack|packet|carton|cup|bag|jar|bar|scoop|block|bottle|box|slice|ball)(?:e?s)?";

  /** "2 of the small 125 g pots of yogurt". */
  private static final Sought OF_A_SIZE =
      said(
          "(?<=\\b(?:\\d|one|two|three|four|five|six) )of (?:the|these|those|my|our)"
              + "(?: (?:small|little|big|large|single|individual))? "
              + ("(?=\\d+(?:[.,]\\d+)? ?(?:g|ml|oz) " + HOLDER + "\\b)"));

  /** Not "both eggs and milk". */
  private static final Sought BOTH =
      said(
          "\\bboth (?:of )?(?:the |my |those )?(?=(?:egg )?(?:eggs|yolks|whites)\\b"
              + "(?! (?:and|or) (?!the\\b|a\\b|beat|whisk|whip|mix|stir|fold|then|half)\\p{L}))");

  /** "a cup a flour"; not "a cup a day". */
  private static final Sought A_CUP_A =
      said(
          "(?<=\\b(?:a|one|two|three|four|half|\\d) (?:cups?|pints?|pounds?|tins?|pinch|handful) )a "
              + "(?=\\p{L}{4,})(?!day|week|time|piece|person|head|batch|serving|pancake|waffle|little|night|month|bowl|round)");

  /** "a hungry family of four". */
  private static final Sought FAMILY =
      said("(?<=\\ba )(?:hungry|big|small|large|young|busy|whole|growing) (?=family of\\b)");

  /** "200 ml more or less", and not 200 ml more. */
  private static final Sought MORE_OR_LESS =
      said("(?<=\\d ?(?:g|kg|ml|cl|dl|l|oz|lb|cups?|tbsp|tsp|grams?|hundred)? )more or less\\b");

  /** "everything except the walnuts (40 g)". */
  private static final Sought ALL_BUT =
      said(
          "\\b(everything|all|all of it|the lot)(?: else)? (?:except|but|bar|apart from|save)(?: for)? (?:the )?"
              + (FOOD + " \\(" + MEASURED + "\\)"));

  /** "60 g raisins, sultanas, currants, whatever is open". */
  private static final Sought WHATEVER =
      said(
          ("(?<=\\d ?(?:g|ml|tbsp|tsp|oz|cups?) )((?:\\p{L}{3,}, )*\\p{L}{3,})(?:,(?: or)?| or) "
                  + FOOD)
              + "(?:,| or| –| -|, or) (?:whatever|whichever)\\b(?! you do)[^.;\\d\\n]{2,40}(?=[.;\\n]|$)");

  /** "Nobody had sugar." */
  private static final Sought NOBODY =
      said(
          "\\b(?:nobody|no one|no-one|none of (?:us|them|the (?:kids|children))) "
              + "(?:had|has|took|takes|wanted|wants|got|gets|ate|eats|put|puts|likes|liked)(?: any)? (?=\\p{L}{3})"
              + "(?!more|second|seconds|left|enough|time|room|the|less|complaints)");

  /** "a teaspoon in the pan each time, eight times". */
  private static final Sought EACH_TIME =
      said(
          "(\\b(?:pan|iron|griddle|skillet|tava|tawa))?(?: ?,)? (?:(?:each|every) time|(?<!\\bat )a time|per go|a go|each go|every go),?((?: "
              + MEASURED
              + ",)? "
              + NUMBER
              + " times)(?: over)?(?= ?(?:[.,;\\n]|$))");

  /** "I greased it six times with half a teaspoon of oil." */
  private static final Sought GREASED =
      said(
          "\\b((?:greas|butter|oil|brush)ed (?:it|them|the (?:pan|iron|griddle))) ("
              + NUMBER
              + " times) with ([^.,;\\n]{5,40})(?=[.,;\\n]|$)");

  /** "Two rounds, six each, so 12". */
  private static final Sought ROUNDS =
      said(
          "(?<=^|[.,;:\\n]|[.,;:\\n] )"
              + NUMBER
              + " (?:full )?(?:rounds?|trays?|irons?|pans?|batches|goes|lots|griddles|sheets)(?: full)?"
              + "(?:,| of| with| at| –| -|:) "
              + NUMBER
              + "(?: \\p{L}{4,})?(?: (?:each|on each|in each|apiece|a go|per pan|at once))?(?:,|:|;| –| -)? "
              + "(?:(?:and )?(?:so|that's|that is|that makes|which is|which makes|making|makes|altogether|in all|=) ?(?:about )?)?"
              + NUMBER
              + "(?: (?:in all|altogether|in total|all told))?(?= ?(?:[.,;\\n]|$))");

  /**
   * "three lots of 80 g flour", "flour, three measures of 80 g"; not "12 portions of 60 g each".
   */
  private static final Sought LOTS =
      said(
          "(?<=(?<!\\b(?:makes?|made|gives?|gave|into|in|for|serves?|about|got|get|yields?) )\\b(?:\\d|two|three|four|five|six) )"
              + "(?:(?:lots|measures|goes|helpings) of (?=\\d+(?:[.,]\\d+)? ?(?:g|ml)\\b(?! (?:of )?batter))"
              + "|(?:portions|servings) of (?=\\d+(?:[.,]\\d+)? ?(?:g|ml) (?:of )?(?!each|apiece|batter|raw|cooked|dough|mix|and|of)\\p{L}{3}))");

  /** "two bags, 100 g apiece". */
  private static final Sought APIECE = said("(?<=\\d ?(?:g|ml|oz|kg) )apiece\\b");

  /** "80 g flour three times over": lies on nothing. */
  private static final Sought TIMES_OVER =
      said(
          "(?<=\\d ?(?:g|ml|tbsp|tsp|oz|cups?) \\p{L}{2,20} (?:\\p{L}{2,20} )?(?:\\d|two|three|four|five|six) times) over\\b");

  /** "The book has 80 g oats, 250 g flour; mine: 100 g oats, 200 g flour". */
  private static final Sought MINE =
      said("[;,](?= (?:mine|ours) ?: ?\\d[^.;\\n]{3,40}(?:,| and )[^.;\\n\\d]{0,10}\\d)");

  /** "100 g ricotta (400 g pack)": none of the pack's own weight. */
  private static final Sought OUT_OF_PACK =
      said(
          "\\b(\\d{1,5}) ?(g|ml)((?: of)?(?: \\p{L}{3,20}){0,2}) ?\\((?:from |of |out of )?(?:an? |the |my )?(\\d{1,5}) ?(?:g|ml)"
              + " (?:pack|packet|tub|tin|bag|block|carton|bottle|jar|pot|box)\\)");

  /** Idioms with words of places and amounts in them. */
  private static final Sought IDIOM =
      said(
          "\\bfrom the top(?= ?[:,])|\\bhalf (?=asleep|awake)|\\b(?:on|from) the back of an envelope|\\bat the end of the day\\b"
              + "|\\bsecond nature\\b|\\bone of these days\\b");

  /** "… 2 eggs. Notes: for a vegan version use 300 ml soy milk.": as if on a line of its own. */
  private static final Sought NOTES =
      said(
          "(?<=[.!?;]) (?=(?:notes|tips|variations|substitutions|good to know|tips (?:&|and) tricks) ?:)");

  /** "I made do with one egg." */
  private static final Sought MADE_DO =
      said(
          "(?<=\\b(?:i|we) )(?:(?:just|only) )?(?:made do|got away|got by|managed|coped|muddled through) with (?:just |only )?"
              + "(?=(?:an?|one|two|three|half|\\d{1,4})\\b)");

  /** "There was a jar of jam going round": nobody says how much of it was eaten. */
  private static final Sought GOING_ROUND =
      said(
          "\\b(?:(?:there(?:'s| is| was)|(?:we|i) (?:have|had|put|set|stood|left)) )?(?:a|the|my|our) (?:(?:big|small|good|whole|little|large) )?(?:jar|bottle|jug|pot|tub|bowl|dish) of "
              + "(\\p{L}{3,}(?: \\p{L}{3,})??),? (?:that )?(?:(?:was|is|stood|stands|sat|sits|went|goes) )?"
              + "(?:(?:going |passed )?(?:a)?round(?: the table)?|(?:on|in the middle of) the table|in the middle|on the side|to hand|for (?:everyone|anyone|people|all))"
              + "(?= ?(?:[.,;)\\n]|$))");

  /** "slosh in milk till it's right": it is poured. */
  private static final Sought SLOSHED =
      said(
          "(?<!\\b(?:a|an|one|two|another|last|little|big|good|more) )\\b(?:slosh|splosh|splash|glug) in (?=(?:the |some |in )?\\p{L}{3,})");

  /** "for every pancake a small piece, say 5 grams". */
  private static final Sought SOME_SAY =
      said(
          "\\ba (?:(?:small|little|tiny|good|big) )?(?:piece|bit|knob|lump|dab|pat),? (?:say|maybe|roughly|perhaps|around|about|like) (\\d+ ?(?:g|grams?))\\b");

  /** "We had no eggs, a mashed banana stood in." */
  private static final Sought STOOD_IN =
      said(
          "\\b(?:(?:we|i) had no|there (?:was|were) no|(?:we were|i was) out of) (\\p{L}{3,12}(?: \\p{L}{3,12})?)(?:,| and|;| –| -) "
              + "(?=[^.,;\\n]{3,40} (?:stood in|stepped in|filled in|did (?:the job|instead|nicely)|took (?:its|their) place|came to the rescue|had to do)\\b)");

  /** "he manages 2 with yogurt". */
  private static final Sought MANAGES =
      said("\\b(?:can |could )?(?:manages?|managed) (?=" + NUMBER + " with\\b)");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.as(MANAGES, "eats ", "manage"),
          Repair.of(STOOD_IN, at -> "no " + at.group(1) + ", so ", " no ", " out of "),
          Repair.as(SLOSHED, "pour in ", " in "),
          Repair.of(SOME_SAY, at -> at.group(1), "piece", "bit", "knob", "lump", "dab", "pat"),
          Repair.of(
              GOING_ROUND,
              at -> "some " + at.group(1) + " on top",
              "round",
              "the table",
              "middle",
              "on the side",
              "to hand",
              "for "),
          Repair.as(MADE_DO, "only used ", "made do", "got ", "managed", "coped", "muddled"),
          Repair.as(
              IDIOM, "", "the top", "half", "envelope", "end of the day", "nature", "these days"),
          Repair.as(NOTES, "\n", "notes", "tips", "variations", "substitutions", "to know"),
          Repair.as(OF_A_SIZE, "x ", "of the", "of th", "of my", "of our"),
          Repair.as(LOTS, "x ", "lots of", "measures of", "goes of", "ings of", "portions of"),
          Repair.as(TIMES_OVER, "", "times over"),
          Repair.as(APIECE, "each", "apiece"),
          Repair.as(FAMILY, "", "family of"),
          Repair.as(MORE_OR_LESS, "or so", "more or less"),
          Repair.of(
              OUT_OF_PACK, KitchenTurns::outOfPack, "k)", "t)", "b)", "n)", "g)", "e)", "r)", "x)"),
          Repair.as(MINE, ".", "mine", "ours"),
          Repair.as(BOTH, "2 ", "both "),
          Repair.as(A_CUP_A, "", " a "),
          Repair.of(ALL_BUT, at -> at.group(1) + ", " + at.group(3) + " " + at.group(2), "(", "l"),
          Repair.of(WHATEVER, at -> at.group(1) + " or " + at.group(2), "whatever", "whichever"),
          Repair.as(NOBODY, "no ", "nobody", "no one", "no-one", "none of"),
          Repair.of(EACH_TIME, KitchenTurns::eachTime, " time", " go"),
          Repair.of(
              GREASED, at -> at.group(1) + " with " + at.group(4) + " " + at.group(2), " times"),
          Repair.of(ROUNDS, KitchenTurns::made));

  private KitchenTurns() {}

  /** Only where it adds up. */
  private static String made(MatchResult at) {
    boolean adds = number(at, 1) * number(at, 2) == number(at, 3);
    return adds ? "Makes " + at.group(3) : at.group();
  }

  /** What goes in each time goes into the pan. */
  private static String eachTime(MatchResult at) {
    String pan = at.group(1) == null ? "" : at.group(1);
    boolean said = !pan.isEmpty() || at.group(3) != null;
    boolean go = at.group().startsWith(" a go"); // there is less room
    return pan + (said ? "," : go ? " pan," : " in pan,") + at.group(2);
  }

  /** Only where it is less. */
  private static String outOfPack(MatchResult at) {
    boolean less = Integer.parseInt(at.group(1)) < Integer.parseInt(at.group(4));
    return less ? at.group(1) + " " + at.group(2) + at.group(3) : at.group();
  }

  private static double number(MatchResult at, int group) {
    String said = at.group(group).toLowerCase(Locale.ROOT);
    return said.equals("a dozen") ? 12 : NumberText.read(said);
  }
}
