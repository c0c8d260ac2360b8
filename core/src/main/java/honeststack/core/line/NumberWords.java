package honeststack.core.line;

import static java.util.Map.entry;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Whole numbers and decimals in words: "a hundred and fifty", "twenty-five", "two point five". */
final class NumberWords {
  private static final Map<String, Integer> ONES =
      Map.ofEntries(
          entry("zero", 0),
          entry("one", 1),
          entry("two", 2),
          entry("three", 3),
          entry("four", 4),
          entry("five", 5),
          entry("six", 6),
          entry("seven", 7),
          entry("eight", 8),
          entry("nine", 9),
          entry("ten", 10),
          entry("eleven", 11),
          entry("twelve", 12),
          entry("thirteen", 13),
          entry("fourteen", 14),
          entry("fifteen", 15),
          entry("sixteen", 16),
          entry("seventeen", 17),
          entry("eighteen", 18),
          entry("nineteen", 19));

  private static final Map<String, Integer> TENS =
      Map.ofEntries(
          entry("twenty", 20),
          entry("thirty", 30),
          entry("forty", 40),
          entry("fifty", 50),
          entry("sixty", 60),
          entry("seventy", 70),
          entry("eighty", 80),
          entry("ninety", 90));

  /** So many, behind "a". */
  private static final Map<String, Integer> FEW = Map.of("couple", 2, "pair", 2, "trio", 3);

  /** What else a number in words may begin with. */
  private static final Set<String> FIRST = Set.of("a", "hundred", "thousand", "dozen", "point");

  /** Between two words of one number. */
  private static final int WIDEST_SPACE = 2;

  private final List<Token> tokens;
  private int next;
  private int decimals;

  private NumberWords(List<Token> tokens, int from) {
    this.tokens = tokens;
    this.next = from;
  }

  /**
   * @param next place of the first token after it
   */
  record Found(double value, int decimals, int next) {}

  /** The number that begins at a token; "a" counts before hundred, thousand and dozen only. */
  static Optional<Found> at(List<Token> tokens, int i) {
    String first = tokens.get(i).low();
    if (!isSmall(first) && !FIRST.contains(first)) {
      return Optional.empty();
    }
    NumberWords words = new NumberWords(tokens, i);
    double value = words.number();
    return words.next > i
        ? Optional.of(new Found(value, words.decimals, words.next))
        : Optional.empty();
  }

  /** "couple", "pair", "baker's dozen", behind "a". */
  static Optional<Found> few(List<Token> tokens, int i) {
    String word = tokens.get(i).low();
    if (word.equals("baker's") && i + 1 < tokens.size() && tokens.get(i + 1).isWord("dozen")) {
      return Optional.of(new Found(13, 0, i + 2));
    }
    return Optional.ofNullable(FEW.get(word)).map(n -> new Found(n, 0, i + 1));
  }

  static boolean isNumber(String word) {
    return isSmall(word) || FIRST.contains(word);
  }

  /** "three" of "three quarters". */
  static Double digit(String word) {
    Integer one = ONES.get(word);
    return one == null ? null : Double.valueOf(one);
  }

  private double number() {
    if (is(next, "dozen")) {
      next++;
      return 12;
    }
    int start = next;
    double value = thousands();
    if (is(next, "point") && isDigit(next + 1)) {
      next++;
      for (double place = 0.1; isDigit(next); place /= 10) {
        value += place * ONES.get(tokens.get(next).low());
        decimals++;
        next++;
      }
    }
    return next > start ? value : 0;
  }

  private double thousands() {
    double value = hundreds();
    if (is(next, "thousand")) {
      next++;
      return 1000 * Math.max(1, value) + below(hundredsAfter(next));
    }
    return value;
  }

  private double below(int before) {
    double value = hundreds();
    if (value == 0) {
      next = before;
    }
    return value;
  }

  /** Steps over the "and" of "a hundred and fifty"; returns where to go back to. */
  private int hundredsAfter(int at) {
    next = is(at, "and") && isSmall(at + 1) ? at + 1 : at;
    return at;
  }

  private double hundreds() {
    int start = next;
    double value = small();
    boolean article = next == start && is(next, "a", "one") && is(next + 1, "hundred", "thousand");
    boolean before = start > 0 && (is(start - 1, "a") || isSmall(start - 1));
    if (next == start && is(next, "hundred") && !before) {
      value = 1; // "hundred grams"
    } else if (article) {
      next++;
      value = 1;
    }
    boolean one = next == start + 1 && !article && value > 0 && value < 10;
    if (one && isTens(next) && isNext(next)) {
      return 100 * value + small(); // "two fifty"
    }
    if (one && is(next, "oh", "o", "nought") && isDigit(next + 1)) {
      next++;
      return 100 * value + small(); // "one oh five"
    }
    if (one && isTeen(next) && next + 1 < tokens.size() && isWeighed(next + 1)) {
      return 100 * value + small(); // "one ten grams"
    }
    if (!is(next, "hundred") || next == start && value == 0) {
      return value;
    }
    next++;
    int back = hundredsAfter(next);
    double rest = next > back || isNext(next) ? small() : 0; // "two hundred and um fifty"
    if (rest == 0) {
      next = back;
    }
    return 100 * value + rest;
  }

  /** 0 to 99: "twenty five", "twenty-five", "nineteen". */
  private double small() {
    if (next >= tokens.size()) {
      return 0;
    }
    String word = tokens.get(next).low();
    int hyphen = word.indexOf('-');
    if (hyphen > 0 && TENS.containsKey(word.substring(0, hyphen))) {
      Integer ones = ONES.get(word.substring(hyphen + 1));
      if (ones != null) {
        next++;
        return TENS.get(word.substring(0, hyphen)) + ones;
      }
    }
    if (TENS.containsKey(word)) {
      next++;
      if (isDigit(next) && !is(next, "zero") && isNext(next)) {
        return TENS.get(word) + ONES.get(tokens.get(next++).low());
      }
      return TENS.get(word);
    }
    if (ONES.containsKey(word)) {
      next++;
      return ONES.get(word);
    }
    return 0;
  }

  /** Nothing was left out before it: "thirty um one" are two numbers. */
  private boolean isNext(int i) {
    return i > 0
        && i < tokens.size()
        && tokens.get(i).start() - tokens.get(i - 1).end() <= WIDEST_SPACE;
  }

  private boolean isTeen(int i) {
    return i < tokens.size() && ONES.getOrDefault(tokens.get(i).low(), 0) >= 10;
  }

  private boolean isWeighed(int i) {
    return is(i, "g", "gram", "grams", "gr", "gms", "ml", "mls", "mil", "mils", "millilitres");
  }

  private boolean isTens(int i) {
    return i < tokens.size() && isTens(tokens.get(i).low());
  }

  /** "twenty", "twenty-five". */
  private static boolean isTens(String low) {
    int hyphen = low.indexOf('-');
    return TENS.containsKey(hyphen > 0 ? low.substring(0, hyphen) : low);
  }

  private boolean isSmall(int i) {
    return i < tokens.size() && isSmall(tokens.get(i).low());
  }

  private static boolean isSmall(String low) {
    return ONES.containsKey(low) || isTens(low);
  }

  private boolean isDigit(int i) {
    return i < tokens.size() && ONES.getOrDefault(tokens.get(i).low(), 10) < 10;
  }

  private boolean is(int i, String... words) {
    return i < tokens.size() && tokens.get(i).isWord(words);
  }
}
