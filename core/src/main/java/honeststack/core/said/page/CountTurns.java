package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * How many came out and for whom, in turns of a sentence of its own: "A serving is two of the
 * eight.", "Does four plates.", "Stopped at eight.", "Only myself to feed."
 */
final class CountTurns {
  private static final String NUMBER = Numerals.STRICT;

  private static final String START = YieldTurns.START;

  private static final String END = YieldTurns.END;

  private static final String PIECES = "(?:pancakes|waffles|pieces|cr[eê]pes|blini|ones)";

  private static final Sought SERVING =
      said(
          START
              + "(?:(?:a|one|each) )?(?:serving|portion)(?: size)?(?: is| was|:| =) ?"
              + NUMBER
              + "(?: "
              + PIECES
              + ")?,?(?: \\(| -| –)? ?(?:out )?of (?:the |all )?"
              + NUMBER
              + "(?: "
              + PIECES
              + ")?\\)?"
              + END);

  private static final Sought PLATES =
      said(START + "(?:(?:does|makes|fills|gives|filled|that's) )?" + NUMBER + " plates" + END);

  private static final Sought STOPPED =
      said(
          START
              + "(?:(?:i|we) )?(?:stopped|ended|finished|wound up)(?: up)? (?:at|with|on) "
              + NUMBER
              + "(?: of them| in all)?"
              + END);

  private static final Sought ALONE =
      said(
          START
              + "(?:(?:(?:it's|that's|this is|they're) )?(?:just |only )?for (?:me|myself)(?: alone| only| by myself)|(?:there(?:'s| is| was) )?(?:only|just|nobody but|no one but|no-one but) (?:myself|me)(?: to feed| here| at home| to eat| eating| to cook for))"
              + END);

  private static final Sought LADLES =
      said(
          START
              + "(?:a )?(?:ladle|scoop|cup) of (\\d{2,3} ?ml),? "
              + NUMBER
              + " (?:ladles?|scoops?|cups?|ladlefuls?)(?: of it| of batter)?"
              + END);

  /** "three on a plate, five plates". */
  private static final Sought ON_PLATES =
      said(
          START
              + "(?:one plate each(?: for "
              + NUMBER
              + " of us)?,? )?"
              + NUMBER
              + " (?:on|to|per) (?:a|each|every|the|one) plate(?:,? (?:and )?(?:it (?:did|made|filled|does) |we filled |for )?"
              + NUMBER
              + " plates)?"
              + END);

  private static final Sought PLATES_OF =
      said(
          START
              + NUMBER
              + " plates,?(?: of| with| at)? "
              + NUMBER
              + "(?: on each| each| a plate| apiece)?"
              + END);

  /** "a portion's two and I had 7 portions". */
  private static final Sought PORTIONS =
      said(
          START
              + "(?:(?:a|one) (?:portion|serving)(?:'s| is| was| =) "
              + NUMBER
              + "|"
              + NUMBER
              + " (?:make|makes|is|are|to) a (?:portion|serving)|(?:portions|servings) of "
              + NUMBER
              + "),? (?:and |so )?(?:(?:i|we|it) )?(?:had|got|made|gave|have|get|makes)? ?"
              + NUMBER
              + "(?: (?:portions|servings)| of (?:them|those))(?: out of (?:it|that|this)| from (?:it|that|this))?"
              + END);

  /** "Usually I get eight, today it was ten." */
  private static final Sought TODAY =
      said(
          START
              + "(?:(?:i|we|it) )?(?:usually|normally|generally|as a rule|mostly)(?: (?:i|we|it))? (?:get|gets|make|makes|give|gives|is)(?: me)? "
              + NUMBER
              + "(?: "
              + PIECES
              + ")?,? ?(?:but |and |– |- |; )?(?:today|this time|this morning|now)(?: (?:it|i|we|there|only|just|was|were|got|had|made|gave|me|came out|came to))* "
              + NUMBER
              + END);

  /** "It did nineteen today; usually I get twenty." */
  private static final Sought USUALLY =
      said(
          START
              + "(?:(?:it|this|that|we|i|they) )?(?:(?:did|made|gave|got|came to|was|were|had)(?: me| us)? )?"
              + NUMBER
              + "(?: "
              + PIECES
              + ")?,? (?:today|this time|this morning)[,;]?(?: but| and|\\.)? (?:usually|normally|generally|mostly|as a rule)(?: (?:it|i|we))?(?:'s| is| (?:get|gets|make|makes|give|gives|have))*(?: me)? "
              + NUMBER
              + END);

