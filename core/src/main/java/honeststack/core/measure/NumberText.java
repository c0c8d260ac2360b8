package honeststack.core.measure;

import static honeststack.core.measure.Refusal.Reason.BAD_AMOUNT;
import static honeststack.core.measure.Refusal.Reason.NO_AMOUNT;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.regex.Pattern;

/** Numbers as cooks read and write them. */
public final class NumberText {
  private static final double CLOSE = 5e-4;

  private static final Pattern DECIMAL = Pattern.compile("\\d{1,9}\\.\\d{1,15}");

  private NumberText() {}

  /**
   * Reads a number on its own, 0 or more: "120", "0,5", "1½", "1 1/2", "two and a half".
   *
   * @throws RefusedException if it is not a number, or something follows it
   */
  public static double read(String text) {
    List<Token> tokens = Token.of(text);
    Quantities quantities = new Quantities(text, tokens);
    Quantities.Quantity quantity = quantities.at(0).orElse(null);
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
   * Reads a number of a food table, where a point always goes before decimals: "1.459". All else as
   * {@link #read}.
   *
   * @throws RefusedException if it is not a number, or something follows it
   */
  public static double readDecimal(String text) {
    String bare = text.strip();
    return DECIMAL.matcher(bare).matches() ? Double.parseDouble(bare) : read(text);
  }

  /** With kitchen fractions where they fit: "1¼". */
  public static String kitchen(double value) {
    long whole = (long) Math.floor(value + 1e-9);
    double rest = value - whole;
    for (Fraction fraction : Fraction.values()) {
      if (Math.abs(rest - fraction.value()) < CLOSE) {
        return (whole == 0 ? "" : String.valueOf(whole)) + fraction.sign();
      }
    }
    return plain(value);
  }

  /** A weight, g: whole from 10 up, tenths from 1, hundredths below. */
  public static String grams(double grams) {
    double parts = grams < 1 ? 100 : grams < 10 ? 10 : 1;
    return plain(Math.rint(grams * parts) / parts);
  }

  /** In decimals, three at most. */
  public static String plain(double value) {
    return BigDecimal.valueOf(value)
        .setScale(3, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }
}
