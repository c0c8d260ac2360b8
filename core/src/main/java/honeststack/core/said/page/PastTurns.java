package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;

/**
 * An amount of another day and today's, which leaves its food to the other: "Last time I used 250
 * ml milk and they were stodgy. This time it's 300 ml." is "today 300 ml milk".
 */
final class PastTurns {
  private static final String NUMBER =
      "(?:\\d+(?:[.,/]\\d+)?|[½¼¾⅓⅔]|" + Numerals.STRICT.replaceFirst("\\(", "(?:") + ")";

  private static final String AMOUNT = "(" + NUMBER + "(?: ?" + OtherTurns.UNIT + ")?)";

  /** Up to two words that say what it is of. */
  private static final String FOOD =
      "((?!(?:too|was|were|had|and|but|so|of|in|the|that|which|is|it|they|for|with|per|each|more|less|left)\\b)\\p{L}{3,14}"
          + "(?: (?!(?:too|was|were|had|and|but|so|in|the|that|which|is|it|they|for|with|per|each|into|went)\\b)\\p{L}{3,14})?)";

  private static final String THEN =
      "(?:(?:last (?:time|week|weekend|month|sunday|saturday|batch|one)|previously|yesterday(?:'s)?|before|my last (?:batch|ones|lot|try|go)|the last (?:batch|ones|lot|time)"
          + "|(?:the|my) (?:first|old|earlier|previous) (?:version|batch|try|attempt|go|lot|recipe|ones)|version (?:1|one|a)|i used to|we used to|(?:back )?then|until now|up to now)"
          + "(?: (?:i|we|it|they|there|'d|had|used|put|took|take|was|were|went|with|in|have|add|only|just|about|at|got|:|,))*)";

  private static final String NOW =
      "(?:this (?:time|week|weekend|month|sunday|saturday|batch|one|version)|today(?:'s)?|now|nowadays|these days|the (?:new|second|latest) (?:version|batch|try|attempt|go|lot|one|recipe)|version (?:2|two|b)"
          + "|(?:i've|i have|we've|we have|i|we) (?:now )?(?:gone|went|come|came|cut|got it) (?:down|up|back)(?: to)?)";

  private static final String TAKES =
      "(?:,|:)?(?: (?:it's|it is|it was|it|i|i'm|we|we're|i've|there's|is|are|was|only|just|about|put|use|used|take|took|taking|using|gets|got|has|have|had|at|to|down to|up to|went with|go with|with|in|settled on|doing))*";

  private static final Sought SINCE =
      said(
          "\\b"
              + THEN
              + " "
              + AMOUNT
              + " (?:of )?"
              + FOOD
              + "(?:,? (?!\\d)[^.;!\\n\\d]{1,60}?)?(?:[.,;!]| –| -| and| but) ?(?:and |but |so )*"
              + NOW
              + TAKES
              + " "
              + AMOUNT
              + "(?: (?:of it|of them|does it|does|is enough|will do|instead|only|seems right))?"
              + "(?= ?(?:[.,;!\\n)]|$))");

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              SINCE,
              PastTurns::today,
              "this ",
              "today",
              "now",
              "these days",
              "the new",
              "version",
              "the second",
              "the latest",
              " down",
              " up"));

  private PastTurns() {}

  /** In the unit of the other, where it has none. */
  private static String today(MatchResult at) {
    String unit = at.group(1).replaceFirst("^" + NUMBER + " ?", " ").stripTrailing();
    boolean bare = at.group(3).matches(NUMBER) && !unit.isBlank();
    return "today " + at.group(3) + (bare ? unit : "") + " " + at.group(2);
  }
}
