package honeststack.core.line;

import static honeststack.core.wording.Refusal.Reason.BAD_AMOUNT;

import honeststack.core.wording.Fraction;
import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Finds numbers in a line, in figures, fractions and words, single or as a range. */
final class Quantities {
  static final String AMOUNTS = "an amount first, such as 120, 1½ or 0.5";

  /** Of other tongues; before a unit they are one. */
  private static final Set<String> ARTICLES =
      Set.of("un", "une", "una", "uno", "ein", "eine", "einen", "en", "ett", "et", "een");

  /** "Version 2 – 300 g oats": nobody means from 2 to 300 g. Common practice. */
  private static final double WIDEST = 10;

  /** "Four to 100 g flour": eggs, and no range, where "to" stands between. Common practice. */
  private static final double WIDEST_SAID = 20;

  /** From here on two numbers with a slash are a range, "240/260 g". */
  private static final double SEVERAL = 10;

  /** No kitchen measures a smaller fraction: "1/ 200 g flour" is the first of a list. */
  private static final double SMALLEST = 64;

  private static final Pattern THOUSANDS = Pattern.compile("[1-9]\\d{0,2}(?:[.,]\\d{3})+");
  private final String text;
  private final List<Token> tokens;
  private final Parts parts;

  Quantities(String text, List<Token> tokens) {
    this.text = text;
    this.tokens = tokens;
    this.parts = new Parts(tokens, this::fraction);
  }

  /**
   * The number or range that begins at a token.
   *
   * @throws RefusedException if it is negative, divides by zero, or could be read in two ways
   */
  Optional<Quantity> at(int i) {
    if (i == 0 && is(i, "-", "−") && number(i + 1).isPresent()) {
      throw bad(text.strip(), "has a negative amount", "an amount of 0 or more");
    }
    if (word(i, "a", "some") && word(i + 1, "few") || word(i, "few", "several")) {
      boolean few = word(i + 1, "few") || word(i, "few");
      return Optional.of(new Quantity(few ? 3 : 4, 1, 0, word(i + 1, "few") ? i + 2 : i + 1));
    }
    if (word(i, "couple")) {
      return Optional.of(new Quantity(2, 0, 0, word(i + 1, "of") ? i + 2 : i + 1));
    }
    if (word(i, "between")) {
      return number(i + 1).flatMap(low -> range(low, "and"));
    }
    return number(i).map(first -> about(first).or(() -> range(first, "to", "or")).orElse(first));
  }

  /** "200±10". */
  private Optional<Quantity> about(Quantity middle) {
    return is(middle.next(), "±")
        ? number(middle.next() + 1)
            .filter(more -> more.amount() < middle.amount())
            .map(
                more ->
                    new Quantity(middle.amount(), more.amount(), middle.decimals(), more.next()))
        : Optional.empty();
  }

  private Optional<Quantity> range(Quantity low, String... words) {
    int i = low.next();
    boolean dash = is(i, "-", "–", "—", "−");
    int maybe = unsure(is(i, ",") ? i + 1 : i); // "two, maybe three"
    boolean unsure = maybe > i + (is(i, ",") ? 1 : 0);
    if (!dash && !unsure && !word(i, words)) {
      return Optional.empty();
    }
    return number(unsure ? maybe : unsure(i + 1))
        .filter(high -> high.amount() > low.amount())
        .filter(
            high ->
                high.amount() <= (dash ? WIDEST : WIDEST_SAID) * low.amount() * scale(low, high))
        .map(high -> upTo(low.times(scale(low, high), high.next()), high));
  }

  private static Quantity upTo(Quantity low, Quantity high) {
    return new Quantity(
        (low.amount() + high.amount()) / 2,
        (high.amount() - low.amount()) / 2,
        Math.max(low.decimals(), high.decimals()),
        high.next());
  }

  /** "two to three hundred grams": hundreds, both. */
  private double scale(Quantity low, Quantity high) {
    double scale = word(high.next() - 1, "hundred") ? 100 : 1;
    scale = word(high.next() - 1, "thousand") ? 1000 : scale;
    return low.amount() * scale < high.amount() ? scale : 1;
  }

  /** Skips "maybe", "possibly even". */
  private int unsure(int i) {
    int at = i;
    while (word(at, "maybe", "perhaps", "possibly", "even")) {
      at++;
    }
    return at;
  }

  /**
   * Where what an amount reaches up to begins: "150 g to 200 g", "between 1 and 2 dl".
   *
   * @param from its first token
   * @param i the first behind it
   * @return 0 for a single one
   */
  int upTo(int from, int i) {
    boolean between = word(from - 1, "between") && word(i, "and");
    if (word(i, "up") && word(i + 1, "to")) {
      return i + 2;
    }
    return between || word(i, "to", "or") || is(i, "-", "–", "—") ? unsure(i + 1) : 0;
  }

  private Optional<Quantity> number(int i) {
    if (i >= tokens.size()) {
      return Optional.empty();
    }
    Token token = tokens.get(i);
    return switch (token.kind()) {
      case NUMBER -> Optional.of(dozens(partOf(figures(i))));
      case FRACTION ->
          Optional.of(partOf(new Quantity(Fraction.of(token.text().charAt(0)), 0, 0, i + 1)));
      case WORD -> words(i);
      case MARK -> Optional.empty();
    };
  }

