package honeststack.core.said.page;

import honeststack.core.line.NumberText;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Whole numbers as they are said of pieces and people: "12", "a dozen", "sixteen". */
final class Numerals {
  private static final List<String> WORDS =
      List.of(
          "no",
          "one",
          "two",
          "three",
          "four",
          "five",
          "six",
          "seven",
          "eight",
          "nine",
          "ten",
          "eleven",
          "twelve",
          "thirteen",
          "fourteen",
          "fifteen",
          "sixteen",
          "seventeen",
          "eighteen",
          "nineteen",
          "twenty");

  /** A group of a pattern that finds one of them. */
  static final String ANY =
      "(\\d{1,3}|half a dozen|a dozen|two dozen|an?|"
          + "(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[- ](?:"
          + String.join("|", WORDS.subList(1, 10))
          + "))?|"
          + String.join("|", WORDS.subList(1, WORDS.size()))
          + ")";

  /** The same without "a" and "an". */
  static final String STRICT = ANY.replace("|an?|", "|");

  private static final Pattern TENS = Pattern.compile("\\d{1,3}|\\w+ty(?:[- ]\\w+)?");

  private Numerals() {}

  /** What {@link #ANY} found; -1 for anything else. */
  static int of(String said) {
    String low = said.toLowerCase(Locale.ROOT);
    return switch (low) {
      case "a", "an" -> 1;
      case "half a dozen" -> 6;
      case "a dozen" -> 12;
      case "two dozen" -> 24;
      default -> TENS.matcher(low).matches() ? (int) NumberText.read(low) : WORDS.indexOf(low);
    };
  }
}
