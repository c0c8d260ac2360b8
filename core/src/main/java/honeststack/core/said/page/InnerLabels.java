package honeststack.core.said.page;

import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.Set;

/** Labels of the pan, the plate or the work that stand within a line. */
final class InnerLabels {
  private static final int MOST_WORDS = 3;

  private InnerLabels() {}

  /**
   * Where within a line a label of the pan or the plate begins: "… / Pan: 10 g butter"; 0 for none.
   */
  static int next(List<Token> tokens) {
    for (int i = 2; i + 2 < tokens.size(); i++) {
      boolean apart = tokens.get(i - 1).isMark(".", "/", ";", "|") || isMeasured(tokens, i - 1);
      if (apart && isInnerLabel(tokens, i)) {
        return i;
      }
    }
    return 0;
  }

  /** A comma behind an amount: "sugar, icing: 100 g" has no label. */
  private static boolean isMeasured(List<Token> tokens, int comma) {
    for (int i = comma - 1; tokens.get(comma).isMark(",") && i >= 0; i--) {
      if (Headings.isNumber(tokens, i)) {
        return true;
      }
      if (tokens.get(i).isMark(".", ";", "!", "/", "|")) {
        return false;
      }
    }
    return false;
  }

  private static boolean isInnerLabel(List<Token> tokens, int from) {
    for (int i = from + 1; i <= from + MOST_WORDS && i + 1 < tokens.size(); i++) {
      if (tokens.get(i).isMark(":")) {
        Set<Sort> heading = Headings.of(tokens.subList(from, i));
        boolean place =
            heading.contains(Sort.H_PAN)
                || heading.contains(Sort.H_PLATE)
                || heading.contains(Sort.H_METHOD) && tokens.get(from - 1).isMark(".", ";", "|");
        return place && tokens.subList(i + 1, tokens.size()).stream().anyMatch(InnerLabels::isName);
      }
      if (tokens.get(i).kind() != Token.Kind.WORD) {
        return false;
      }
    }
    return false;
  }

  private static boolean isName(Token token) {
    return token.kind() == Token.Kind.WORD && UnitWords.of(token.low()).isEmpty();
  }
}
