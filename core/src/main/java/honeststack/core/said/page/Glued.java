package honeststack.core.said.page;

import honeststack.core.line.Token;
import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;

/** An amount written without a space before its food: "300mlmilk", "2tspsalt". */
final class Glued {
  private static final Sought UNIT_AND_FOOD =
      Sought.of(
          "(g|gr|kg|ml|cl|dl|l|oz|lb|lbs|tsp|tbsp|cups?)"
              + "(flour|sugar|milk|buttermilk|butter|water|oil|oats|salt|honey|cocoa|yeast|cream"
              + "|yogurt|yoghurt|quark|ricotta|cornflour|semolina|yolks?|whites?)");

  private Glued() {}

  /** The pieces of a text with such words apart. */
  static List<Token> apart(List<Token> tokens) {
    List<Token> apart = new ArrayList<>(tokens.size());
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      boolean number =
          i > 0
              && tokens.get(i - 1).end() == token.start()
              && tokens.get(i - 1).kind() == Token.Kind.NUMBER;
      Matcher both = number ? UNIT_AND_FOOD.matcher(token.low()) : null;
      if (both != null && both.matches()) {
        int end = token.start() + both.end(1);
        apart.add(word(both.group(1), token.start(), end));
        apart.add(word(both.group(2), end, token.end()));
      } else {
        apart.add(token);
      }
    }
    return apart;
  }

  private static Token word(String word, int start, int end) {
    return new Token(Token.Kind.WORD, word, word, start, end);
  }
}
