package honeststack.core.said.span;

import honeststack.core.line.Token;
import honeststack.core.line.UnitWords;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Element;
import honeststack.core.said.page.ClockNumbers;
import honeststack.core.said.words.Phrases;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.List;
import java.util.Optional;

/** Numbers of minutes, degrees, per cent and the like, which are no amounts of a food. */
final class OtherNumbers {
  private static final double COLDEST_OVEN = 60;

  /** Degrees Celsius that no cook means as cups. */
  private static final double LUKEWARM = 20;

  private static final Remembered YEAR = Remembered.whole("(?:19|20)\\d\\d");
  private static final Remembered PRICE = Remembered.whole("\\d+[.,]\\d\\d");

  private static final String[] CHARGED = {
    "charge", "charges", "cost", "costs", "price", "prices", "sell", "sells", "pay", "paid"
  };

  private static final String[] NO_FOOD = {
    "quid",
    "pence",
    "euro",
    "euros",
    "dollar",
    "dollars",
    "bucks",
    "cents",
    "cent",
    "rupees",
    "kronor",
    "zloty",
    "francs",
    "things",
    "ingredients"
  };

  private OtherNumbers() {}

  /** Where a number of minutes, degrees or the like ends. */
  static Optional<Integer> end(List<Token> tokens, int from, Element amount) {
    Measure measure = amount.measure();
    if (measure.unit() == Unit.SECOND && !isSprayed(tokens)) {
      return Optional.of(amount.to);
    }
    int number = amount.to;
    boolean warmed =
        from > 0
            && tokens.get(from - 1).isWord("to", "at", "until", "till")
            && measure.amount() >= LUKEWARM;
    if (measure.unit() == Unit.CUP && (measure.amount() >= COLDEST_OVEN || warmed)) {
      int unit = tokens.get(number - 1).isMark(".") ? number - 2 : number - 1;
      return tokens.get(unit).text().equals("C") ? Optional.of(number) : Optional.empty();
    }
    if (measure.unit() != Unit.COUNT) {
      return Optional.empty();
    }
    boolean ratio =
        number + 1 < tokens.size()
            && tokens.get(number).isMark(":")
            && tokens.get(number).start() == tokens.get(number - 1).end()
            && tokens.get(number - 1).isWhole()
            && tokens.get(number + 1).start() == tokens.get(number).end()
            && tokens.get(number + 1).isWhole();
    if (ratio) {
      return Optional.of(number + 2); // "xylitol 1:1"
    }
    if (isOfNoFood(tokens, number) || isThird(tokens, number)) {
      return Optional.of(number + 1);
    }
    boolean clock = ClockNumbers.isAt(tokens, from, number, measure.amount());
    if (clock || isPrice(tokens, number - 1) || isNamed(tokens, from)) {
      return Optional.of(number);
    }
    int at = skip(tokens, number, "-", "–");
    if (at < tokens.size() && tokens.get(at).isMark("°", "º", "\"", "”", "″", "%")) {
      boolean letter = at + 1 < tokens.size() && tokens.get(at + 1).isWord("c", "f", "fat");
      boolean fat = tokens.get(at).isMark("%") && letter;
      return Optional.of(letter && !fat ? at + 2 : at + 1);
    }
    boolean hot = measure.amount() >= COLDEST_OVEN;
    if (hot && at < tokens.size() && tokens.get(at).text().equals("F")) {
      return Optional.of(at + 1);
    }
    if (hot && from > 0 && tokens.get(from - 1).isWord("at", "to", "on") && isHeated(tokens)) {
      return Optional.of(number); // "keep the griddle at 375"
    }
    int[] end = {0};
    Phrases.shipped()
        .each(
            tokens,
            at,
            found -> {
              if (found.sorts().contains(Sort.UNIT_OTHER)) {
                end[0] = found.to();
              }
            });
    return end[0] > 0 ? Optional.of(end[0]) : Optional.empty();
  }

