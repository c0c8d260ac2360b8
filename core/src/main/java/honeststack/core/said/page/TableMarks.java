package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Cells, stress and brackets around an amount or a name: "**200 g** flour", "flour | 200 g". */
final class TableMarks {
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

  /** "Servings: 3 – Calories: 310": a dash between two labels with their numbers. */
  private static final Sought LABELS =
      Sought.of(
          "(?<=: ?\\d{1,3}(?: (?:min|mins|minutes|people|servings|pieces))?) [–—-] (?=\\p{Lu}\\p{L}+(?: \\p{L}+)?: ?\\d)");

  /** Cells of a table, the number in one and its unit in the next: "salt,4,g". */
  private static final Sought CELLS =
      Sought.of(
          "(?<=[,;\\t|] ?)(\\d+(?:\\.\\d+)?) ?[,;\\t|](?= ?(?:g|kg|mg|ml|l|cl|dl|tsp|tbsp|cups?|oz|lb|pcs?)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "flour | 200 g": the name in the first cell of a row. */
  private static final Sought ROW =
      Sought.of("^(\\|? ?\\p{L}[\\p{L} ,-]*?) ?\\| ?(?=\\d)", Pattern.MULTILINE);

  private static final Sought NAME_CELL = Sought.of("(?<=[\\p{L})]);(?=\\d)");

  private static final String NUMBERS = "(\\d+(?:/\\d+)+)";

  private static final String WORDS = "(\\p{L}{3,}(?: \\p{L}{3,})?(?:/\\p{L}{3,})+)";

  private static final String UNIT = " ?\\b(?:g|ml|grams?)\\b";

  /** "150/250/2 flour/milk/egg", "sugar/butter 20/10 g". */
  private static final Sought SLASHED =
      Sought.of(
          "(?<![\\w/])(?:"
              + NUMBERS
              + ("(" + UNIT + ")?(?:,|:| –| -| of)? " + WORDS)
              + ("|" + WORDS + "(?:,|:| –| -)? " + NUMBERS + "(" + UNIT + ")?")
              + ")(?![\\w/])",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(SLASHED, TableMarks::row, "/"),
          Repair.of(STRESSED, at -> Repair.kept(at, at.group(2)), "*", "_"),
          Repair.of(
              SET_OFF,
              at -> Repair.kept(at, at.group(2) == null ? at.group(4) : at.group(2)),
              ")",
              "]",
              ":",
              "|",
              "//"),
          Repair.as(LABELS, " | ", " – ", " — ", " - "),
          Repair.of(CELLS, at -> at.group(1)),
          Repair.of(ROW, at -> Repair.kept(at, at.group(1)), "|"),
          Repair.as(NAME_CELL, " ", ";"));

  private TableMarks() {}

  /** "flour 150,milk 250,egg 2"; as it was where it may be a fraction. */
  private static String row(MatchResult at) {
    boolean numbersFirst = at.group(1) != null;
    String[] numbers = at.group(numbersFirst ? 1 : 5).split("/");
    String[] words = at.group(numbersFirst ? 3 : 4).split("/");
    String unit = at.group(numbersFirst ? 2 : 6);
    boolean pairs =
        numbers.length == words.length && (numbers.length > 2 || Integer.parseInt(numbers[0]) > 4);
    if (!pairs) {
      return at.group();
    }
    List<String> row = new ArrayList<>();
    for (int i = 0; i < words.length; i++) {
      row.add(words[i] + " " + numbers[i]);
    }
    return String.join(",", row) + (unit == null ? "" : unit);
  }
}
