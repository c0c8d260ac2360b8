package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * Pieces told by how often something was filled, ladled or cut: "they come off in fours and I
 * filled the griddle three times", "a ladle each; seven ladles", "one tray, cut four by three".
 */
final class PieceTurns {
  private static final String NUMBER = Numerals.STRICT;

  private static final String START = "(?<=^|[.!;\\n] ?)";

  private static final String END = "(?= ?(?:[.;)\\n]|$))";

  private static final String AND = "(?: ?[,;:–-])?(?: (?:and|so|then|but))* ?";

  private static final String PIECES =
      "(?:pancakes?|waffles?|cr[eê]pes?|galettes?|pieces?|squares?|wedges?|ones?|of them)";

  /** "They come off in fours and I filled the griddle three times." */
  private static final Sought IN_FOURS =
      said(
          START
              + "(?:they|these|mine|the (?:pancakes|waffles)) (?:come|came|go|went|cook|are made|were made|bake)(?: (?:off|out|in|on))? in (pairs|twos|threes|fours|fives|sixes|eights)"
              + AND
              + "(?:i |we )?(?:(?:filled|used|loaded|opened|did) (?:the |it|that |my )?(?:griddle|iron|pan|plate)? ?|there (?:were|was) )"
              + NUMBER
              + " (?:times|rounds|fillings|goes|loads|lots)"
              + END);

  /** "Two irons, two waffles each, four fillings." */
  private static final Sought IRONS =
      said(
          START
              + NUMBER
              + " (?:irons|pans|griddles|plates|skillets), "
              + NUMBER
              + "(?: "
              + PIECES
              + ")? (?:each|apiece|at a time|in each),(?: and)? "
              + NUMBER
              + " (?:fillings|rounds|times|goes|loads|turns)"
              + END);

  /** "A ladle each; seven ladles." */
  private static final Sought LADLES =
      said(
          START
              + "(?:an?|one) (?:ladle|scoop|cup|jug|spoon)(?:ful)? (?:each|apiece|per "
              + PIECES
              + "|an? "
              + PIECES
              + "|for each)"
              + AND
              + "(?:(?:it|that|there|i|we) (?:was|were|is|made|got|had|came to|took) )?"
              + NUMBER
              + " (?:ladles|scoops|cups|jugs|spoons)(?:fuls?)?(?: (?:in all|altogether|in total|in it|of it))?"
              + END);

  /** "My pan has nineteen hollows and I fill it five times." */
  private static final Sought HOLLOWS =
      said(
          START
              + "(?:the|my|our) (?:pan|iron|griddle|skillet|one) (?:has|holds|takes|does) "
              + NUMBER
              + " (?:hollows|holes|wells|cups|dimples|moulds|at a time|at once|pieces)"
              + AND
              + "(?:i |we |it )?(?:fill|filled|was filled|do|did|use|used)(?: (?:it|them|that|the pan|all|all of them))? "
              + NUMBER
              + " times"
              + END);

  /** "We served fifty-two, one each." */
  private static final Sought SERVED =
      said(
          START
              + "(?:we|i) (?:served|fed) "
              + NUMBER
              + "(?: (?:people|of them|kids|children))?,? (?:one|1) (?:each|apiece|a head)"
              + END);

  private static final String ABOUT = "(?:(?:approx\\.?|about|ca\\.?|circa|roughly|around|~) ?)?";

  /** "Portion 75 g, approx 10 pcs", "75 g each, about 10 pieces". */
  private static final Sought PORTIONED =
      said(
          "(?<=^|[.;\\n] ?)(?:(?:portions?|pieces?|scale|weigh|scoops?|balls?)(?: at| of|:)? ?(\\d{2,3} ?g)(?: each)?(?:,|:| –| =)+ ?"
              + ABOUT
              + NUMBER
              + "(?: ?(?:pcs?|pieces|pancakes|waffles|portions|stk))?|(\\d{2,3} ?g)(?: each| apiece),? "
              + ABOUT
              + NUMBER
              + " ?(?:pcs?|pieces|pancakes|waffles|portions|stk))"
              + END);

