package honeststack.app.scale;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The lines that a scale and its reader exchange; docs/scale.md describes them. */
final class ScaleProtocol {
  static final String READ = "READ";
  static final String TARE = "TARE";
  static final String TARED = "OK TARE";
  static final String OVERLOAD = "OVER";
  static final String GREETING = "SCALE 1";

  private static final Pattern WEIGHT = Pattern.compile("([SU]) (-?\\d{1,6}(?:\\.\\d{1,3})?) g");

  private ScaleProtocol() {}

  /** A weight that a scale sent. */
  record Weight(boolean stable, double grams) {
    String line() {
      return (stable ? "S " : "U ") + String.format(Locale.ROOT, "%.0f", grams) + " g";
    }
  }

  /** Empty if the line is no weight. */
  static Optional<Weight> weight(String line) {
    Matcher weight = WEIGHT.matcher(line);
    return weight.matches()
        ? Optional.of(new Weight(weight.group(1).equals("S"), Double.parseDouble(weight.group(2))))
        : Optional.empty();
  }
}
