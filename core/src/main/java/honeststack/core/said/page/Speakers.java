package honeststack.core.said.page;

import honeststack.core.food.Foods;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Who says it, where two talk: "Ana: how much flour? Bo: 250 g." */
public final class Speakers {
  private static final Sought LABEL =
      Sought.of(
          "(?<=^|[.?!…)]\\s|\\n|[.?!]\\s\\s)"
              + "(\\p{Lu}[\\p{L}.]{0,11}|me|her|him|you|them|mum|dad|gran|nan)(?: ?>|:)\\s");

  private static final Pattern SHORT =
      Pattern.compile("(?:^|[.\\n:?!] ?)(?:and |what about )?(?:the )?[A-Za-z]{3,12}$");

  private static final int LONGEST = 40;

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
        boolean answer = isShort(said, label[0]) && isNumber(said, label[1]);
        for (int i = label[0]; i < label[1]; i++) {
          rest.setCharAt(i, i == label[0] && i > 0 && !answer ? '\n' : ' ');
        }
        if (answer) { // "Sugar? Bo: 50 g."
          int asked = question(said, label[0]);
          rest.replace(asked, label[0], " ".repeat(label[0] - asked));
        }
      }
    }
    this.text = rest.toString();
  }

  private static boolean isBehindQuestion(String said, int at) {
    return question(said, at) >= 0;
  }

  /** Where the question mark right before a place is; -1 for none. */
  private static int question(String said, int at) {
    int last = at - 1;
    while (last >= 0 && Character.isWhitespace(said.charAt(last))) {
      last--;
    }
    return last >= 0 && said.charAt(last) == '?' ? last : -1;
  }

  /** "Sugar?", "and the milk?": of nothing else. */
  private static boolean isShort(String said, int at) {
    int asked = question(said, at);
    return asked > 0 && SHORT.matcher(said.substring(Math.max(0, asked - LONGEST), asked)).find();
  }

  private static boolean isNumber(String said, int at) {
    int next = at;
    while (next < said.length() && said.charAt(next) == ' ') {
      next++;
    }
    return next < said.length() && Character.isDigit(said.charAt(next));
  }
}
