package honeststack.core.said.page;

import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Under what a text is filed, when it was written and what it was given: "Batch no. 14, 29.11.2026:
 * ", "2026-11-29: ", "12/05/2026, 09:12 - Ann: ", "9/10 would make again".
 */
public final class Stamps {
  private static final String DATE =
      "(?:\\d{4}-\\d{1,2}-\\d{1,2}|\\d{1,2}\\.\\d{1,2}\\.(?:\\d{4}|\\d{2}(?!\\d))|\\d{1,2}/\\d{1,2}/\\d{2,4})";

  private static final String TIME = "\\d{1,2}[:.]\\d{2}(?:[:.]\\d{2})?(?: ?[ap]m)?";

  private static final String NUMBER =
      "(?:batch|test|trial|attempt|try|recipe|experiment|run|sample|week|lesson|page|entry|log|no|nr|p)"
          + "\\.? ?(?:no\\.? ?|nr\\.? ?|number |# ?)?\\d{1,4}[a-z]?(?: ?(?:of|/) ?\\d{1,3})?(?:,? day \\d{1,3})?";

  private static final Sought STAMP =
      Sought.of(
          ("^[ \\t]*\\[?" + DATE + ",? " + TIME + "\\]?(?: [-–])? [^:\\n\\d]{1,25}:")
              + ("|^[ \\t]*" + NUMBER + "(?:,? " + DATE + ")?(?: ?[:,](?!\\d)| [-–](?= ))")
              + ("|(?<=^|[ \\t(,])"
                  + DATE
                  + "(?=[ ,:;.)]|$)(?! ?(?:cups?|tsp|tbsp|kg|g|ml|l|oz|lb)\\b)")
              + "|(?<=[,;(] )(?:batch|lot|try|attempt|trial|test|run) (?:no\\.? ?|# ?)?\\d{1,4}(?= ?(?:[,;.)]|$))"
              + "|(?<=^|[.!] |\\()\\d{1,2}/10(?= (?:would|from|for|again|will|easily|definitely)\\b|[.!,)])",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  private static final Sought FILED = Sought.of("[ \\t]*" + NUMBER, Pattern.CASE_INSENSITIVE);

  /** Stretches of the text that are so. */
  public final List<Mark> marks = new ArrayList<>();

  public final String text;

  /**
   * @param said in which they are left blank
   */
  public Stamps(String said) {
    StringBuilder rest = new StringBuilder(said);
    List<MatchResult> stamps = STAMP.all(said);
    boolean several = // "Recipe 1: … Recipe 2: …" are two
        stamps.stream().filter(stamp -> FILED.begins(stamp.group())).count() > 1;
    for (MatchResult stamp : stamps) {
      if (several && FILED.begins(stamp.group())) {
        continue;
      }
      marks.add(new Mark(stamp.start(), stamp.end(), Part.NOTE, Mark.NO_LINE));
      for (int i = stamp.start(); i < stamp.end(); i++) {
        rest.setCharAt(i, ' ');
      }
    }
    this.text = rest.toString();
  }
}