  private Quantity figures(int i) {
    Token token = tokens.get(i);
    if (!token.isWhole() && THOUSANDS.matcher(token.text()).matches()) {
      throw bad(
          token.text(),
          "could be thousands or a decimal fraction",
          "thousands without a separator (1000), or fewer decimals (1,5)");
    }
    Optional<Quantity> fraction = fraction(i);
    if (fraction.isPresent()) {
      return fraction.get();
    }
    String decimal = token.text().replace(',', '.');
    int point = decimal.indexOf('.');
    if (point != decimal.lastIndexOf('.')) {
      throw bad(token.text(), "is not a number", AMOUNTS);
    }
    double value = Double.parseDouble(decimal);
    if (point >= 0) {
      return new Quantity(value, 0, decimal.length() - point - 1, i + 1);
    }
    return mixed(value, i + 1).orElseGet(() -> parts.and(new Quantity(value, 0, 0, i + 1)));
  }

  /** A whole number's fraction: "1½", "1 1/2", "1-1/2", "1.1/2". */
  private Optional<Quantity> mixed(double whole, int i) {
    if (i < tokens.size() && tokens.get(i).kind() == Token.Kind.FRACTION) {
      double part = Fraction.of(tokens.get(i).text().charAt(0));
      return Optional.of(new Quantity(whole + part, 0, 0, i + 1));
    }
    int at = is(i, "-", "–", ".") ? i + 1 : i;
    return fraction(at)
        .filter(part -> part.amount() < 1)
        .map(part -> new Quantity(whole + part.amount(), 0, 0, part.next()));
  }

  Optional<Quantity> fraction(int i) {
    if (i + 2 < tokens.size()
        && is(i + 1, "/", "⁄")
        && tokens.get(i).isWhole()
        && tokens.get(i + 2).isWhole()) {
      double under = Double.parseDouble(tokens.get(i + 2).text());
      boolean apart = tokens.get(i).end() < tokens.get(i + 1).start();
      if (under == 0 && apart) {
        return Optional.empty(); // "bp 5 / 0 cal sweetener"
      }
      if (under == 0) {
        throw bad(Token.joined(tokens.subList(i, i + 3)), "divides by zero", AMOUNTS);
      }
      double over = Double.parseDouble(tokens.get(i).text());
      if (over >= SEVERAL && under > over) {
        return Optional.of(new Quantity((over + under) / 2, (under - over) / 2, 0, i + 3));
      }
      return under > SMALLEST
          ? Optional.empty()
          : Optional.of(new Quantity(over / under, 0, 0, i + 3));
    }
    return Optional.empty();
  }

  private Optional<Quantity> words(int i) {
    String word = tokens.get(i).low();
    boolean foreign = ARTICLES.contains(word) && UnitWords.at(tokens, i + 1).isPresent();
    boolean article = word.equals("a") || word.equals("an") || foreign;
    if (Parts.is(word) && !word.endsWith("s")) {
      return Optional.of(skipOf(dozens(new Quantity(Parts.of(word), 0, 0, i + 1))));
    }
    if (article && i + 1 < tokens.size()) {
      String after = tokens.get(i + 1).low();
      if (Parts.is(after)) {
        return Optional.of(skipOf(dozens(new Quantity(Parts.of(after), 0, 0, i + 2))));
      }
      Optional<NumberWords.Found> few = NumberWords.few(tokens, i + 1);
      if (few.isPresent()) {
        return few.map(n -> dozens(skipOf(new Quantity(n.value(), 0, 0, n.next()))));
      }
      if (after.equals("dozen")) {
        Quantity more = parts.and(new Quantity(1, 0, 0, i + 2));
        return Optional.of(more.times(12, more.next()));
      }
    }
    Optional<NumberWords.Found> counted = NumberWords.at(tokens, i);
    if (counted.isEmpty()) {
      return article ? Optional.of(parts.and(new Quantity(1, 0, 0, i + 1))) : Optional.empty();
    }
    double value = counted.get().value();
    int next = counted.get().next();
    if (next < tokens.size() && Parts.is(tokens.get(next).low())) {
      double part = Parts.of(tokens.get(next).low());
      return Optional.of(skipOf(new Quantity(value * part, 0, 0, next + 1)));
    }
    return Optional.of(dozens(parts.and(new Quantity(value, 0, counted.get().decimals(), next))));
  }

  private Quantity dozens(Quantity quantity) {
    int i = word(quantity.next(), "a") ? quantity.next() + 1 : quantity.next();
    return word(i, "dozen", "doz", "dz") ? quantity.times(12, i + 1) : quantity;
  }

  /** "3/4 of a cup", "1/2 a cup". */
  private Quantity partOf(Quantity quantity) {
    int i = word(quantity.next(), "of") ? quantity.next() + 1 : quantity.next();
    boolean of = word(i, "a", "an") || i > quantity.next() && word(i, "one");
    return of && quantity.amount() < 1 ? quantity.until(i + 1) : quantity;
  }

  /** "a quarter of a cup": the words between. */
  private Quantity skipOf(Quantity quantity) {
    int i = quantity.next();
    if (word(i, "of")) {
      i++;
      boolean number = i < tokens.size() && tokens.get(i).kind() == Token.Kind.NUMBER;
      if (number && tokens.get(i).isWhole()) {
        Quantity all = figures(i);
        return new Quantity(quantity.amount() * all.amount(), 0, 0, all.next()); // "half of 3"
      }
    }
    boolean one = word(i, "one") && word(i - 1, "of"); // "half of one cup"
    return quantity.until(one || word(i, "a", "an") ? i + 1 : i);
  }

  /** What "and a half" behind a unit adds to it; empty if nothing. */
  Optional<Quantity> andPart(int i) {
    return parts.behindUnit(i);
  }

  private boolean word(int i, String... words) {
    return i >= 0 && i < tokens.size() && tokens.get(i).isWord(words);
  }

  private boolean is(int i, String... marks) {
    return i >= 0 && i < tokens.size() && tokens.get(i).isMark(marks);
  }

  private static RefusedException bad(String offending, String what, String accepted) {
    return new RefusedException(
        BAD_AMOUNT, offending, "“" + offending + "” " + what + ".", accepted);
  }
}
