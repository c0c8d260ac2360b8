package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.wording.Refusal.Reason.NO_AMOUNT;

import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Reads numbers as cooks write them. */
public final class NumberText {

  private static final Pattern DECIMAL = Pattern.compile("\\d{1,9}\\.\\d{1,15}");

  private static final Map<String, Double> TIMES =
      Map.of(
          "half",
          0.5,
          "double",
          2.0,
          "twice",
          2.0,
          "triple",
          3.0,
          "treble",
          3.0,
          "thrice",
          3.0,
          "quadruple",
          4.0);

  private NumberText() {}

  /** Whether a word, in small letters, is a number: "three", "half", "hundred". */
  public static boolean isWord(String word) {
    return NumberWords.isNumber(word) || TIMES.containsKey(word);
  }

  /**
   * Reads a number on its own, 0 or more: "120", "0,5", "1½", "1 1/2", "two and a half".
   *
   * @throws RefusedException if it is not a number, or something follows it
   */
  public static double read(String text) {
    Double times = TIMES.get(text.strip().toLowerCase(Locale.ROOT));
    if (times != null) {
      return times;
    }
    List<Token> tokens = Token.of(text);
    Quantities quantities = new Quantities(text, tokens);
    Quantity quantity = quantities.at(0).orElse(null);
    if (quantity == null) {
      throw new RefusedException(
          NO_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” does not begin with an amount.",
          Quantities.AMOUNTS);
    }
    if (quantity.next() < tokens.size() || quantity.halfRange() > 0) {
      throw new RefusedException(
          BAD_AMOUNT,
          text.strip(),
          "“" + text.strip() + "” is not a number alone.",
          "a number: 120, 1.5, 0,5 or 1½");
    }
    return quantity.amount();
  }

  /**
   * Reads how many times as much, or how many pieces: a number, "double", "4 times", "x 2", or the
   * middle of a range, "7 or 8".
   *
   * @throws RefusedException if it is none of these
   */
  public static double readTimes(String text) {
    List<Token> tokens = Token.of(text);
    int from =
        !tokens.isEmpty() && (tokens.get(0).isWord("x") || tokens.get(0).isMark("×")) ? 1 : 0;
    Quantity quantity = new Quantities(text, tokens).at(from).orElse(null);
    boolean times =
        quantity != null
            && quantity.next() < tokens.size()
            && (tokens.get(quantity.next()).isWord("times", "x", "pieces", "as")
                || tokens.get(quantity.next()).isMark("×"));
    boolean all = quantity != null && quantity.next() == tokens.size();
    return all || times ? quantity.amount() : read(text);
  }

  /**
   * Reads a number of a food table, where a point always goes before decimals: "1.459". All else as
   * {@link #read}.
   *
   * @throws RefusedException if it is not a number, or something follows it
   */
  public static double readDecimal(String text) {
    String bare = text.strip();
    return DECIMAL.matcher(bare).matches() ? Double.parseDouble(bare) : read(text);
  }
}
