package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * How many came out and for whom, in turns of a sentence of its own: "A serving is two of the
 * eight.", "Does four plates.", "Stopped at eight.", "Only myself to feed."
 */
final class CountTurns {
  private static final String NUMBER =
      "(\\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|sixteen|twenty)";

  private static final String START = "(?<=^|[.!;\\n] ?)";

  private static final String END = "(?= ?(?:[.!;\\n]|$))";

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
              + "(?:there(?:'s| is| was) )?(?:only|just|nobody but|no one but|no-one but) (?:myself|me)(?: to feed| here| at home| to eat| eating| to cook for)"
              + END);

  private static final Sought LADLES =
      said(
          START
              + "(?:a )?(?:ladle|scoop|cup) of (\\d{2,3} ?ml),? "
              + NUMBER
              + " (?:ladles?|scoops?|cups?|ladlefuls?)(?: of it| of batter)?"
              + END);

  static final List<Repair> REPAIRS =
      List.of(
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

  private static Sought said(String pattern) {
    return Sought.of(pattern, Pattern.CASE_INSENSITIVE);
  }

  private static String serves(String many) {
    return "serves " + many.toLowerCase(Locale.ROOT);
  }
}