  private static final String[] LABELLED = {
    "recipe", "step", "bowl", "no", "nr", "try", "test", "batch", "part", "stage", "option",
    "round", "trial", "take", "day", "week", "v", "jar", "bag"
  };

  /** "page 42", "since 1985", "recipe no. 5", "10 out of 10": what is numbered, or when. */
  private static boolean isNamed(List<Token> tokens, int number) {
    int before = tokens.get(Math.max(0, number - 1)).isMark(".") ? number - 2 : number - 1;
    if (before < 0) {
      return false;
    }
    boolean year =
        YEAR.is(tokens.get(number).text())
            && tokens.get(before).isWord("since", "in", "from", "of", "summer", "winter");
    boolean no =
        tokens.get(before).isWord("no", "nr", "number")
            && before > 0
            && tokens
                .get(before - 1)
                .isWord("recipe", "version", "try", "attempt", "test", "batch");
    boolean label = // "Recipe 3: …", "bowl 2: …", "#2 …"
        tokens.get(before).isWord(LABELLED)
            && (before == 0 || tokens.get(before - 1).kind() == Token.Kind.MARK)
            && number + 1 < tokens.size()
            && tokens.get(number + 1).isMark(":", "-", "–");
    boolean note = // "200 g flour, see note 2"
        tokens.get(before).isWord("note", "footnote", "tip")
            && (before == 0
                || tokens.get(before - 1).kind() == Token.Kind.MARK
                || tokens.get(before - 1).isWord("see"));
    boolean sign =
        number == 1
            && tokens.get(0).isMark("#")
            && tokens.get(0).end() == tokens.get(1).start()
            && number + 1 < tokens.size()
            && tokens.get(number + 1).kind() != Token.Kind.WORD;
    return year
        || no
        || label
        || sign
        || note
        || tokens
            .get(before)
            .isWord("page", "version", "chapter", "attempt", "year", "grade", "room")
        || isOutOf(tokens, number, before);
  }

  /** "10 out of 10"; not "12 out of 4 eggs". */
  private static boolean isOutOf(List<Token> tokens, int number, int of) {
    return of > 0
        && tokens.get(of).isWord("of")
        && tokens.get(of - 1).isWord("out")
        && (number + 1 == tokens.size() || tokens.get(number + 1).kind() == Token.Kind.MARK);
  }

  /** "80p", "two quid", "3 euros"; "three things". */
  private static boolean isOfNoFood(List<Token> tokens, int unit) {
    return unit < tokens.size()
        && (tokens.get(unit).isWord(NO_FOOD)
            || tokens.get(unit).isWord("p")
                && tokens.get(unit).start() == tokens.get(unit - 1).end()
                && tokens.get(unit - 1).isWhole());
  }

  /** "my 3rd try", where "3 rd" is no rounded spoon. */
  private static boolean isThird(List<Token> tokens, int suffix) {
    return suffix + 1 < tokens.size()
        && tokens.get(suffix).start() == tokens.get(suffix - 1).end()
        && tokens.get(suffix).isWord("rounded", "rd")
        && tokens.get(suffix - 1).text().endsWith("3")
        && UnitWords.of(tokens.get(suffix + 1).low()).isEmpty();
  }

  /** "1.50 for cream", where something is charged. */
  private static boolean isPrice(List<Token> tokens, int number) {
    return PRICE.is(tokens.get(number).text()) && tokens.stream().anyMatch(t -> t.isWord(CHARGED));
  }

  private static boolean isHeated(List<Token> tokens) {
    return tokens.stream()
        .anyMatch(
            t -> t.isWord("griddle", "oven", "iron", "stove", "hob", "min", "mins", "minutes"));
  }

  private static int skip(List<Token> tokens, int i, String... marks) {
    return i < tokens.size() && tokens.get(i).isMark(marks) ? i + 1 : i;
  }

  static boolean isSprayed(List<Token> tokens) {
    return tokens.stream()
        .anyMatch(t -> t.low().startsWith("spray") || t.low().startsWith("spritz"));
  }
}
