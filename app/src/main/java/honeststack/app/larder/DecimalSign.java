package honeststack.app.larder;

import java.util.OptionalDouble;
import java.util.regex.Pattern;

/** What stands before the decimals in the numbers of a file. */
public enum DecimalSign {
  POINT('.', ','),
  COMMA(',', '.');

  /** One group of three digits behind a sign: decimals, or thousands. */
  private static final Pattern GROUPED = Pattern.compile("\\d{1,3}([.,]\\d{3})+");

  private final char sign;
  private final char other;
  private final Pattern number;

  DecimalSign(char sign, char other) {
    this.sign = sign;
    this.other = other;
    this.number =
        Pattern.compile("\\d{1,9}(" + Pattern.quote("" + sign) + "\\d{1,20})?([eE]-?\\d{1,2})?");
  }

  /** Whether a number of a file with this sign could be meant in two ways: "1,250" beside "1.5". */
  boolean isAmbiguous(String text) {
    return text.indexOf(other) >= 0 && GROUPED.matcher(text).matches();
  }

  /** A finite number of 0 or more; empty if the text is none. */
  OptionalDouble read(String text) {
    return number.matcher(text).matches()
        ? OptionalDouble.of(Double.parseDouble(text.replace(sign, '.')))
        : OptionalDouble.empty();
  }

  /** What the numbers of a file have shown so far. */
  static final class Found {
    private boolean point;
    private boolean comma;

    /** Looks at one number; one that could be thousands shows nothing. */
    void see(String text) {
      if (!GROUPED.matcher(text).matches()) {
        point |= POINT.number.matcher(text).matches() && text.indexOf('.') >= 0;
        comma |= COMMA.number.matcher(text).matches() && text.indexOf(',') >= 0;
      }
    }

    /** Commas where there are no points; numbers of the other kind are refused then. */
    DecimalSign sign() {
      return comma && !point ? COMMA : POINT;
    }
  }
}
