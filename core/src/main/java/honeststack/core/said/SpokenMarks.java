package honeststack.core.said;

import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Punctuation that was spoken, "two eggs comma a cup of kefir full stop", and dots that are none:
 * "2 t. B.P.", "w/o". What is written instead is filled up with spaces, so that every other letter
 * stays where it was.
 */
final class SpokenMarks {
  private static final Pattern WITHOUT = Pattern.compile("\\bw/o\\b", Pattern.CASE_INSENSITIVE);

  /** Baking powder, baking soda. */
  private static final Pattern DOTTED =
      Pattern.compile("\\bB\\. ?(?:[PS]\\.|(?=powder|soda))", Pattern.CASE_INSENSITIVE);

  /** Not an inch: nothing stands right before it. */
  private static final Pattern QUOTED =
      Pattern.compile("(?<![\\w½¼¾.])[\"“„”]([^\"“„”\\n]{1,40})[\"“”](?!\\w)");

  /** "250g-ish", "250-ish grams", "3/4ths". */
  private static final Pattern ISH =
      Pattern.compile(
          "(?<=[a-z])-ish\\b|(?<=\\d)-(?=odd )|-ish(?= [a-z])|(?<=\\d/\\d)(?:ths|rds)\\b");

  /** "pinch o' salt". */
  private static final Pattern OF = Pattern.compile("\\bo['’](?= )");

