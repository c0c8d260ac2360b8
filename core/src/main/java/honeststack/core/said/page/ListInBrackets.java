package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.regex.Pattern;

/**
 * A whole recipe in brackets behind its name: "I halved gran's recipe (200 g flour, 2 eggs, 300 ml
 * milk) and got 4" is the name, the list behind a colon, and what is said of it.
 */
public final class ListInBrackets {
  private static final int LONGEST = 300;
  private static final int NEAR = 60;
  private static final int FEWEST = 2;

  /** What has a list, not far before the brackets. */
  private static final Sought NAME =
      Sought.of(
          "\\b(?:recipe|batter|mix|batch(?:es)?|usual|always|pancakes?|waffles?|cr[eê]pes|amounts|quantities|version|base|card|same|as (?:always|usual|before)|last (?:week|time))\\b[a-z' ]{0,25} ?$",
          Pattern.CASE_INSENSITIVE);

  private static final Sought MEASURED =
      Sought.of(
          "[\\d½¼¾⅓⅔] ?(?:g|kg|ml|dl|cl|l|oz|cups?|tbsp|tsp|tablespoons?|teaspoons?|spoons?|eggs?|parts?)\\b",
          Pattern.CASE_INSENSITIVE);

  /** "3 pancakes (batch of 9: …)": what somebody ate. */
  private static final Sought PIECES =
      Sought.of(
          "(?:\\d|two|three|four|some|my) (?:pancakes|waffles|cr[eê]pes)\\b",
          Pattern.CASE_INSENSITIVE);

  private static final Sought NUMBER =
      Sought.of(
          "\\d+(?:[.,/]\\d+)?|[½¼¾⅓⅔]|\\b(?:one|two|three|four|six|half|a|an)\\b",
          Pattern.CASE_INSENSITIVE);

  private static final Sought NO_LIST =
      Sought.of(
          "\\b(?:kcal|kj|calories|carbs?|protein|per 100|minutes|mins?|°)\\b",
          Pattern.CASE_INSENSITIVE);

  /** "(she used …", "(which is …". */
  private static final Sought LEAD =
      Sought.of(
          "^ ?(?:(?:which|that|it|she|he|they|mum|mom|gran|i|we)(?: |'s )?(?:uses?|used|has|had|takes?|took|is|was|calls for|says)?|is|being|i\\.?e\\.?|=|:|namely|orig(?:inal(?:ly)?)?\\.?|(?:the )?(?:full|usual|normal) one(?: is)?|normally|usually)(?= (?:\\d|[½¼¾⅓⅔]|a |an |one |two |three |half ))",
          Pattern.CASE_INSENSITIVE);

  /** Before a list of which more or less than once is meant. */
  public static final char MULTIPLIED = '⇐';

  private static final Sought TIMES =
      Sought.of(
          "\\b(?:hal(?:f|ve[ds]?|ving)|doubl\\w+|tripl\\w+|twice|times|x|thirds?|quarter\\w*|lots|batches)\\b|[×½¼¾⅓⅔]|\\d[./]\\d",
          Pattern.CASE_INSENSITIVE);

  private ListInBrackets() {}

  static String plain(String text) {
    int open = text.indexOf('(');
    if (open < 0) {
      return text;
    }
    StringBuilder plain = new StringBuilder(text);
    for (; open >= 0; open = text.indexOf('(', open + 1)) {
      int close = text.indexOf(')', open);
      boolean near = close > 0 && close - open <= LONGEST;
      if (near && isList(text.substring(open + 1, close)) && isNamed(text, open)) {
        write(plain, open, close);
      }
    }
    return plain.toString();
  }

  private static boolean isList(String inner) {
    return inner.indexOf('(') < 0
        && inner.indexOf('\n') < 0
        && inner.indexOf(',') > 0
        && MEASURED.isIn(inner)
        && NUMBER.all(inner).size() >= FEWEST
        && !NO_LIST.isIn(inner);
  }

  /** What stands before it in its sentence measures nothing. */
  private static boolean isNamed(String text, int open) {
    int from = open;
    while (from > 0 && open - from < NEAR && ".!?\n:;(".indexOf(text.charAt(from - 1)) < 0) {
      from--;
    }
    String before = text.substring(from, open);
    return NAME.isIn(before) && !MEASURED.isIn(before) && !PIECES.isIn(before);
  }

  private static void write(StringBuilder plain, int open, int close) {
    int from = Math.max(0, open - NEAR);
    plain.setCharAt(open, TIMES.isIn(plain.substring(from, open)) ? MULTIPLIED : ':');
    String inner = plain.substring(open + 1, close);
    String bare = LEAD.replaced(inner, at -> " ".repeat(at.group().length()));
    plain.replace(open + 1, close, bare);
    int next = close + 1;
    boolean ends = next < plain.length() && ".!?;".indexOf(plain.charAt(next)) >= 0;
    plain.setCharAt(close, ends || next == plain.length() ? ' ' : '.');
    if (next < plain.length() && plain.charAt(next) == ',') {
      plain.setCharAt(next, ' ');
    }
  }
}
