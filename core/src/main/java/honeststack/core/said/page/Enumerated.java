package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Numbers of a list's items, written in one of the ways in which items are numbered: "(1) 200 g
 * flour (2) 2 eggs", "1/ 200 g flour 2/ 2 eggs", "Step one, …", "First, …". They measure nothing.
 */
final class Enumerated {
  private static final int LEAST = 2;

  private static final List<List<String>> NUMBERS =
      List.of(
          List.of("1", "2", "3", "4", "5", "6", "7", "8", "9"),
          List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine"),
          List.of("first", "second", "third", "fourth", "fifth", "sixth"),
          List.of("firstly", "secondly", "thirdly", "fourthly", "fifthly"),
          List.of("1st", "2nd", "3rd", "4th", "5th", "6th"),
          List.of("i", "ii", "iii", "iv", "v", "vi", "vii", "viii"));

  private static final String ITEM = "(?=\\d|an? |one |two |three |four |half |\\p{L}+ \\d)";

  /** Where an item may begin. */
  private static final String BEGIN = "(?<=^|[\\n,;.] ?|\\p{L} |\\))";

  /** Each a way in which the items of one list are numbered. */
  private static final List<Sought> WAYS =
      List.of(
          way(BEGIN + "\\((\\d)\\) ?" + ITEM),
          way("(?<=^|[\\n,;.] ?|\\p{L} )(\\d)/ (?=\\d)"),
          way("(?<=^|[\\n;.] ?|, )(one|two|three|four|five|six|seven|eight|nine) ?: " + ITEM),
          way("(?<=^|[\\n,;.] ?)step (one|two|three|four|five|six|\\d) ?[,:–-]? " + ITEM),
          way("(?<=^|[\\n,;.] ?|\\p{L} )(i|ii|iii|iv|v|vi|vii|viii)[.)] " + ITEM),
          way("(?<=^|[\\n,;.] ?|, )(1st|2nd|3rd|4th|5th|6th) ?[,:]? ?" + ITEM),
          way("(?<=^|[\\n;.] ?)(first|second|third|fourth|fifth|sixth) ?, " + ITEM),
          way("(?<=^|[\\n;.] ?)(firstly|secondly|thirdly|fourthly|fifthly) ?, " + ITEM));

  private Enumerated() {}

  private static Sought way(String pattern) {
    return Sought.of(pattern, Pattern.CASE_INSENSITIVE);
  }

  /** A text with spaces for the numbers of its items, as long as before. */
  static String plain(String text) {
    String plain = text;
    for (Sought way : WAYS) {
      List<MatchResult> items = way.all(plain);
      if (isCounted(items)) {
        plain = way.replaced(plain, item -> " ".repeat(item.group().length()));
      }
    }
    return plain;
  }

  /** From the first one on, in order. */
  private static boolean isCounted(List<MatchResult> items) {
    if (items.size() < LEAST) {
      return false;
    }
    String first = items.get(0).group(1).toLowerCase(Locale.ROOT);
    for (List<String> numbers : NUMBERS) {
      if (numbers.get(0).equals(first)) {
        for (int i = 0; i < items.size(); i++) {
          String number = items.get(i).group(1).toLowerCase(Locale.ROOT);
          if (i >= numbers.size() || !numbers.get(i).equals(number)) {
            return false;
          }
        }
        return true;
      }
    }
    return false;
  }
}
