package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Numbers as they are spoken: "2 hundred and 50", "one n a half", "one percent", "250-ish". */
final class SpokenNumbers {
  /** "250g-ish", "250-ish grams", "3/4ths". */
  private static final Sought ISH =
      Sought.of("(?<=[a-z])-ish\\b|(?<=\\d)-(?=odd )|-ish(?= [a-z])|(?<=\\d/\\d)(?:ths|rds)\\b");

  /** "1.1/2 cups", "2 nos. eggs": a dot that ends no sentence. */
  private static final Sought NUMBER_DOT =
      Sought.of(
          "(?<=\\b(?:[Rr]ecipe|[Vv]ersion|[Bb]atch|[Tt]ry|[Tt]est|[Tt]ip|[Rr]oom) (?:no|nr|No|Nr))\\.(?= ?\\d)"
              + "|(?<=\\b(?:[Tt]el|[Ff]ig|[Pp]h))\\.(?= ?\\d)|(?<=\\b\\d)\\.(?=[1-9]/[1-9])|(?<=\\d )nos?\\.(?= ?\\p{Ll})(?! ?(?:wait|make|sorry|it|i|the|that|only|just|use|then|hang|hold|actually|more|less|no)\\b)");

  /** "one n a half", "a cup an a half". */
  private static final Sought AND_HALF =
      Sought.of(
          "(?<=\\w) (?:n|an)(?= (?:(?:a |one )?half|a quarter|a third|three quarters)\\b)",
          Pattern.CASE_INSENSITIVE);

  private static final Sought GOOD_HALF =
      Sought.of("(?<=\\ba )good (?=(?:half|quarter|third|dozen)\\b)", Pattern.CASE_INSENSITIVE);

  /** "every third pancake". */
  private static final Sought EVERY =
      Sought.of(
          "(?<=\\bevery )(other|second|third|fourth|fifth|2nd|3rd|4th|5th) (pancake|waffle|crepe|crêpe|one|pikelet)s?\\b",
          Pattern.CASE_INSENSITIVE);