  /** "That does me for two mornings." */
  private static final Sought MORNINGS =
      said(
          START
              + "(?:that|it|this|they|which)(?:'ll)? (?:will )?(?:does|did|do|lasts|lasted|last|feeds|fed) me(?: for)? "
              + NUMBER
              + " (?:mornings|breakfasts|days|meals)"
              + END);

  private static final String SHARER = "(?:me|us|him|her|(?:my|the|our) \\p{L}{3,12})";

  /** "Split between my son and me.", "Half for me, half for him." */
  private static final Sought BETWEEN_TWO =
      said(
          START
              + "(?:(?:(?:i|we) )?(?:split|shared|divided|share|halved)(?: (?:them|it|these|the lot))? (?:between|by|with|among) "
              + ("(?:me and "
                  + SHARER
                  + "|"
                  + SHARER
                  + " and (?:me|myself|i)|us both|the both of us)")
              + ("|half (?:of (?:them|it) )?(?:for|to) "
                  + SHARER
                  + "(?:,| and|;)+ (?:the other )?half (?:of (?:them|it) )?(?:for|to) "
                  + SHARER
                  + ")")
              + END);

  /** "Makes 12, and I count three as a portion." */
  private static final Sought COUNT_AS =
      said(
          "\\b(?:i|we) (?:count|call|reckon|serve|take|treat|consider) "
              + NUMBER
              + " (?:as |to |of them as )?(?:a|one) (portion|serving)"
              + END);

  private static final String ONE =
      "(?:me|him|her|you|(?:my|the|our) (?:wife|husband|son|daughter|mum|dad|boy|girl|kid|child|partner|friend|brother|sister|little one))";

  /** "Three for me, two for her." */
  private static final Sought FOR_ME =
      said(START + NUMBER + " for " + ONE + "(?:,| and|;|, and) " + NUMBER + " for " + ONE + END);

  /** "At least ten", "never more than eight", "just short of twenty". */
  private static final Sought BOUND =
      said(
          START
              + "(?<!\\b(?:hours?|minutes?|rest|rests|stand|stands|wait|soak|soaks|overnight|degrees)\\b[^\\n]{0,40})"
              + "(at least|no fewer than|not fewer than|never more than|not more than|no more than|at most|just short of|just under|a bit under|nearly|almost|not quite|just over|a bit over) "
              + NUMBER
              + "(?: of them| "
              + PIECES
              + ")?"
              + "(?= ?(?:[.;\\n]|$))");

  /** "The twelve of them fed six." */
  private static final Sought FED =
      said(
          START
              + "(?:the |these |those )?"
              + NUMBER
              + "(?: of them| "
              + PIECES
              + ")? fed "
              + NUMBER
              + "(?: of us| people| kids)?"
              + END);

  private static final String HAD = "(?:with|at|had|have|has|got|gets|get|eat|eats|ate)";

  /** "Two adults with three each and a child with one." */
  private static final Sought ADULTS =
      said(
          START
              + Numerals.ANY
              + " (?:adults?|people|grown[- ]ups?|women|men|teenagers?) "
              + HAD
              + " "
              + NUMBER
              + "(?: each)?(?:,| and|;|, and) "
              + Numerals.ANY
              + " (?:child|children|kids?|toddlers?|little ones?|teenagers?) "
              + HAD
              + " "
              + NUMBER
              + "(?: each)?"
              + END);

  private static final String TELLS =
      "(?:(?:that |it |this |they |i |we |which )?(?:makes?|made|gives?|gave|got|get|had|have|yield(?:s|ed)))";

  private static final String RUNT =
      "(?:the|that|my|one|an?|those)(?: (?:very|really|rather))? (?:tiny|small|little|wee|mini|baby|runt|scrap|scraps|odd|broken|torn|burnt|thin|first|last|misshapen|wonky|ugly|half|one (?:that|for|i))";

