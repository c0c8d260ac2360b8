package honeststack.core.line;

import honeststack.core.wording.RefusedException;
import java.util.List;

/** A line while it is typed. */
public final class Unfinished {
  private Unfinished() {}

  /** Where the words for the food begin: behind the amount, or at the start. */
  public static int foodFrom(String text) {
    List<Token> tokens = Token.of(text);
    try {
      AmountParser amounts = new AmountParser(text, tokens);
      int next = amounts.front(amounts.about(0)).map(AmountParser.Front::next).orElse(0);
      return next < tokens.size() ? tokens.get(next).start() : text.length();
    } catch (RefusedException notRead) {
      return 0;
    }
  }
}
