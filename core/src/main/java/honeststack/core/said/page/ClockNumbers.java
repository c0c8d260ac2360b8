package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;

/** Numbers of a clock or of a dial: "at seven I mix …", "7 in the morning", "fried on 6". */
public final class ClockNumbers {
  private static final double HOURS = 12;

  /** No dial goes further. */
  private static final double DIAL = 14;

  private static final String[] HEATED = {
    "cook",
    "cooked",
    "cooking",
    "fry",
    "fried",
    "frying",
    "bake",
    "baked",
    "heat",
    "hob",
    "stove",
    "induction",
    "dial",
    "setting",
    "pan",
    "plate",
    "iron",
    "griddle"
  };

  private ClockNumbers() {}

  /**
   * @param from place of a number without a unit
   * @param next place of the first token behind it
   */
  public static boolean isAt(List<Token> tokens, int from, int next, double number) {
    boolean hour = number <= HOURS && number == Math.floor(number);
    boolean at = from > 0 && tokens.get(from - 1).isWord("at", "by", "around", "until", "till");
    boolean day =
        isWord(tokens, next, "in")
            && isWord(tokens, next + 1, "the")
            && isWord(tokens, next + 2, "morning", "evening", "afternoon");
    boolean done = isWord(tokens, next, "i", "we", "they", "o'clock", "sharp", "am", "pm");
    return hour && (day || at && done) || isDial(tokens, from, next, number);
  }

  /** "cooked on 6 for three minutes"; of eaters it would be said by name. */
  private static boolean isDial(List<Token> tokens, int from, int next, double number) {
    boolean on = from > 0 && tokens.get(from - 1).isWord("on", "at", "to");
    boolean end =
        next >= tokens.size()
            || tokens.get(next).kind() == Token.Kind.MARK
            || isWord(tokens, next, "for", "until", "till", "then", "and", "out");
    return on
        && end
        && number <= DIAL
        && tokens.subList(0, from - 1).stream().anyMatch(token -> token.isWord(HEATED));
  }

  private static boolean isWord(List<Token> tokens, int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}
