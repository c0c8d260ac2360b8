package honeststack.core.said.name;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;

/**
 * What a recipe is free of by its name: "Gluten-free pancakes", "VEGAN CREPES", "Dairy free drop
 * scones: 200 g flour …". It is said of every food in it.
 */
public final class TitledFree {
  private static final int LONGEST = 60;

  private static final Sought FREE =
      Sought.of(
          "\\b((?:gluten|wheat|dairy|milk|egg|nut)[ -]free|gf|df|vegan|plant[ -]based|eggless)\\b");

  /** A name, and no food. */
  private static final Sought DISH =
      Sought.of(
          "\\b(?:pancakes?|waffles?|cr[eê]pes?|scones?|cakes|blinis?|pikelets?|galettes?|fritters?|flapjacks?|hotcakes?|griddle ?cakes|stack|batter|breakfast"
              + "|brunch|recipe|ones|drop ?cakes|dosas?)\\b");

  private static final Sought DENIED =
      Sought.of(
          "\\b(?:not|non|no|isn't|aren't|or|can be|could be|may be|optional|option|options|friendly|easily|if|unless|for|never|almost|nearly|mostly|un)\\b|\\?");

  private static final Sought MEASURED =
      Sought.of("\\d ?(?:g|kg|ml|dl|cl|l|oz|lb|cups?|tbsp|tsp|eggs?)\\b|½|¼|¾");

  private TitledFree() {}

  /**
   * "egg-free" and "dairy-free" of a text whose first line, or what stands before its first colon,
   * says so.
   */
  public static List<String> of(String text) {
    String low = text.strip().toLowerCase(Locale.ROOT);
    int line = low.indexOf('\n');
    int colon = low.indexOf(':');
    int end = line < 0 || colon >= 0 && colon < line ? colon : line;
    String title = end <= 0 || end > LONGEST ? "" : low.substring(0, end);
    boolean named = DISH.isIn(title) && !DENIED.isIn(title) && !MEASURED.isIn(title);
    return named
        ? FREE.all(title).stream().map(free -> written(free.group(1))).toList()
        : List.of();
  }

  private static String written(String free) {
    return switch (free) {
      case "gf" -> "gluten-free";
      case "df" -> "dairy-free";
      default -> free.replace(' ', '-');
    };
  }
}