  /** "Made seven, well eight counting the tiny one." */
  private static final Sought WITH_RUNT =
      said(
          "\\b(?:"
              + TELLS
              + " "
              + NUMBER
              + "|"
              + NUMBER
              + " (?:came out|of them|in all))(?: "
              + PIECES
              + ")?(?:,|;| –| -)* ?(?:(?:well|or|so|actually|no|maybe|and) )*(?:it's |that's |call it )?"
              + NUMBER
              + "(?: "
              + PIECES
              + ")? (?:(?:if|when) (?:you|i|we|one) counts? |counting |including |incl\\.? |with )"
              + RUNT
              + "[^.,;\\d\\n]{0,40}"
              + END);

  /** "On the plate go three.", "Three go on a plate." */
  private static final Sought GO_ON =
      said(
          START
              + "(?:on (?:the|each|a|every) plate (?:go|goes|are|went|come) "
              + NUMBER
              + "|"
              + NUMBER
              + " (?:of them )?(?:go|goes|went|fit|sit|come) on (?:the|each|a|every) plate)"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              GO_ON,
              at -> (at.group(1) == null ? at.group(2) : at.group(1)) + " to a plate",
              " plate"),
          Repair.of(WITH_RUNT, at -> "made " + at.group(3), "count", "including", "incl", " with "),
          Repair.of(
              FOR_ME,
              at -> YieldTurns.made(at, n(at, 1) + n(at, 2), 2),
              " for me",
              " for h",
              " for "),
          Repair.of(
              BOUND,
              CountTurns::bound,
              "at least",
              "fewer",
              "more than",
              "at most",
              "just ",
              "a bit ",
              "nearly",
              "almost",
              "not quite"),
          Repair.of(FED, at -> YieldTurns.made(at, n(at, 1), n(at, 2)), " fed "),
          Repair.of(
              ADULTS,
              at ->
                  YieldTurns.made(
                      at, n(at, 1) * n(at, 2) + n(at, 3) * n(at, 4), n(at, 1) + n(at, 3)),
              "child",
              "kid",
              "toddler",
              "little one",
              "teenager"),
          Repair.of(USUALLY, at -> "made " + at.group(1), "today", "this "),
          Repair.of(TODAY, at -> "made " + at.group(2), "today", "this ", "now"),
          Repair.of(MORNINGS, at -> serves(at.group(1)), " me"),
          Repair.as(BETWEEN_TWO, "serves 2", "between", "half", "by", "with", "among"),
          Repair.of(
              COUNT_AS, at -> "a " + at.group(2) + " is " + at.group(1), "portion", "serving"),
          Repair.of(ON_PLATES, CountTurns::plates, " plate"),
          Repair.of(PLATES_OF, at -> YieldTurns.made(at, n(at, 1) * n(at, 2), n(at, 1)), " plates"),
          Repair.of(PORTIONS, CountTurns::portions, "portion", "serving"),
          Repair.of(
              SERVING,
              at -> "makes " + at.group(2) + ", " + at.group(1) + " each",
              "serving",
              "portion"),
          Repair.of(PLATES, at -> serves(at.group(1)), " plates"),
          Repair.of(STOPPED, at -> "made " + at.group(1), "stopped", "ended", "finished", "wound"),
          Repair.as(ALONE, "just for me", "myself", " me"),
          Repair.of(LADLES, at -> "made " + at.group(2), "ladle", "scoop", "cup"));

  private CountTurns() {}

  private static String plates(MatchResult at) {
    int eaters = at.group(3) != null ? n(at, 3) : at.group(1) != null ? n(at, 1) : 0;
    return eaters > 0 ? YieldTurns.made(at, eaters * n(at, 2), eaters) : at.group();
  }

  private static String portions(MatchResult at) {
    int each = n(at, at.group(1) != null ? 1 : at.group(2) != null ? 2 : 3);
    return YieldTurns.made(at, each * n(at, 4), n(at, 4));
  }

  private static String bound(MatchResult at) {
    String low = at.group(1).toLowerCase(Locale.ROOT);
    int number = n(at, 2);
    boolean over = low.endsWith("over");
    boolean near = over || low.matches(".*(?:under|short of|nearly|almost|quite)");
    return "makes "
        + (!near ? number : over ? number + "-" + (number + 1) : number - 1 + "-" + number);
  }

  private static int n(MatchResult at, int group) {
    return YieldTurns.n(at, group);
  }

  private static String serves(String many) {
    return "serves " + many.toLowerCase(Locale.ROOT);
  }
}