  /** Of eaters and pieces it says more. */
  private static final Sought SINGLE =
      Sought.of(
          "(?<=\\ba )single (?=(?:egg|yolk|banana|apple|carrot|lemon|onion|large|medium|small|ripe|tin|can|cup|teaspoon"
              + "|tablespoon|ounce|sachet|packet|clove|slice|rasher|pinch|spoon|spoonful|scoop)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "1,200 g", "1.500 ml": nobody weighs to a thousandth of a gram. */
  private static final Sought THOUSANDS =
      Sought.of(
          "(?<![\\d.,/])([1-9]\\d?)(?:,(?=\\d{3})|\\.(?=\\d[05]0))(\\d{3})(?= ?(?:g|gr|gms?|grams?|ml|mls?|mil|millilit(?:re|er)s?)\\b)",
          Pattern.CASE_INSENSITIVE);

  private static final Sought DOZEN_AND_HALF =
      Sought.of("\\b(?:a|one) dozen and a half\\b", Pattern.CASE_INSENSITIVE);

  private static final List<String> TENS =
      List.of("ten", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");

  /** "2 hundred and 50", "3 hundred and fifty". */
  private static final Sought HUNDRED =
      Sought.of(
          "(?<![\\d.,/])\\b([1-9]) hundred"
              + "(?:(?: and)? (\\d\\d|"
              + String.join("|", TENS)
              + ")\\b(?![- ]?(?:[/.]|one|two|three|four|five|six|seven|eight|nine)))?",
          Pattern.CASE_INSENSITIVE);

  /** "two and a bit cups". */
  private static final Sought A_BIT =
      Sought.of(
          "(?<=[\\w½¼¾])[ -]and[ -]a[ -](?:wee |little |tiny )?bit(?=[ -](?:cups?|tablespoons?|tbsp|teaspoons?"
              + "|tsp|spoons?|grams?|g|ml|oz|ounces?|pounds?|lbs?|pints?|lit(?:re|er)s?|dl|kilos?|mugs?"
              + "|glasses|handfuls?|sticks?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "one percent milk". */
  private static final Sought PERCENT =
      Sought.of(
          "\\b(zero|one|two|three|four|five|ten|twenty|\\d+(?:[.,]\\d+)?) per ?cent\\b",
          Pattern.CASE_INSENSITIVE);

  private static final List<String> DIGITS = List.of("zero", "one", "two", "three", "four", "five");

  /** What a phone hears: "to eggs", "too cups", "for tablespoons", "ate ounces". */
  private static final Sought HEARD =
      Sought.of(
          "(?:(?<=^|[,;\\n] ?|\\band )(?:to|too)(?= (?:large |medium |small )?eggs\\b)"
              + "|(?<=^|[,;\\n] ?|\\band )(?:to|too|for|ate)(?= (?:cups|tablespoons|teaspoons|ounces|pints"
              + "|handfuls|scoops)\\b))",
          Pattern.CASE_INSENSITIVE);

  private static final Sought ASSAULT =
      Sought.of("(?<=\\b(?:pinch|dash|bit|teaspoon) )assault\\b", Pattern.CASE_INSENSITIVE);

  /** "200+ g". */
  private static final Sought OR_MORE = Sought.of("(?<=\\d)\\+(?= ?(?:g|ml|kg|l)\\b)");

  /** "egg*2", "eggs (x2)". */
  private static final Sought TIMES =
      Sought.of(
          "(?<=\\p{L}) ?\\*(?=\\d)|(?<=\\p{L} )\\([x×] ?(\\d{1,2})\\)", Pattern.CASE_INSENSITIVE);

  /** "200 honest grams": of no other food. */
  private static final Sought HONEST =
      Sought.of(
          "(?<=\\d )(?:honest|measly|paltry|lousy|precious|lovely|hefty|decent|healthy|modest|careful|proper|miserable) "
              + "(?=(?:grams?|grammes?|ml|millilitres?|cups?|ounces?|tablespoons?|teaspoons?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "Eight-ish.": at the end it says that they are counted. */
  private static final Sought ABOUT_SO_MANY =
      Sought.of(
          "(?<=\\b(?:[Tt]wo|[Tt]hree|[Ff]our|[Ff]ive|[Ss]ix|[Ss]even|[Ee]ight|[Nn]ine|[Tt]en|[Ee]leven|[Tt]welve|dozen))-ish"
              + "(?= ?(?:[.,;!]|$))");

  /** "two 80 g bananas". */
  private static final Sought OF_WEIGHT =
      Sought.of(
          "\\b(two|three|four|five|six) (?=\\d{2,3} ?(?:g|ml) (?:(?:small|peeled|ripe|large) )?\\p{L}{3,12}s\\b)",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              OF_WEIGHT,
              at -> Numerals.of(at.group(1)) + " x ",
              "two ",
              "three ",
              "four ",
              "five ",
              "six "),
          Repair.as(
              Sought.of("\\b[Ii]['’]d(?= (?:no|only|none|run out|just the)\\b)"),
              "had",
              "i'd",
              "i’d"),
          Repair.of(THOUSANDS, at -> at.group(1) + at.group(2), ",", "."),
          Repair.as(HONEST, "", "gram", "ml", "milli", "cup", "ounce", "spoon"),
          Repair.of(HEARD, SpokenNumbers::heard, "to", "for ", "ate "),
          Repair.as(ASSAULT, "of salt", "assault"),
          Repair.as(OR_MORE, "", "+"),
          Repair.of(TIMES, at -> at.group(1) == null ? " " : "x " + at.group(1), "*", "(x", "(×"),
          Repair.as(ABOUT_SO_MANY, " ish", "-ish"),
          Repair.as(ISH, "", "-ish", "-odd ", "ths", "rds"),
          Repair.as(Sought.of("(?<=\\d) ?no(?= eggs?\\b)"), "", "no egg"),
          Repair.as(NUMBER_DOT, "", "/", "no.", "nos.", "No.", "nr.", "Nr.", "el.", "ig.", "h."),
          Repair.as(AND_HALF, " &", " half", " quarter", " third"),
          Repair.as(GOOD_HALF, "", "a good "),
          Repair.as(
              Sought.of("\\bnot forgetting\\b", Pattern.CASE_INSENSITIVE), "and", "forgetting"),
          Repair.of(EVERY, SpokenNumbers::every, "every "),
          Repair.as(SINGLE, "", "a single "),
          Repair.as(DOZEN_AND_HALF, "18", "dozen and"),
          Repair.of(HUNDRED, SpokenNumbers::hundred, " hundred"),
          Repair.as(A_BIT, "", " a bit", "-a-bit", " bit "),
          Repair.of(PERCENT, SpokenNumbers::percent, "cent"));

  private SpokenNumbers() {}

  private static String every(MatchResult said) {
    String number =
        switch (said.group(1).toLowerCase(Locale.ROOT)) {
          case "third", "3rd" -> "3";
          case "fourth", "4th" -> "4";
          case "fifth", "5th" -> "5";
          default -> "2";
        };
    String noun = said.group(2).toLowerCase(Locale.ROOT);
    return number + " " + (noun.equals("one") ? "pcs" : noun + "s"); // no longer than it was
  }

  private static String heard(MatchResult said) {
    String word = said.group().toLowerCase(Locale.ROOT);
    return word.equals("for") ? "4" : word.equals("ate") ? "8" : "2";
  }

  private static String hundred(MatchResult said) {
    String rest = said.group(2) == null ? "00" : said.group(2).toLowerCase(Locale.ROOT);
    return said.group(1) + (TENS.contains(rest) ? 10 * (TENS.indexOf(rest) + 1) + "" : rest);
  }

  /** With a sign. */
  private static String percent(MatchResult said) {
    String word = said.group(1).toLowerCase(Locale.ROOT);
    int digit = DIGITS.indexOf(word);
    String number =
        digit >= 0 ? "" + digit : word.equals("ten") ? "10" : word.equals("twenty") ? "20" : word;
    return number + "%";
  }
}