  /** Cells of a table, the number in one and its unit in the next: "salt,4,g". */
  private static final Pattern CELLS =
      Pattern.compile(
          "(?<=[,;\\t|] ?)(\\d+(?:\\.\\d+)?)[,;\\t|](?= ?(?:g|kg|mg|ml|l|cl|dl|tsp|tbsp|cups?|oz|lb|pcs?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "**200 g** flour", "_milk_". */
  private static final Pattern STRESSED =
      Pattern.compile(
          "(?<![\\p{L}\\d*_])([*_]{1,3})(?=[^\\s*_])([^*_\n]{1,60}?)(?<=\\S)\\1(?![\\p{L}\\d])");

  private static final String MEASURED =
      "\\d[\\d.,/½¼¾⅓⅔]* ?(?:[½¼¾⅓⅔] ?)?(?:g|kg|ml|l|cl|dl|tsp|tbsp|cups?|oz|lb)";

  /** An amount in brackets, or with a colon or a bar, before its food: "[200 g] flour". */
  private static final Pattern SET_OFF =
      Pattern.compile(
          "^([ \\t•*-]*)[(\\[]("
              + MEASURED
              + ")[)\\]](?= \\p{L})|^([ \\t•*-]*)("
              + MEASURED
              + ") ?(?:[:|]|//)(?= \\p{L}[^|:\n]*$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "1.1/2 cups", "2 nos. eggs": a dot that ends no sentence. */
  private static final Pattern NUMBER_DOT =
      Pattern.compile(
          "(?<=\\b\\d)\\.(?=[1-9]/[1-9])|(?<=\\d )nos?\\.(?= ?\\p{Ll})(?! ?(?:wait|make|sorry|it|i|the|that|only|just|use|then|hang|hold|actually|more|less|no)\\b)");

  /** "Servings: 3 – Calories: 310": a dash between two labels with their numbers. */
  private static final Pattern LABELS =
      Pattern.compile(
          "(?<=: ?\\d{1,3}(?: (?:min|mins|minutes|people|servings|pieces))?) [–—-] (?=\\p{Lu}\\p{L}+(?: \\p{L}+)?: ?\\d)");

  private static final Pattern NAME_CELL = Pattern.compile("(?<=\\p{L});(?=\\d)");

  /** For so many people, in German, Portuguese, Spanish and French. */
  private static final Pattern FOR =
      Pattern.compile(
          "\\b(?:für|para)(?= \\d)|^pour(?= \\d+ *$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "two and a bit cups". */
  private static final Pattern A_BIT =
      Pattern.compile(
          "(?<=[\\w½¼¾])[ -]and[ -]a[ -](?:wee |little |tiny )?bit(?=[ -](?:cups?|tablespoons?|tbsp|teaspoons?"
              + "|tsp|spoons?|grams?|g|ml|oz|ounces?|pounds?|lbs?|pints?|lit(?:re|er)s?|dl|kilos?|mugs?"
              + "|glasses|handfuls?|sticks?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "one n a half", "a cup an a half". */
  private static final Pattern AND_HALF =
      Pattern.compile(
          "(?<=\\w) (?:n|an)(?= (?:(?:a |one )?half|a quarter|a third|three quarters)\\b)",
          Pattern.CASE_INSENSITIVE);

  private static final Pattern GOOD_HALF =
      Pattern.compile("(?<=\\ba )good (?=(?:half|quarter|third)\\b)", Pattern.CASE_INSENSITIVE);

  private static final List<String> TENS =
      List.of("ten", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");

  /** "2 hundred and 50", "3 hundred and fifty". */
  private static final Pattern HUNDRED =
      Pattern.compile(
          "(?<![\\d.,/])\\b([1-9]) hundred"
              + "(?:(?: and)? (\\d\\d|"
              + String.join("|", TENS)
              + ")\\b(?![- ]?(?:[/.]|one|two|three|four|five|six|seven|eight|nine)))?",
          Pattern.CASE_INSENSITIVE);

  /** "salt 'n pepper". */
  private static final Pattern AND = Pattern.compile("(?<= )['’]n['’]?(?= )");

  /** "one percent milk". */
  private static final Pattern PERCENT =
      Pattern.compile(
          "\\b(zero|one|two|three|four|five|ten|twenty|\\d+(?:[.,]\\d+)?) per ?cent\\b",
          Pattern.CASE_INSENSITIVE);

  private static final List<String> DIGITS = List.of("zero", "one", "two", "three", "four", "five");

  private static final Pattern COMMA = word("comma");
  private static final Pattern NEW_LINE = word("new ?line|next line|new paragraph");
  private static final Pattern STOP = word("full stop|period");

  private SpokenMarks() {}

  static String written(String said) {
    String low = said.toLowerCase(Locale.ROOT);
    String dotless =
        low.contains("b.") ? DOTTED.matcher(said).replaceAll(at -> undotted(at.group())) : said;
    String bare = unquoted(dotless);
    bare =
        bare.indexOf("o'") < 0 && bare.indexOf("o’") < 0 ? bare : OF.matcher(bare).replaceAll("of");
    if (has(low, "-ish", "-odd ", "ths", "rds")) {
      bare = ISH.matcher(bare).replaceAll(at -> " ".repeat(at.group().length()));
    }
    bare =
        bare.replace("-->", "→  ")
            .replace("=>", "→ ")
            .replace("->", "→ ")
            .replace(">>", ", ")
            .replace("i.e.", "so  ")
            .replace(":)", "  ")
            .replace(";)", "  ")
            .replace(":-)", "   ");
    if (has(bare, "*", "_")) {
      bare =
          STRESSED
              .matcher(bare)
              .replaceAll(at -> Matcher.quoteReplacement(spaced(at.group(), at.group(2))));
    }
    if (has(bare, ")", "]", ":", "|", "//")) {
      bare =
          SET_OFF
              .matcher(bare)
              .replaceAll(
                  at ->
                      Matcher.quoteReplacement(
                          spaced(at.group(), at.group(2) == null ? at.group(4) : at.group(2))));
    }
    if (has(bare, "'n", "’n")) {
      bare = AND.matcher(bare).replaceAll(at -> at.group().length() == 2 ? "& " : " & ");
    }
    if (has(low, "/", "no.", "nos.")) {
      bare = NUMBER_DOT.matcher(bare).replaceAll(at -> " ".repeat(at.group().length()));
    }
    if (has(low, " half", " quarter", " third")) {
      bare = AND_HALF.matcher(bare).replaceAll(at -> at.group().length() == 2 ? " &" : " & ");
    }
    if (low.contains("a good ")) {
      bare = GOOD_HALF.matcher(bare).replaceAll("     ");
    }
    if (low.contains(" hundred")) {
      bare = HUNDRED.matcher(bare).replaceAll(SpokenMarks::hundred);
    }
    if (has(low, " a bit", "-a-bit", " bit ")) {
      bare = A_BIT.matcher(bare).replaceAll(at -> " ".repeat(at.group().length()));
    }
    if (has(low, " – ", " — ", " - ")) {
      bare = LABELS.matcher(bare).replaceAll(" | ");
    }
    bare = CELLS.matcher(bare).replaceAll("$1 ");
    bare = bare.indexOf(';') < 0 ? bare : NAME_CELL.matcher(bare).replaceAll(" ");
    if (has(low, "für ", "para ", "pour ")) {
      bare = FOR.matcher(bare).replaceAll(at -> at.group().length() == 3 ? "for" : "for ");
    }
    bare = has(low, "cent") ? PERCENT.matcher(bare).replaceAll(at -> percent(at)) : bare;
    String text = bare.indexOf('/') < 0 ? bare : WITHOUT.matcher(bare).replaceAll("no ");
    boolean spoken =
        has(low, "comma", "line", "paragraph")
            && (COMMA.matcher(text).find() || NEW_LINE.matcher(text).find());
    if (!spoken) {
      return text;
    }
    String marked = replaced(COMMA, text, ',');
    return replaced(STOP, replaced(NEW_LINE, marked, '\n'), '.');
  }

  /** Spaces for all around what is kept. */
  private static String spaced(String all, String kept) {
    int at = all.indexOf(kept);
    return " ".repeat(at) + kept + " ".repeat(all.length() - at - kept.length());
  }

  /** What stands in quotes is a name as any other: type "00". */
  private static String unquoted(String text) {
    return has(text, "\"", "“", "„", "”")
        ? QUOTED.matcher(text).replaceAll(at -> " " + Matcher.quoteReplacement(at.group(1)) + " ")
        : text;
  }

  private static boolean has(String text, String... any) {
    return Stream.of(any).anyMatch(text::contains);
  }

  private static String undotted(String letters) {
    String bare = letters.replaceAll("[. ]", "");
    return bare + " ".repeat(letters.length() - bare.length());
  }

  private static String hundred(MatchResult said) {
    String rest = said.group(2) == null ? "00" : said.group(2).toLowerCase(Locale.ROOT);
    String number =
        said.group(1) + (TENS.contains(rest) ? 10 * (TENS.indexOf(rest) + 1) + "" : rest);
    return number + " ".repeat(said.group().length() - number.length());
  }

  /** With a sign, as long as before. */
  private static String percent(MatchResult said) {
    String word = said.group(1).toLowerCase(Locale.ROOT);
    int digit = DIGITS.indexOf(word);
    String number =
        digit >= 0 ? "" + digit : word.equals("ten") ? "10" : word.equals("twenty") ? "20" : word;
    return number + "%" + " ".repeat(said.group().length() - number.length() - 1);
  }

  private static Pattern word(String words) {
    return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
  }

  private static String replaced(Pattern word, String text, char mark) {
    Matcher matcher = word.matcher(text);
    return matcher.replaceAll(at -> mark + " ".repeat(at.group().length() - 1));
  }
}
