package honeststack.core.said.page;

import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** What is struck out, "~~3 eggs~~ 2 eggs", or crossed off a list, "✗ 300 ml milk". */
public final class Struck {
  private static final Sought OUT =
      Sought.of(
          "~~([^~\\n]{1,80})~~|<(?:s|del|strike)>([^<\\n]{1,80})</(?:s|del|strike)>"
              + "|^[ \\t]*(?:✗|✘|❌|🚫)([^\\n]{1,80})",
          Pattern.MULTILINE);

  /** Stretches of the text that are. */
  public final List<Mark> marks = new ArrayList<>();

  public final String text;

  /**
   * @param said in which they are left blank
   */
  public Struck(String said) {
    StringBuilder rest = new StringBuilder(said);
    boolean any = said.contains("~~") || said.indexOf('<') >= 0 || said.matches("(?s).*[✗✘❌🚫].*");
    for (MatchResult out : any ? OUT.all(said) : List.<MatchResult>of()) {
      for (int group = 1; group <= out.groupCount(); group++) {
        if (out.group(group) != null) {
          marks.add(new Mark(out.start(group), out.end(group), Part.EXCLUDED, Mark.NO_LINE));
        }
      }
      for (int i = out.start(); i < out.end(); i++) {
        rest.setCharAt(i, ' ');
      }
    }
    this.text = rest.toString();
  }
}
