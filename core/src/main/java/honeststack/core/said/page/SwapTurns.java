package honeststack.core.said.page;

import static honeststack.core.said.page.Repair.said;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;

/**
 * A part of a food that gave way to another, behind the list: "30 g cocoa instead of 30 g of the
 * flour", "a mashed banana in place of one of the eggs". Written as swapped, so that the rest of it
 * stays.
 */
final class SwapTurns {
  private static final String START = "(?<=[.!;\\n] ?)";

  private static final String END = YieldTurns.END;

  private static final String INSTEAD =
      "(?:instead of|in place of|in lieu of|rather than|(?:stands?|stood) (?:in )?for|takes the place of|took the place of)";

  private static final String TOOK =
      "(?:used|put(?: in)?|took|added|had|use|take|add|went (?:with|for)|threw in|stirred in)";

  private static final String OTHER =
      "((?:\\d{1,4}(?:[.,]\\d)? ?|[½¼¾⅓⅔] ?|an? |half |one |two |three |a few )[^.,;:\\n]{3,50}?)";

  private static final String UNIT = "(?:g|grams?|ml|oz|tbsp|tsp|cups?|tablespoons?|teaspoons?)";

  /** Of one egg none would be left, and of none there is none to take away. */
  private static final String SEVERAL =
      "(?<=\\b(?:[2-9]|1[0-2]|two|three|four|five|six|eight|ten) (?:(?:large|medium|small|whole) )?eggs\\b[^\\n]{0,250})";

  private static final String GAVE =
      "(?:(\\d{1,4} ?"
          + UNIT
          + ") (?:of )?(?:(?:the|my|that) )?(\\p{L}{3,12}(?: \\p{L}{3,12}){0,2})|"
          + SEVERAL
          + "(?:one|1|an?|the (?:second|other|last|third))(?: of the| of my)? eggs?)";

  /** "30 g cocoa instead of 30 g of the flour" */
  private static final Sought BEHIND =
      said(
          START
              + "(?:(?:(?:i|we) |and |but |so |this time )*(?:"
              + TOOK
              + " ))?"
              + OTHER
              + "(?: went in)? (?:"
              + INSTEAD
              + "|(?<=went in )for) "
              + GAVE
              + "(?: today| this time)?"
              + END);

  /** "Instead of 30 g of the flour I put 30 g cocoa." */
  private static final Sought AHEAD =
      said(
          START
              + INSTEAD
              + " "
              + GAVE
              + ",? (?:(?:i|we|there|here) )?(?:"
              + TOOK
              + "|went|is|goes|were|was) "
              + OTHER
              + "(?: in)?"
              + END);

  /** "Swap one egg for 1 tbsp chia in 3 tbsp water." */
  private static final Sought SWAP =
      said(
          START
              + "(?:(?:i|we) )?(?:swap(?:ped)?|replaced?|exchanged?) "
              + GAVE
              + " (?:for|with|by) "
              + OTHER
              + END);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(SWAP, at -> swap(at, 3, 1), "swap", "replace", "exchange"),
          Repair.of(
              BEHIND,
              at -> swap(at, 1, 2),
              "instead",
              "place of",
              "in lieu",
              "rather",
              "went in for",
              "stand",
              "stood"),
          Repair.of(AHEAD, at -> swap(at, 3, 1), "instead", "in place", "in lieu", "rather"));

  private SwapTurns() {}

  private static String swap(MatchResult at, int other, int amount) {
    String instead = at.group(other);
    String food = at.group(amount + 1);
    if (food == null) {
      return "1 egg less. " + instead;
    }
    boolean same = // "200 g flour instead of 250 g flour" corrects the amount
        instead.toLowerCase(Locale.ROOT).endsWith(" " + food.toLowerCase(Locale.ROOT));
    String part = at.group(amount).replace(" ", "");
    return same ? at.group() : "Swap " + part + " of " + food + " for " + glued(instead);
  }

  /** Without the space before its unit. */
  private static String glued(String amount) {
    return amount.replaceFirst("^(\\d+) (?=(?:g|ml)\\b)", "$1");
  }
}
