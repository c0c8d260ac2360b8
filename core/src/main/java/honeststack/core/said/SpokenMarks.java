package honeststack.core.said;

import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Punctuation that was spoken, "two eggs comma a cup of kefir full stop", and dots that are none:
 * "2 t. B.P.", "w/o". What is written instead is filled up with spaces, so that every other letter
 * stays where it was.
 */
final class SpokenMarks {
  private static final Sought WITHOUT = Sought.of("\\bw/o\\b", Pattern.CASE_INSENSITIVE);

  /** Baking powder, baking soda. */
  private static final Sought DOTTED =
      Sought.of("\\bB\\. ?(?:[PS]\\.|(?=powder|soda))", Pattern.CASE_INSENSITIVE);

  /** Not an inch: nothing stands right before it. */
  private static final Sought QUOTED =
      Sought.of("(?<![\\w½¼¾.])[\"“„”]([^\"“„”\\n]{1,40})[\"“”](?!\\w)");

  /** "250g-ish", "250-ish grams", "3/4ths". */
  private static final Sought ISH =
      Sought.of("(?<=[a-z])-ish\\b|(?<=\\d)-(?=odd )|-ish(?= [a-z])|(?<=\\d/\\d)(?:ths|rds)\\b");

  /** "pinch o' salt". */
  private static final Sought OF = Sought.of("\\bo['’](?= )");