  /** "… a spoon of oil and thats six" */
  private static final Sought THATS =
      said(
          "(?<=\\p{L}{3})(?<!\\b(?:eggs?|yolks?|whites?|me|us|him|her|you|kids|children|guests|friends|wife|husband|mum|dad)),? and (?:thats|that['’]s|its|it makes|that makes) "
              + ABOUT
              + "(\\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|sixteen|twenty)"
              + "(?= ?(?:[.;\\n]|$|, (?:top|on top|then|i|we)\\b))");

  /** "I spoon them out at 15 g, and it does seventy." */
  private static final Sought SPOONED =
      said(
          START
              + "(?:(?:i|we) )?(?:spoon|ladle|scoop|portion|pipe|weigh|drop|deposit)(?:e?d)?(?: (?:them|it))?(?: out)? (?:at|out at|by the) \\d{1,3} ?g(?:rams)?(?: each)?"
              + AND
              + "(?:(?:it|that|this|they|i|we|which|there)(?: (?:does|did|makes|made|gives|gave|was|is|were|are|get|got|had|comes to|came to)|['’]s)|(?:that|it)['’]s) "
              + ABOUT
              + NUMBER
              + END);

  private static final String BIN =
      "(?:(?:was|were|is|went|got|came out|goes|fell) )?(?:(?:for|in|into|to|on|down) (?:the|my) (?:bin|dog|cat|birds|hens|floor|compost|sink)|burnt|burned|ruined|dropped|i dropped)";

  /** "I had nine this morning, of which one was for the bin." */
  private static final Sought BINNED =
      said(
          START
              + "(?:i|we|it|there|that)(?:['’]ve)? (?:had|got|made|did|came|were|was|gave|came to) "
              + NUMBER
              + "(?: "
              + PIECES
              + ")?(?: (?:this morning|today|in all|altogether))?,? (?:(?:of which|but|and) "
              + NUMBER
              + "(?: of (?:them|which|those))?|"
              + NUMBER
              + " of (?:them|which|those)) "
              + BIN
              + END);

  /** "Cut in twelve, so twenty-four." */
  private static final Sought CUT_SO =
      said(
          START
              + "(?:(?:i|we) )?(?:cut|sliced|divided)(?: (?:it|them|each|each one))? (?:in|into) "
              + NUMBER
              + "(?: each)?,? so (?:that's |that makes |it's |it makes )?"
              + ABOUT
              + NUMBER
              + "(?: (?:from|out of|of) [^.;,\\d\\n]{3,20})?"
              + END);

  /** "One big one, folded." */
  private static final Sought BIG_ONE =
      said(
          START
              + "(?:it's |that's |makes )?(?:(?:just )?(?:one|a single|1)(?: (?:big|large|thick|giant|huge|enormous|thin|plate[- ]sized))+ (?:one|pancake|waffle|cr[eê]pe)|just the one(?=, (?:plate|thick)))"
              + "(?:, (?:folded|rolled|flipped once|cut in half|plate[- ]sized|thick))?"
              + "(?= ?(?:[.;\\n]|$))");

  private static final String BATCH = "(?:batches|lots|bowls)";

  /** "We made three batches and each gave ten." */
  private static final Sought EACH_BATCH =
      said(
          "\\b(?:made|did|make|do) "
              + NUMBER
              + " "
              + BATCH
              + "([^.;,\\d\\n]{0,25})(?:[.,;]| and|[.,;] and) (?:each(?: (?:batch|one|of them|lot|bowl))? (?:gives?|gave|makes?|made|yields?|does|did)(?: (?:about|around|me|us))? "
              + NUMBER
              + "|(?:about |around )?"
              + NUMBER
              + " (?:from|out of|to) each(?: (?:batch|one|lot|bowl))?)"
              + END);

  /** "A batch: 225 g flour, … We did five batches": of the bowl, not of the pan. */
  private static final Sought DID_BATCHES =
      said(
          "\\b(?:i|we) (?:did|do) "
              + NUMBER
              + " batches\\b(?<=\\b(?:a|one|each|per) batch ?(?:is|:|,|=|takes|has)[^\\n]{0,300})");

  private static final String RUNTS =
      "(?:tiny|small|little|broken|torn|burnt|thin|misshapen|wonky|ugly|half[- ]size|mini|for the dog|smaller|scraps)";

