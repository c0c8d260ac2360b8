package honeststack.core.line;

import static java.util.Map.entry;

import honeststack.core.wording.Fraction;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;

/** Parts of a whole in words, and what they add to a number: "two and a half". */
final class Parts {
  private static final Map<String, Double> PARTS =
      Map.ofEntries(
          entry("half", 1.0 / 2),
          entry("halves", 1.0 / 2),
          entry("third", 1.0 / 3),
          entry("thirds", 1.0 / 3),
          entry("quarter", 1.0 / 4),
          entry("quarters", 1.0 / 4),
          entry("fourth", 1.0 / 4),
          entry("fourths", 1.0 / 4),
          entry("fifth", 1.0 / 5),
          entry("fifths", 1.0 / 5),
          entry("eighth", 1.0 / 8),
          entry("eighths", 1.0 / 8));

  /** Of so many nobody adds half of one with "half a". */
  private static final int MANY = 5;

  private final List<Token> tokens;
  private final IntFunction<Optional<Quantity>> fractions;

  Parts(List<Token> tokens, IntFunction<Optional<Quantity>> fractions) {
    this.tokens = tokens;
    this.fractions = fractions;
  }

  /** "two and a half", "one and three quarters", "1 and ½". */
  Quantity and(Quantity whole) {
    int i = whole.next();
    if (!word(i, "and") && !is(i, "&")) {
      return whole;
    }
    int part = word(i + 1, "a", "one") ? i + 2 : i + 1;
    if (part == i + 1 && word(part + 1, "a", "an") && whole.amount() >= MANY) {
      return whole; // "two hundred seventy and half a litre of water"
    }
    if (part < tokens.size() && PARTS.containsKey(tokens.get(part).low())) {
      return new Quantity(whole.amount() + PARTS.get(tokens.get(part).low()), 0, 0, part + 1);
    }
    if (part == i + 1 && part + 1 < tokens.size()) {
      Double many = NumberWords.digit(tokens.get(part).low());
      Double of = PARTS.get(tokens.get(part + 1).low());
      if (many != null && of != null && many * of < 1) {
        return new Quantity(whole.amount() + many * of, 0, 0, part + 2);
      }
    }
    if (part == i + 1) {
      return fractions
          .apply(part)
          .or(
              () ->
                  part < tokens.size() && tokens.get(part).kind() == Token.Kind.FRACTION
                      ? Optional.of(
                          new Quantity(
                              Fraction.of(tokens.get(part).text().charAt(0)), 0, 0, part + 1))
                      : Optional.empty())
          .filter(q -> q.amount() < 1)
          .map(q -> new Quantity(whole.amount() + q.amount(), 0, 0, q.next()))
          .orElse(whole);
    }
    return whole;
  }

  static boolean is(String word) {
    return PARTS.containsKey(word);
  }

  /** How much of one; null for another word. */
  static Double of(String word) {
    return PARTS.get(word);
  }

  /** What "and a half" behind a unit adds to it; empty if nothing. */
  Optional<Quantity> behindUnit(int i) {
    int part = word(i + 1, "a", "one") ? i + 2 : i + 1;
    boolean several = word(i, "and") && part == i + 1 && part + 1 < tokens.size();
    Double many = several ? NumberWords.digit(tokens.get(part).low()) : null;
    Double of = many == null ? null : PARTS.get(tokens.get(part + 1).low());
    if (of != null && many * of < 1) {
      return Optional.of(new Quantity(many * of, 0, 0, part + 2)); // "and three quarters"
    }
    if (word(i, "and") && part == i + 1 && !isUnit(part + 1)) {
      boolean half = word(part, "half") && !word(part + 1, "a", "an", "the");
      Optional<Quantity> written =
          fractions.apply(part).filter(q -> q.amount() < 1 && !isUnit(q.next())); // "1 cup and 1/2"
      return half ? Optional.of(new Quantity(1.0 / 2, 0, 0, part + 1)) : written;
    }
    return word(i, "and") && part > i + 1 && part < tokens.size()
        ? Optional.ofNullable(PARTS.get(tokens.get(part).low()))
            .map(value -> new Quantity(value, 0, 0, part + 1))
        : Optional.empty();
  }

  private boolean isUnit(int i) {
    return UnitWords.at(tokens, i).isPresent();
  }

  private boolean word(int i, String... words) {
    return i >= 0 && i < tokens.size() && tokens.get(i).isWord(words);
  }

  private boolean is(int i, String... marks) {
    return i >= 0 && i < tokens.size() && tokens.get(i).isMark(marks);
  }
}
