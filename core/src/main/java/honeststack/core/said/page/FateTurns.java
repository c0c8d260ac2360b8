package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * How many came out, and for whom, told by what became of them: "One landed on the floor, which
 * leaves seven of eight.", "Froze half, which was five.", "Meant for four, it did six of us."
 */
final class FateTurns {
  private static final String NUMBER = Numerals.STRICT;

  private static final String END = YieldTurns.END;

  private static final String PIECES = "(?: (?:pancakes|waffles|pieces|cr[eê]pes|ones|good ones))?";

  /** "I count nine of the ten": they were ten. */
  private static final Sought OF_ALL =
      said(
          "\\b(?:(?:which|that) (?:leaves|left)|leaving|so|(?:(?:i|we) )?(?:count|kept|served|plated|ate|ended (?:up )?with)) "
              + NUMBER
              + PIECES
              + " (?:out )?of (?:the |my )?"
              + NUMBER
              + PIECES
              + "(?: (?:got eaten|were eaten|were good|were served|made it(?: to the (?:plate|table))?|survived))?"
              + END);

  /** "I lost two to the smoke alarm and plated ten." */
  private static final Sought LOST =
      said(
          "\\b(?:i|we) (?:lost|dropped|burnt|burned|binned|ruined|tore|threw away|gave up on|wasted) "
              + NUMBER
              + PIECES
              + "(?: [^.,;\\d\\n]{1,30}?)?,?(?: and| so| but| then)* (?:(?:i|we) )?(?:plated|served|kept|ended up with|got|was left with|were left with|had) "
              + NUMBER
              + PIECES
              + "(?: left| whole| good)?"
              + END);

  /** "Froze half, which was five." */
  private static final Sought HALF =
      said(
          "\\b(?:(?:i|we) )?(?:froze|ate|kept|had|gave away|took|served) half(?: of (?:them|it|the lot))?(?: (?:for (?:breakfast|lunch|dinner|later|tomorrow)|today|now|at once|straight away))?"
              + "(?:,|;| –| -)? (?:which (?:was|is|were|makes|made)|that(?:'s| was| is| makes)|so) "
              + NUMBER
              + PIECES
              + "(?:,? (?:and|the|half) [^.;\\d\\n]{3,60})?"
              + END);

  private static final String EATERS =
      "(?: (?:of us|people|persons|hungry people|eaters|in the end|adults))*";

  /** "The recipe is for four but we stretched it to six." */
  private static final Sought MEANT =
      said(
          "\\b(?:(?:the|this|my) recipe(?:'s| is| was| says)|it(?:'s| is| was| says| should)|they(?:'re| are| were)|meant|supposed|officially|on paper)"
              + "(?: (?:meant|supposed|to|it|for|be|feeds?|serves?|enough))* "
              + NUMBER
              + EATERS
              + "(?:,|;| –| -)? (?:(?:but|and|though|yet|it|we|i|actually|really) )*"
              + "(?:did|stretched(?: it)?(?: to)?|made it (?:do|stretch to)|fed|feeds|does|do|there were|were|are|served|had to do(?: for)?) "
              + NUMBER
              + EATERS
              + END);

  /** "We were three, though it says serves four." */
  private static final Sought WERE =
      said(
          "\\b(?:there were|we were|we are) "
              + NUMBER
              + EATERS
              + ",? (?:though|although|but|while|and) (?:it|the recipe|this|the book|the card)(?:'s| is| was| says| claims)(?: (?:it|to|is|for|meant|serves?|feeds?|enough))* "
              + NUMBER
              + EATERS
              + END);

  /** "The dog got one and we shared the other seven." */
  private static final Sought OTHERS =
      said(
          "\\b(?:[a-z]+ )?(?:the|my|our) \\p{L}{3,10} (?:got|had|ate|stole|took|nicked) "
              + NUMBER
              + PIECES
              + ",?(?: and| so| but)* (?:(?:i|we|us|they|the rest of us) )?(?:shared|ate|had|got|kept|split|served|froze) the (?:other|remaining|last) "
              + NUMBER
              + PIECES
              + END);

  /** "Half of them, four, went into the freezer." */
  private static final Sought HALF_WENT =
      said(
          "\\bhalf(?: of (?:them|it|the lot|the batch))?(?:,| \\(| –| -) ?"
              + NUMBER
              + PIECES
              + "(?:,|\\)| –| -)? (?:went|are|were|is|go|got|i|we) [^.;\\d\\n]{3,40}"
              + END);

  private static final Sought WHEN =
      said(" (?:at once|straight away|right away|today|now|this morning|first)\\b");

  /** "Half the batter made six, the other half is in the fridge." */
  private static final Sought HALF_BATTER =
      said(
          "\\bhalf (?:of )?(?:the|my|this|that) (?:batter|mix|mixture)\\b([^.;\\n]{0,60}?),? ?(?:(?:and|that|which|it|they|i|we|for|into) )*(?:(?:made|gave|makes|gives|got|had|came to|were|was) )?"
              + NUMBER
              + PIECES
              + "(?: came out| in all)?(?:[,;.]| –| -) ?(?:and |but )?(?:the )?(?:rest|other half|second half|remaining half|remainder)\\b[^.;\\d\\n]{0,60}"
              + END);

  /** "galette batter x40" */
  private static final Sought TIMES =
      said("\\b(?:batter|dough|mix) [x×] ?(\\d{1,3})(?= ?(?:[.,;:)\\n]|$))");

  /** "Nine from this, give or take one." */
  private static final Sought GIVE_OR_TAKE =
      said(
          YieldTurns.START
              + "(?:(?:it |that |i )?(?:makes|made|get|got|gives|gave) )?(?:about )?"
              + NUMBER
              + PIECES
              + "(?: (?:from|out of) (?:this|it|that))?,? give or take "
              + NUMBER
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(TIMES, at -> "makes " + at.group(1), " x", " ×"),
          Repair.of(GIVE_OR_TAKE, FateTurns::around, "give or take"),
          Repair.of(
              HALF_BATTER,
              at -> WHEN.matcher(at.group(1)).replaceAll("") + ", made " + 2 * n(at, 2),
              "half"),
          Repair.of(
              OTHERS,
              at -> YieldTurns.made(at, n(at, 1) + n(at, 2), 0),
              "the other",
              "the remaining",
              "the last"),
          Repair.of(HALF_WENT, at -> YieldTurns.made(at, 2 * n(at, 1), 0), "half"),
          Repair.of(OF_ALL, at -> "made " + at.group(2), " of "),
          Repair.of(LOST, at -> YieldTurns.made(at, n(at, 1) + n(at, 2), 0), "i ", "we "),
          Repair.of(HALF, at -> YieldTurns.made(at, 2 * n(at, 1), 0), "half"),
          Repair.of(MEANT, at -> "serves " + n(at, 2), "for ", "feed", "serve"),
          Repair.of(WERE, at -> "serves " + n(at, 1), "were ", "are "));

  private FateTurns() {}

  private static String around(MatchResult at) {
    int about = YieldTurns.n(at, 1);
    int by = YieldTurns.n(at, 2);
    return by < about ? "makes " + (about - by) + " to " + (about + by) : at.group();
  }

  private static int n(MatchResult at, int group) {
    return YieldTurns.n(at, group);
  }
}
