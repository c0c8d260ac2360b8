package honeststack.core.said.page;

import java.util.List;
import java.util.Locale;

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
          + String.join("|", WORDS.subList(1, WORDS.size()))
          + "|thirty|forty|fifty)";

  /** The same without "a" and "an". */
  static final String STRICT = ANY.replace("|an?|", "|");

  private Numerals() {}

  /** What {@link #ANY} found; -1 for anything else. */
  static int of(String said) {
    String low = said.toLowerCase(Locale.ROOT);
    return switch (low) {
      case "a", "an" -> 1;
      case "half a dozen" -> 6;
      case "a dozen" -> 12;
      case "two dozen" -> 24;
      case "thirty" -> 30;
      case "forty" -> 40;
      case "fifty" -> 50;
      default ->
          !low.isEmpty() && Character.isDigit(low.charAt(0))
              ? Integer.parseInt(low)
              : WORDS.indexOf(low);
    };
  }
}
