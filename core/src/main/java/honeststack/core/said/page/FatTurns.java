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
      "((?: of)?(?: (?:the|olive|sunflower|rapeseed|vegetable|coconut|canola|peanut|melted|clarified|salted|unsalted|sesame|gingelly|mustard|groundnut|avocado|corn|neutral))* (?:oil|butter|ghee|lard|margarine|dripping|fat))";

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
          "(?<=\\b(?:oil|butter|ghee|lard|margarine|dripping|fat)) (?:saw me through(?: it| them| the lot)?|saw to (?:the (?:whole )?lot|them all|all of them|it)|did (?:the (?:whole )?lot|them all|all of them)"
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

  /** Without a kind, also where a sentence begins with it. */
  private static final String PLAIN_FAT =
      "((?: of)?(?: |\\b)(?:oil|butter|ghee|lard|margarine|dripping|fat))";

  private static final String SAY =
      " *(?:,|;| –| -)? (?:(?:i(?:'d| would)? )?(?:say|reckon|guess|think|make it)|about|roughly|maybe|perhaps|call it)?(?: about)? ?";

  private static final String TOLD =
      "((?:\\d{1,3}|(?:ten|twenty|thirty|forty|fifty|sixty)) ?(?:g|ml|grams?)\\b)";

  private static final String TO_THE_END =
      " (?:by the (?:end|finish)|(?:for|over) (?:the|all) (?:"
          + Numerals.STRICT
          + "|lot|batch)|in the end|before (?:i|we) (?:was|were) done)";

  /** "a dab of butter in the pan every second round, reckon 20 g by the end". */
  private static final Sought BY_THE_END =
      said(
          "\\b(?:(?:an?|some|the) )?(?:(?:small|little|tiny|good) )?(?:(?:lump|dab|dob|bit|knob|nut|drop|dot|piece|drizzle|splash|smear|scrape|nub|pat|glug)(?= of))?"
              + PLAIN_FAT
              + "(?: (?:in|into|for|on) (?:the|my) (?:pan|iron|griddle|skillet))?,?(?: (?:a|an) (?:nut|knob|dab|drop|bit))?"
              + " (?:(?:every|each) (?:time|(?:second|other|third|single) (?:one|round|time|pancake|waffle|batch|go)|round|go|batch|\\d (?:pancakes|waffles|rounds|crepes))|as (?:i|we) (?:went|go)(?: along)?|between (?:rounds|batches|pancakes|each(?: one)?))"
              + SAY
              + TOLD
              + TO_THE_END
              + END);

  /** "For the pan, lard, a nut each time, I would say forty grams for the twelve." */
  private static final Sought PAN_AHEAD =
      said(
          "\\bfor the (?:pan|griddle|iron|skillet),?"
              + FAT
              + ",? (?:(?:an?|the) )?(?:(?:nut|knob|dab|drop|bit|little) )?(?:(?:each|every) (?:time|one|go|round))"
              + SAY
              + TOLD
              + TO_THE_END
              + END);

  private static final String PIECE =
      "(?:one|pancake|waffle|cr[eê]pe|dosai?|galette|piece|round|chilla)";

  /** "Each dosa I drizzle half a teaspoon of oil around." */
  private static final Sought AROUND =
      said(
          "\\b(?:for |on |with )?(?:each|every) (?:single )?"
              + PIECE
              + ",? +i (?:drizzle|put|pour|add|dribble|trickle|use) ((?:(?:about|half|quarter|an?|one|two|\\d|½|¼) )+(?:"
              + UNIT
              + "s?|g|ml)"
              + FAT
              + ") (?:around|round|along)(?: (?:it|the (?:edges?|sides?|outside)))?"
              + END);

  /** "I cook them in a bit more of the oil, say a teaspoon in all." */
  private static final Sought MORE_OF =
      said(
          "\\b(?:in|with) (?:a (?:bit|little|drop|touch)|some)(?: more)?(?: of (?:the|that))?(?: same)? (oil|butter|ghee|lard|margarine|fat)"
              + SAY
              + "((?:an?|one|two|half an?|\\d{1,3}|½) ?(?:"
              + UNIT
              + "s?|g|ml))"
              + "(?: (?:in all|altogether|in total|all told|for the lot|over the lot))?"
              + END);

  /** "Iron: spray, 1 g per waffle." */
  private static final Sought SPRAY =
      said(
          "(?<=\\b(?:iron|irons|pan|griddle|grill) ?[:–-] ?)(spray|oil spray|cooking spray),? (\\d{1,2}(?:[.,]\\d)? ?g)(?= (?:per|a|each|for each)\\b)");

  /** "Lard in the pan, a bit the size of a hazelnut for each one, maybe 5 grams a time." */
  private static final Sought EACH_TIME =
      said(
          "(?<=^|[.!;\\n,] ?)(?:(?:an?|some|the) (?:(?:small|little|tiny|good) )?(?:lump|dab|dob|bit|knob|nut|drop|dot|piece|smear|nub|pat|speck)(?= of))?"
              + PLAIN_FAT
              + "(?: (?:in|into|for|on) (?:the|my) (?:pan|iron|griddle|skillet))?,?(?: (?:a bit|a piece|about))?(?: the size of an? \\p{L}{3,9}(?: \\p{L}{3,5})?)?"
              + " (?:for each(?: (?:one|pancake|waffle|crepe))?|for every (?:one|pancake|waffle)|each time|every time)"
              + SAY
              + TOLD
              + "(?: (?:a time|each|apiece|a go|at a time|every time))?"
              + END);

  /** "30 g lard frying". */
  private static final Sought FRYING =
      said("(?<=\\b(?:oil|butter|ghee|lard|margarine|dripping)) frying(?= ?(?:[.;,\\n]|$))");

  /** "The pan was oiled once, half a teaspoon." */
  private static final Sought OILED =
      said(
          "\\b(?:the |my )?(pan|iron|griddle|skillet|tawa) (?:is|was|gets|got|has been) (oil|butter)ed(?: (?:once|lightly|first|well|twice))?,? (?:with |about )*"
              + "((?:(?:half|quarter|an?|one|two) )+(?:of a )?(?:teaspoon|tablespoon|tsp|tbsp)s?|\\d{1,2} ?(?:g|ml|tsp|tbsp))"
              + END);

  /** "Oil: two bottles in the box, one of them gone by the end." */
  private static final Sought GONE =
      said(
          "\\b(?:(?:were|was|had|is) )?(?:gone|used(?: up)?|finished|disappeared|went) by the (?:end|finish)\\b"
              + "(?<=\\b(?:oil|butter|ghee|lard|fat)\\b[^.;\\n]{0,80})");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              OILED,
              at -> at.group(1) + ": " + at.group(3) + " " + at.group(2),
              "oiled",
              "buttered"),
          Repair.of(
              EACH_TIME,
              at -> at.group(2) + " " + fat(at, 1) + " in the pan each",
              "each",
              "every"),
          Repair.as(FRYING, " to fry", " frying"),
          Repair.as(GONE, "in the pan", "by the end", "by the finish"),
          Repair.of(
              BY_THE_END,
              at -> at.group(2) + " " + fat(at, 1) + " in the pan" + made(at, 3),
              "every ",
              "each ",
              " as ",
              "between "),
          Repair.of(
              PAN_AHEAD,
              at -> at.group(2) + at.group(1) + " in the pan" + made(at, 3),
              "every ",
              "each "),
          Repair.of(AROUND, at -> "pan: " + at.group(1) + " each", "each ", "every "),
          Repair.of(
              MORE_OF,
              at -> "in " + at.group(2) + " of " + at.group(1),
              "bit ",
              "little ",
              "drop ",
              "touch ",
              "some "),
          Repair.of(SPRAY, at -> at.group(2) + " oil", "spray"),
          Repair.of(
              IN_ALL,
              at -> at.group(2) + " " + fat(at, 1) + " in the pan",
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

  private static String fat(MatchResult at, int group) {
    return at.group(group).strip().replaceFirst("^of ", "");
  }

  /** "for the twelve": so many came out, where that was said. */
  private static String made(MatchResult at, int number) {
    return at.group(number) == null ? "" : ". Makes " + Numerals.of(at.group(number));
  }

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