  /** Cells of a table, the number in one and its unit in the next: "salt,4,g". */
  private static final Sought CELLS =
      Sought.of(
          "(?<=[,;\\t|] ?)(\\d+(?:\\.\\d+)?) ?[,;\\t|](?= ?(?:g|kg|mg|ml|l|cl|dl|tsp|tbsp|cups?|oz|lb|pcs?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "flour | 200 g": the name in the first cell of a row. */
  private static final Sought ROW =
      Sought.of("^(\\|? ?\\p{L}[\\p{L} ,-]*?) ?\\| ?(?=\\d)", Pattern.MULTILINE);

  /** "**200 g** flour", "_milk_". */
  private static final Sought STRESSED =
      Sought.of(
          "(?<![\\p{L}\\d*_])([*_]{1,3})(?=[^\\s*_])([^*_\n]{1,60}?)(?<=\\S)\\1(?![\\p{L}\\d])");

  private static final String MEASURED =
      "\\d[\\d.,/½¼¾⅓⅔]* ?(?:[½¼¾⅓⅔] ?)?(?:g|kg|ml|l|cl|dl|tsp|tbsp|cups?|oz|lb)";

  /** An amount in brackets, or with a colon or a bar, before its food: "[200 g] flour". */
  private static final Sought SET_OFF =
      Sought.of(
          "^([ \\t•*-]*)[(\\[]("
              + MEASURED
              + ")[)\\]](?= \\p{L})|^([ \\t•*-]*)("
              + MEASURED
              + ") ?(?:[:|]|//)(?= \\p{L}[^|:\n]*$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "240 ml (half milk, half water)": no remark, but what it is. */
  private static final Sought HALVES =
      Sought.of(
          "(?<=\\b(?:ml|dl|cl|l|g|cups?) ?)\\((half [a-z ]{3,20}),?( (?:and )?half [a-z ]{3,20})\\)",
          Pattern.CASE_INSENSITIVE);

  /** "1.1/2 cups", "2 nos. eggs": a dot that ends no sentence. */
  private static final Sought NUMBER_DOT =
      Sought.of(
          "(?<=\\b\\d)\\.(?=[1-9]/[1-9])|(?<=\\d )nos?\\.(?= ?\\p{Ll})(?! ?(?:wait|make|sorry|it|i|the|that|only|just|use|then|hang|hold|actually|more|less|no)\\b)");

  /** "Servings: 3 – Calories: 310": a dash between two labels with their numbers. */
  private static final Sought LABELS =
      Sought.of(
          "(?<=: ?\\d{1,3}(?: (?:min|mins|minutes|people|servings|pieces))?) [–—-] (?=\\p{Lu}\\p{L}+(?: \\p{L}+)?: ?\\d)");

  private static final Sought NAME_CELL = Sought.of("(?<=\\p{L});(?=\\d)");

  /** For so many people, in German, Portuguese, Spanish and French. */
  private static final Sought FOR =
      Sought.of(
          "\\b(?:für|para)(?= \\d)|^pour(?= \\d+ *$)",
          Pattern.MULTILINE | Pattern.CASE_INSENSITIVE);

  /** "two and a bit cups". */
  private static final Sought A_BIT =
      Sought.of(
          "(?<=[\\w½¼¾])[ -]and[ -]a[ -](?:wee |little |tiny )?bit(?=[ -](?:cups?|tablespoons?|tbsp|teaspoons?"
              + "|tsp|spoons?|grams?|g|ml|oz|ounces?|pounds?|lbs?|pints?|lit(?:re|er)s?|dl|kilos?|mugs?"
              + "|glasses|handfuls?|sticks?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "one n a half", "a cup an a half". */
  private static final Sought AND_HALF =
      Sought.of(
          "(?<=\\w) (?:n|an)(?= (?:(?:a |one )?half|a quarter|a third|three quarters)\\b)",
          Pattern.CASE_INSENSITIVE);

  private static final Sought GOOD_HALF =
      Sought.of("(?<=\\ba )good (?=(?:half|quarter|third)\\b)", Pattern.CASE_INSENSITIVE);

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

  /** "salt 'n pepper". */
  private static final Sought AND = Sought.of("(?<= )['’]n['’]?(?= )");

  /** "one percent milk". */
  private static final Sought PERCENT =
      Sought.of(
          "\\b(zero|one|two|three|four|five|ten|twenty|\\d+(?:[.,]\\d+)?) per ?cent\\b",
          Pattern.CASE_INSENSITIVE);

  private static final List<String> DIGITS = List.of("zero", "one", "two", "three", "four", "five");

  private static final Sought COMMA = word("comma|semicolon");
  private static final Sought NEW_LINE = word("new ?line|next line|new paragraph");
  private static final Sought STOP = word("full stop|period");

  /** So a dictated text ends. */
  private static final Sought ENDED = Sought.of("\\b(?:full stop|period)[ .]*$");

  /** At the end of all, or before what is measured next: no period of time. */
  private static final Sought END =
      Sought.of(
          "\\b(?<!\\b(?:the|this|that|whole|long|short|rest|resting|time) )(?:full stop|period)"
              + "(?= *$|(?: and)? (?:an?|one|two|three|four|five|six|half|\\d\\S*)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "100 g sugar – no! 10 g": nothing ends there. */
  private static final Sought NO =
      Sought.of("(?<=[,(–—…-] )no!+(?= [\\da-z])|(?<=\\()no!+(?= [\\da-z])");

  /** "ca. 10", "6 Stk. Eier": nothing ends there. */
  private static final Sought SHORT =
      Sought.of(
          "\\b(?:ca|env|circa|incl)\\.(?= ?\\d)|(?<=\\d )(?:stk|stck)\\.",
          Pattern.CASE_INSENSITIVE);

  /** Letters that a camera read for figures: "l00 g", "2OO ml". */
  private static final Sought SCANNED =
      Sought.of("\\b[lI]\\d\\d+\\b|\\b\\d+[oO]+\\b|\\b[lI][oO]+\\b");

  /** "2 c.s. de sucre", "1 ч. л. соли": spoons, shortened. */
  private static final Sought SPOONS =
      Sought.of("(?<=\\d )(?:c\\.s\\.|c\\.c\\.|ст\\. ?л\\.|ч\\. ?л\\.)");

  /** The largest can of a kitchen's store: 6 to 7 lb are in it (common practice). */
  private static final Sought LARGEST_CAN =
      Sought.of("(?:#|no\\.? ?)10 (?:can|tin)\\b", Pattern.CASE_INSENSITIVE);

  /** "flour kg 1.5", "gr 200 sugar": the unit first, with nothing counted before it. */
  private static final Sought UNIT_FIRST =
      Sought.of(
          "(?<=^|[,;\\n] ?|(?<!\\b(?:one|two|three|four|five|six|ten|half|some|more|another|few|each|per|hundred|dozen|point))"
              + "(?<=\\p{L}{3}) )(kg|gr?|ml|cl|dl|lt|oz|lb)\\.? (\\d+(?:[.,]\\d+)?|\\d/\\d)"
              + "(?= ?(?:$|[,;\\n]|(?:di |de )?\\p{L}{3}))(?! (?:cups?|tbsp|tsp|min|grams|times|eggs?)\\b)",
          Pattern.CASE_INSENSITIVE);

  private SpokenMarks() {}

  static String written(String all) {
    String said = Pasted.plain(all);
    String low = said.toLowerCase(Locale.ROOT);
    String dotless = low.contains("b.") ? DOTTED.replaced(said, at -> undotted(at.group())) : said;
    String bare = unquoted(dotless);
    bare = bare.indexOf("o'") < 0 && bare.indexOf("o’") < 0 ? bare : OF.replaced(bare, at -> "of");
    if (has(low, "-ish", "-odd ", "ths", "rds")) {
      bare = ISH.replaced(bare, at -> " ".repeat(at.group().length()));
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
      bare = STRESSED.replaced(bare, at -> spaced(at.group(), at.group(2)));
    }
    if (has(bare, ")", "]", ":", "|", "//")) {
      bare =
          SET_OFF.replaced(
              bare, at -> spaced(at.group(), at.group(2) == null ? at.group(4) : at.group(2)));
    }
    if (low.contains("(half ")) {
      bare = HALVES.replaced(bare, at -> halves(at));
    }
    if (has(bare, "'n", "’n")) {
      bare = AND.replaced(bare, at -> at.group().length() == 2 ? "& " : " & ");
    }
    if (has(low, "/", "no.", "nos.")) {
      bare = NUMBER_DOT.replaced(bare, at -> " ".repeat(at.group().length()));
    }
    if (has(low, " half", " quarter", " third")) {
      bare = AND_HALF.replaced(bare, at -> at.group().length() == 2 ? " &" : " & ");
    }
    if (low.contains("a good ")) {
      bare = GOOD_HALF.replaced(bare, at -> "     ");
    }
    if (low.contains(" hundred")) {
      bare = HUNDRED.replaced(bare, SpokenMarks::hundred);
    }
    if (has(low, " a bit", "-a-bit", " bit ")) {
      bare = A_BIT.replaced(bare, at -> " ".repeat(at.group().length()));
    }
    if (has(low, " – ", " — ", " - ")) {
      bare = LABELS.replaced(bare, at -> " | ");
    }
    bare = CELLS.replaced(bare, at -> spaced(at.group(), at.group(1)));
    if (bare.indexOf('|') >= 0) {
      bare = ROW.replaced(bare, at -> spaced(at.group(), at.group(1)));
    }
    bare = bare.indexOf(';') < 0 ? bare : NAME_CELL.replaced(bare, at -> " ");
    if (has(low, "für ", "para ", "pour ")) {
      bare = FOR.replaced(bare, at -> at.group().length() == 3 ? "for" : "for ");
    }
    bare = has(low, "cent") ? PERCENT.replaced(bare, at -> percent(at)) : bare;
    if (low.contains("no!")) {
      bare = NO.replaced(bare, at -> at.group().replaceFirst("!", ",").replace('!', ' '));
    }
    if (SCANNED.isIn(bare)) {
      bare =
          SCANNED.replaced(bare, at -> at.group().replaceAll("[oO]", "0").replaceAll("[lI]", "1"));
    }
    if (has(low, "10 can", "10 tin")) {
      bare = LARGEST_CAN.replaced(bare, at -> "6-7 lb" + " ".repeat(at.group().length() - 6));
    }
    bare = UNIT_FIRST.replaced(bare, SpokenMarks::unitBehind);
    if (has(low, "c.s.", "c.c.", "ст.", "ч.")) {
      bare = SPOONS.replaced(bare, at -> spoon(at.group()));
    }
    if (has(low, "ca.", "env.", "incl.", "stk.", "stck.")) {
      bare = SHORT.replaced(bare, at -> at.group().replace('.', ' '));
    }
    bare = ENDED.isIn(low) ? replaced(END, bare, '.') : bare;
    String text = bare.indexOf('/') < 0 ? bare : WITHOUT.replaced(bare, at -> "no ");
    boolean spoken =
        has(low, "comma", "semicolon", "line", "paragraph")
            && (COMMA.isIn(text) || NEW_LINE.isIn(text));
    if (!spoken) {
      return text;
    }
    String marked = replaced(COMMA, text, ',');
    return replaced(STOP, replaced(NEW_LINE, marked, '\n'), '.');
  }

  private static String unitBehind(MatchResult said) {
    String turned = said.group(2) + " " + said.group(1);
    return turned + " ".repeat(said.group().length() - turned.length());
  }

  private static String spoon(String said) {
    String spoon = said.equals("c.s.") || said.startsWith("с") ? "tbsp" : "tsp";
    return spoon + " ".repeat(said.length() - spoon.length());
  }

  /** As long as it was. */
  private static String halves(MatchResult said) {
    String bare = "," + said.group(1) + said.group(2);
    return bare + " ".repeat(said.group().length() - bare.length());
  }

  /** Spaces for all around what is kept. */
  private static String spaced(String all, String kept) {
    int at = all.indexOf(kept);
    return " ".repeat(at) + kept + " ".repeat(all.length() - at - kept.length());
  }

  /** What stands in quotes is a name as any other: type "00". */
  private static String unquoted(String text) {
    return has(text, "\"", "“", "„", "”")
        ? QUOTED.replaced(text, at -> " " + at.group(1) + " ")
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

  private static Sought word(String words) {
    return Sought.of("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
  }

  private static String replaced(Sought word, String text, char mark) {
    return word.replaced(text, at -> mark + " ".repeat(at.group().length() - 1));
  }
}
