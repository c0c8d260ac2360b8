package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.food.Packing;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Refusal;
import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads how much of a batter is meant, without a food: "¼ cup", "60 g", "2 ladles", a cake's size
 * "11 cm × 6 mm", a scoop's number "#16", "2 pieces".
 */
public final class PortionText {
  /** What is accepted, for a reader. */
  public static final String ACCEPTED =
      "a measure, a weight or a cake's size: ¼ cup, 60 ml, 55 g, 11 cm, 11 cm × 6 mm";

  private static final double MM_PER_CM = 10;

  /** International yard and pound agreement, 1959: exactly 25.4 mm. */
  private static final double MM_PER_INCH = 25.4;

  /** US liquid quart, mL (NIST Handbook 44, App. C). */
  private static final double QUART = 946.352946;

  /** A numbered scoop holds a quart divided by its number (common practice). */
  private static final Pattern NUMBERED =
      Pattern.compile(
          "\\s*(?:#|no\\.?|number|nr\\.?)\\s*(\\d{1,3})(?:\\s+scoop)?\\s*",
          Pattern.CASE_INSENSITIVE);

  private static final String LENGTH = "([\\d.,/½¼¾ ]+?)\\s*(mm|cm|in|inch|inches|″|\")";
  private static final Pattern ROUND =
      Pattern.compile(
          "\\s*"
              + LENGTH
              + "(?:\\s*(?:across|wide|diameter|round))?"
              + "(?:\\s*(?:[x×*]|and|by)\\s*"
              + LENGTH
              + "(?:\\s*(?:thick|high|deep))?)?\\s*",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern PIECES =
      Pattern.compile(
          "(.+?)\\s*(?:pieces?|cakes?|pancakes?|waffles?|more)\\s*", Pattern.CASE_INSENSITIVE);

  private PortionText() {}

  /** What was meant. */
  public sealed interface Portioned permits Filled, Weighed, Poured, Pieces {}

  /** A vessel that was filled; never a count. */
  public record Filled(Measure measure) implements Portioned {}

  /** On a scale. */
  public record Weighed(Measure measure) implements Portioned {}

  /**
   * A cake of a size, mm.
   *
   * @param thickness as poured; empty if not said
   */
  public record Poured(double diameter, Optional<Double> thickness) implements Portioned {}

  /** As much as makes so many pieces. */
  public record Pieces(double count) implements Portioned {}

  /**
   * @throws RefusedException if it is none of these, or anything else stands with it
   */
  public static Portioned read(String text) {
    String said = text.strip();
    Matcher round = ROUND.matcher(said);
    if (round.matches()) {
      return poured(said, round);
    }
    Matcher numbered = NUMBERED.matcher(said);
    if (numbered.matches() && Integer.parseInt(numbered.group(1)) > 0) {
      double millilitres = QUART / Integer.parseInt(numbered.group(1));
      return new Filled(new Measure(millilitres, 0, Unit.MILLILITRE, Packing.NOT_SAID, ""));
    }
    Matcher pieces = PIECES.matcher(said);
    if (pieces.matches()) {
      return new Pieces(positive(said, NumberText.read(pieces.group(1))));
    }
    return measured(said);
  }

  private static Portioned poured(String said, Matcher round) {
    double diameter = millimetres(said, round.group(1), round.group(2));
    Optional<Double> thickness =
        Optional.ofNullable(round.group(3)).map(n -> millimetres(said, n, round.group(4)));
    return new Poured(diameter, thickness);
  }

  private static double millimetres(String said, String number, String unit) {
    double one =
        switch (unit.toLowerCase(Locale.ROOT)) {
          case "mm" -> 1;
          case "cm" -> MM_PER_CM;
          default -> MM_PER_INCH;
        };
    return positive(said, NumberText.read(number.strip())) * one;
  }

  private static double positive(String said, double number) {
    if (!(number > 0)) {
      throw refused(said, "cannot be nothing");
    }
    return number;
  }

  private static Portioned measured(String said) {
    List<Token> tokens = Token.of(said);
    Quantity quantity =
        new Quantities(said, tokens).at(0).orElseThrow(() -> refused(said, "has no amount"));
    UnitWords.Found unit =
        UnitWords.at(tokens, quantity.next())
            .orElseThrow(() -> refused(said, "has no unit that batter is measured in"));
    if (unit.next() < tokens.size()) {
      throw refused(said, "is more than an amount");
    }
    Measure measure = quantity.measure(unit.unit(), Packing.NOT_SAID, Measure.Heap.LEVEL, "");
    positive(said, measure.amount());
    return switch (unit.unit().kind()) {
      case MASS -> new Weighed(measure);
      case MARKED, VOLUME, SPOON, LADLE, VAGUE -> {
        if (unit.unit().isVagueWeight()) {
          throw refused(said, "is no measure of batter");
        }
        yield new Filled(measure);
      }
      case COUNT, SPRAY -> throw refused(said, "is no measure of batter");
    };
  }

  private static RefusedException refused(String said, String why) {
    return new RefusedException(
        new Refusal(BAD_AMOUNT, said, "“" + said + "” " + why + ".", ACCEPTED));
  }
}
