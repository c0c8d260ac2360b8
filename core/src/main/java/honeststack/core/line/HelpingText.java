package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what one person gets: "3", "1 1/2 pieces", "150 g", "a quarter of it", "25 %", "serves 4",
 * "all of it", "#1 #3".
 */
public final class HelpingText {
  /** What is accepted, for a reader. */
  public static final String ACCEPTED =
      "pieces, a weight or a share: 3, 1½ pieces, 150 g, 1/4 of it, serves 4, all of it, #1 #3";

  private static final double LEAST = 0.01;
  private static final double MOST = 1000;
  private static final Pattern CHOSEN = Pattern.compile("(?:(?:,|and|\\s)*#\\d{1,4})+");
  private static final Pattern NUMBER = Pattern.compile("#(\\d{1,4})");
  private static final Pattern SERVES =
      Pattern.compile("(?:serves|for|shared by|between)\\s+(.+?)(?:\\s+people)?");
  private static final Pattern SHARE =
      Pattern.compile("(.+?)\\s*(?:of (?:it|all|the batch|them|everything)|of all of it)");
  private static final Pattern PIECES =
      Pattern.compile("(.+?)\\s*(?:pieces?|cakes?|pancakes?|waffles?)");

  private HelpingText() {}

  /** What was meant. */
  public sealed interface Helping permits Pieces, Cooked, Share, Chosen {}

  /** So many pieces; half a piece is 0.5. */
  public record Pieces(double count) implements Helping {}

  /** So much of them by weight, cooked. */
  public record Cooked(Measure weight) implements Helping {}

  /** A share of all that is kept, over 0 to 1. */
  public record Share(double share) implements Helping {}

  /** These ones, counted from 1 in the order in which they left the pan. */
  public record Chosen(List<Integer> pieces) implements Helping {
    public Chosen {
      pieces = List.copyOf(pieces);
    }
  }

  /**
   * @throws RefusedException if it is none of these
   */
  public static Helping read(String text) {
    String said = text.strip().toLowerCase(Locale.ROOT);
    if (CHOSEN.matcher(said).matches()) {
      List<Integer> chosen = new ArrayList<>();
      Matcher number = NUMBER.matcher(said);
      while (number.find()) {
        int at = Integer.parseInt(number.group(1));
        if (!chosen.contains(at)) {
          chosen.add(at);
        }
      }
      return new Chosen(chosen);
    }
    if (said.equals("all") || said.equals("all of it") || said.equals("the whole batch")) {
      return new Share(1);
    }
    Matcher serves = SERVES.matcher(said);
    if (serves.matches()) {
      return new Share(1 / within(text, number(text, serves.group(1)), 1, MOST));
    }
    Matcher share = SHARE.matcher(said);
    if (share.matches() || said.endsWith("%")) {
      String part = share.matches() ? share.group(1) : said;
      return new Share(within(text, share(text, part), 1e-4, 1));
    }
    Matcher pieces = PIECES.matcher(said);
    if (pieces.matches()) {
      return new Pieces(within(text, number(text, pieces.group(1)), LEAST, MOST));
    }
    return isWeight(text)
        ? new Cooked(MassText.read(text))
        : new Pieces(within(text, number(text, said), LEAST, MOST));
  }

  private static boolean isWeight(String text) {
    List<Token> tokens = Token.of(text);
    return !tokens.isEmpty()
        && UnitWords.at(tokens, tokens.size() - 1)
            .filter(found -> found.unit().kind() == Unit.Kind.MASS)
            .isPresent();
  }

  private static double share(String text, String part) {
    String word = part.replaceFirst("^(?:a|one) ", "");
    return switch (word) {
      case "half" -> 1.0 / 2;
      case "third" -> 1.0 / 3;
      case "quarter" -> 1.0 / 4;
      case "fifth" -> 1.0 / 5;
      case "sixth" -> 1.0 / 6;
      case "eighth" -> 1.0 / 8;
      default -> {
        try {
          yield ShareText.read(part);
        } catch (RefusedException refused) {
          throw refused(text);
        }
      }
    };
  }

  private static double number(String text, String number) {
    try {
      return NumberText.read(number);
    } catch (RefusedException refused) {
      throw refused(text);
    }
  }

  private static double within(String text, double number, double least, double most) {
    if (!(number >= least && number <= most)) {
      throw refused(text);
    }
    return number;
  }

  private static RefusedException refused(String text) {
    return new RefusedException(
        BAD_AMOUNT, text.strip(), "“" + text.strip() + "” is no serving.", ACCEPTED);
  }
}
