package honeststack.core.wording;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers as cooks write them, with a point before decimals. */
public final class Numbers {
  private static final double CLOSE = 5e-4;

  private Numbers() {}

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

  /** A count that may have a part: "3", "2.5". */
  public static String count(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  /** "one piece", "2.5 pieces". */
  public static String pieces(double count) {
    return count == 1 ? "one piece" : count(count) + " pieces";
  }

  /** A figure in a sentence: three digits that count, more before the point. */
  public static String figure(double value) {
    if (value == Math.rint(value) && Math.abs(value) < 100) {
      return String.valueOf((long) value);
    }
    double size = Math.abs(value);
    return Say.of(size >= 100 ? "%.0f" : size >= 10 ? "%.1f" : "%.2f", value);
  }
}
