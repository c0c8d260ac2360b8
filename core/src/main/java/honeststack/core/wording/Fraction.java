package honeststack.core.wording;

/** The vulgar fractions that have a sign of their own in Unicode. */
public enum Fraction {
  QUARTER('¼', 1, 4),
  HALF('½', 1, 2),
  THREE_QUARTERS('¾', 3, 4),
  THIRD('⅓', 1, 3),
  TWO_THIRDS('⅔', 2, 3),
  FIFTH('⅕', 1, 5),
  TWO_FIFTHS('⅖', 2, 5),
  THREE_FIFTHS('⅗', 3, 5),
  FOUR_FIFTHS('⅘', 4, 5),
  SIXTH('⅙', 1, 6),
  FIVE_SIXTHS('⅚', 5, 6),
  EIGHTH('⅛', 1, 8),
  THREE_EIGHTHS('⅜', 3, 8),
  FIVE_EIGHTHS('⅝', 5, 8),
  SEVEN_EIGHTHS('⅞', 7, 8);

  private static final Fraction[] ALL = values();

  private final char sign;
  private final int over;
  private final int under;

  Fraction(char sign, int over, int under) {
    this.sign = sign;
    this.over = over;
    this.under = under;
  }

  char sign() {
    return sign;
  }

  double value() {
    return (double) over / under;
  }

  /** Value of a sign; 0 if it is none. */
  public static double of(char sign) {
    for (Fraction fraction : ALL) {
      if (sign == fraction.sign) {
        return fraction.value();
      }
    }
    return 0;
  }
}
