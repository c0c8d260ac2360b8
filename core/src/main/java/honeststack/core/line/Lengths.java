package honeststack.core.line;

import java.util.List;
import java.util.Optional;

/** Foods that are cut by their length: "2 cm ginger", "a 1-inch piece of fresh ginger". */
final class Lengths {
  private static final int MOST_ADJECTIVES = 3;

  private Lengths() {}

  /**
   * @param size as the larder calls it, "inch" or "cm"
   * @param next place of the first token after it
   */
  record Found(String size, int next) {}

  /** The length that begins behind a number, where such a food follows. */
  static Optional<Found> at(List<Token> tokens, int i) {
    int unit = is(tokens, i, "-", "–") ? i + 1 : i;
    String size = size(tokens, unit);
    if (size.isEmpty()) {
      return Optional.empty();
    }
    int next = unit + 1;
    while (is(tokens, next, "-", "–") || word(tokens, next, "long", "thick")) {
      next++;
    }
    next = isPiece(tokens, next) ? next + 1 : next;
    next = word(tokens, next, "of") ? next + 1 : next;
    boolean cut = isCut(tokens, next) || isEnd(tokens, next) && isBehind(tokens, i);
    return cut ? Optional.of(new Found(size, next)) : Optional.empty();
  }

  private static boolean isEnd(List<Token> tokens, int i) {
    return i >= tokens.size() || is(tokens, i, ",", ";", ".", ")");
  }

  /** "ginger 1 inch", "ginger, a 2 cm piece". */
  private static boolean isBehind(List<Token> tokens, int unit) {
    int i = unit - 1;
    while (i > 0
        && (tokens.get(i).kind() == Token.Kind.NUMBER
            || tokens.get(i).kind() == Token.Kind.FRACTION
            || tokens.get(i).isWord("a", "an", "one", "half", "two")
            || tokens.get(i).isMark(",", ":", "-", "/"))) {
      i--;
    }
    return i < unit - 1 && isCut(tokens, i);
  }

  private static String size(List<Token> tokens, int i) {
    if (word(tokens, i, "inch", "inches") || is(tokens, i, "\"", "”", "″")) {
      return "inch";
    }
    return word(tokens, i, "cm", "centimetre", "centimetres", "centimeter", "centimeters")
        ? "cm"
        : "";
  }

  private static boolean isPiece(List<Token> tokens, int i) {
    return word(
        tokens, i, "piece", "pieces", "knob", "chunk", "length", "lengths", "bit", "nub", "stick",
        "thumb", "slice", "section");
  }

  private static boolean isCut(List<Token> tokens, int from) {
    int i = from;
    while (i < tokens.size()
        && i < from + MOST_ADJECTIVES
        && LineWords.isDescribing(tokens.get(i).low())) {
      i++;
    }
    return word(tokens, i, "ginger", "gingerroot", "adrak", "cinnamon", "cucumber", "dalchini");
  }

  private static boolean word(List<Token> tokens, int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }

  private static boolean is(List<Token> tokens, int i, String... marks) {
    return i < tokens.size() && tokens.get(i).isMark(marks);
  }
}
