package honeststack.core.said.page;

import honeststack.core.food.Foods;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/** Who says it, where two talk: "Ana: how much flour? Bo: 250 g." */
public final class Speakers {
  private static final Sought LABEL =
      Sought.of(
          "(?<=^|[.?!…)]\\s|\\n|[.?!]\\s\\s)"
              + "(\\p{Lu}[\\p{L}.]{0,11}|me|her|him|you|them|mum|dad|gran|nan)(?: ?>|:)\\s");

  /** Stretches of the text that say so. */
  public final List<Mark> marks = new ArrayList<>();

  public final String text;

  /**
   * @param said in which the names are left blank where somebody answers somebody
   */
  public Speakers(String said, Foods foods) {
    List<int[]> labels = new ArrayList<>();
    boolean answered = false;
    if (said.indexOf('?') >= 0) {
      for (MatchResult label : LABEL.all(said)) {
        String name = label.group(1).toLowerCase(Locale.ROOT);
        if (foods.byName(name).isPresent() || !foods.kind(name).isEmpty()) {
          continue;
        }
        labels.add(new int[] {label.start(), label.end() - 1});
        answered |= isBehindQuestion(said, label.start());
      }
    }
    StringBuilder rest = new StringBuilder(said);
    if (answered && labels.size() > 1) {
      for (int[] label : labels) {
        marks.add(new Mark(label[0], label[1], Part.NOTE, Mark.NO_LINE));
        for (int i = label[0]; i < label[1]; i++) {
          rest.setCharAt(i, i == label[0] && i > 0 ? '\n' : ' ');
        }
      }
    }
    this.text = rest.toString();
  }

  private static boolean isBehindQuestion(String said, int at) {
    int last = at - 1;
    while (last >= 0 && Character.isWhitespace(said.charAt(last))) {
      last--;
    }
    return last >= 0 && said.charAt(last) == '?';
  }
}
