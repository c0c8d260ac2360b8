package honeststack.core.said.page;

import honeststack.core.line.Token;
import java.util.List;

/** Marks and numbers before the items of a list. */
final class Bullets {
  private static final String[] BULLETS = {
    "•", "*", "·", "–", "—", "▢", "□", "☐", "☑", "☒", "✔", "-", "★", "✓", "‣", "#", "_", "=", "~"
  };

  private Bullets() {}

  static boolean is(List<Token> tokens, int i) {
    return tokens.get(i).isMark(BULLETS) && isApart(tokens, i);
  }

  /** "2." or "2)", and something behind it. */
  static boolean isNumber(List<Token> tokens, int i) {
    return i + 2 < tokens.size()
        && tokens.get(i).isWhole()
        && tokens.get(i).end() - tokens.get(i).start() <= 2
        && tokens.get(i + 1).isMark(".", ")")
        && tokens.get(i + 1).start() == tokens.get(i).end()
        && tokens.get(i + 2).start() > tokens.get(i + 1).end();
  }

  /** Not a minus before a number. */
  private static boolean isApart(List<Token> tokens, int i) {
    return i + 1 >= tokens.size()
        || !tokens.get(i).isMark("-", "–")
        || tokens.get(i + 1).start() > tokens.get(i).end();
  }
}