  /** "Fourteen, of which two were tiny", "fourteen, counting the two tiny ones". */
  private static final Sought OF_WHICH =
      said(
          START
              + "(?:(?:that )?(?:made|makes|gave) |(?:i|we) (?:got|had|made) )?"
              + NUMBER
              + "(?: "
              + PIECES
              + ")?(?: in all)?,? (?:of which "
              + NUMBER
              + " (?:were|was|are|is)(?: (?:very|rather|really|a bit))? "
              + RUNTS
              + "|"
              + NUMBER
              + " of them(?: (?:were|was|are|is))?(?: (?:very|rather|really|a bit))? "
              + RUNTS
              + "|(?:counting|including) the (?:"
              + NUMBER
              + " )?"
              + RUNTS
              + " ones?)"
              + END);

  private static final String SHEET = "(?:sheets?|trays?|tins?|slabs?|sheet pans?|traybakes?)";

  /** "Three sheets, each cut in eight." */
  private static final Sought SHEETS =
      said(
          START
              + "(?:it (?:makes|made|fills|filled) |makes |made )?"
              + NUMBER
              + " "
              + SHEET
              + "(?:,| and| –|;)* (?:(?:each|all|every one|and|i|we|they)(?: (?:is|was|are|were))? )*(?:cut|divided|sliced)(?: (?:each|them|it))? (?:in(?:to)?|up into) "
              + NUMBER
              + "(?: "
              + PIECES
              + ")?"
              + END);

  /** "One tray, cut four by three." */
  private static final Sought GRID =
      said(
          "(?:(?<=^|[.!;,\\n] ?)(?:(?:one|an?) "
              + SHEET
              + ",? )?(?:and )?(?:i |we )?)(?:is |was )?cut (?:it )?"
              + NUMBER
              + " (?:by|x|×) "
              + NUMBER
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(IN_FOURS, at -> filled(in(at.group(1)), n(at, 2)), " in "),
          Repair.of(IRONS, at -> filled(n(at, 1) * n(at, 2), n(at, 3)), "each", "apiece", "time"),
          Repair.of(LADLES, at -> made(n(at, 1)), "ladle", "scoop", "cup", "jug", "spoon"),
          Repair.of(HOLLOWS, at -> filled(n(at, 1), n(at, 2)), " times"),
          Repair.of(SERVED, at -> "Makes " + n(at, 1) + ", 1 each", "served", "fed"),
          Repair.of(
              PORTIONED,
              PieceTurns::portioned,
              "portion",
              "piece",
              "scale",
              "weigh",
              "scoop",
              "ball",
              "each",
              "apiece"),
          Repair.of(
              THATS, at -> ". " + made(n(at, 1)), "thats", "that's", "that’s", "its", "makes"),
          Repair.of(SPOONED, at -> made(n(at, 1)), " at ", "by the"),
          Repair.of(BINNED, at -> made(n(at, 1)), "which", "of them", "of those", " but ", " and "),
          Repair.of(CUT_SO, at -> made(n(at, 2)), "cut", "slice", "divide"),
          Repair.as(BIG_ONE, "Makes 1", " one", "pancake", "waffle", "cr"),
          Repair.of(EACH_BATCH, PieceTurns::batches, "each"),
          Repair.of(DID_BATCHES, at -> "Made " + n(at, 1) + " batches", " batches"),
          Repair.of(OF_WHICH, at -> made(n(at, 1)), "which", "of them", "counting", "the "),
          Repair.of(SHEETS, at -> made(n(at, 1) * n(at, 2)), "cut", "divided", "sliced"),
          Repair.of(GRID, at -> made(n(at, 1) * n(at, 2)), "cut "));

  private PieceTurns() {}

  private static int n(MatchResult at, int group) {
    return Numerals.of(at.group(group));
  }

  private static String batches(MatchResult at) {
    int each = n(at, at.group(3) == null ? 4 : 3);
    return "made " + n(at, 1) + " batches. Makes " + n(at, 1) * each;
  }

  private static String filled(int atOnce, int times) {
    return atOnce + " at a time, " + times + " times";
  }

  private static String portioned(MatchResult at) {
    return made(n(at, at.group(1) == null ? 4 : 2));
  }

  private static String made(int pieces) {
    return "Makes " + pieces;
  }

  private static int in(String groups) {
    String low = groups.toLowerCase(Locale.ROOT);
    return switch (low) {
      case "pairs", "twos" -> 2;
      case "sixes" -> 6;
      default -> Numerals.of(low.substring(0, low.length() - 1));
    };
  }
}
