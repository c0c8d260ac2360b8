package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Where a food of a list goes, said in a bare word: "butter (frying)", "oil 10 ml, griddle", "honey
 * – afterwards". Of a food that is no fat "cooking" says another thing.
 */
final class PlaceTags {
  private static final String FAT =
      "(?:butter|oil|ghee|lard|margarine|marg|fat|dripping|spray|shortening|schmaltz)";

  private static final String AMOUNT =
      "(?:,? (?:\\d[\\d.,/]*|½|¼|¾|a|one|two|half a) ?(?:g|ml|tsp|tbsp|oz|teaspoons?|tablespoons?|knob|walnut)\\b\\.?)";

  /** Written with as many letters, or fewer: "to fry". */
  private static final String FRYING =
      "(?:(?:pan|shallow|deep)[ -])?(?:frying|cooking|greasing)(?: only| fat)?|(?:waffle )?griddle|waffle irons?"
          + "|(?:brushing|greasing|oiling|buttering) (?:of )?(?:the )?(?:iron|pan|griddle|skillet)s?|cooking fat|skillet|frying[ -]pan|hotplate";

  private static final String PAN = "irons?|fry|the pan|pan fat|pans";

  private static final String END = "(?= ?(?:[,.;:)\\n]|$))";

  private static final Sought TO_FRY = fat(FRYING);
  private static final Sought IN_PAN = fat(PAN);

  private static final Sought ON_TOP =
      Sought.of(
          "(?<=[a-z0-9½¼¾])(?: \\((?:top|top only|the top|top of each|table|over|plate|plates|afterwards|after|when served|once served|once cooked|finish|finishing|decoration|decorating)\\)"
              + "|(?:, | [–-] )(?:plate|afterwards|when served|once served|finish|finishing|decoration)"
              + END
              + ")",
          Pattern.CASE_INSENSITIVE);

  /** At the beginning of a line: "afterwards: 20 g honey". */
  private static final Sought HEADING =
      Sought.of(
          "^(?:afterwards|when served|once served|after cooking)(?= ?:)",
          Pattern.CASE_INSENSITIVE | Pattern.MULTILINE);

  private static final Sought PAN_HEADING =
      Sought.of(
          "^(?:pan[ -]frying|waffle iron|brushing the iron|frying only|cooking fat)(?= ?: ?[^\\n]{0,20}\\b"
              + FAT
              + "\\b)",
          Pattern.CASE_INSENSITIVE | Pattern.MULTILINE);

  /** "Frying medium 4 g oil." */
  private static final Sought PAN_FAT =
      Sought.of(
          "(?<=^|[.;\\n] |\\n)(?:fat for (?:baking|frying|cooking|the (?:pan|iron))|(?:frying|baking|cooking) (?:medium|fat|oil used))"
              + "(?: (?:is|was)|:| –| -)? (?=\\d)",
          Pattern.CASE_INSENSITIVE);

  /** "Honey over, 20 g." */
  private static final Sought OVER =
      Sought.of(
          "(?<=^|[.;\\n] |\\n)(\\p{L}{3,12}(?: \\p{L}{3,12})?) over(?:,|:| –| -) ?(\\d+ ?(?:g|ml|tsp|tbsp))(?=[.;\\n]|$)",
          Pattern.CASE_INSENSITIVE);

  /** "10 g butter → pan". */
  private static final Sought ARROW =
      Sought.of(
          "(?<=[\\p{L})]) ?→ *(?:the )?(pan|iron|griddle|plate|plates|top|batter|bowl)(?=[.,;\\n]|$)",
          Pattern.CASE_INSENSITIVE);

  private static final String PLACES =
      "((?:for |to )?(?:the )?(?:batter|dough|frying|pan|griddle|iron|greasing|fry|top|topping|toppings|serve|serving|finish|plates?))";

  private static final String BOWL_FOOD =
      "(?:flour|milk|buttermilk|salt|eggs?|soda|powder|water|yeast|oats)";

  /** Before what it heads: "(for the batter) flour 200 g, …, (for the pan) butter 15 g". */
  private static final Sought BRACKETS =
      Sought.of(
          "(?<=^|\\n|[,;.…]|\\bingredients:?) ?[(\\[]" + PLACES + "[)\\]] ?(?=[\\p{L}\\d])",
          Pattern.CASE_INSENSITIVE);

  /** "… salt 2 g (for frying) butter 15 g": of no salt anybody says so. */
  private static final Sought BRACKETS_BEHIND =
      Sought.of(
          "(?<="
              + BOWL_FOOD
              + "(?: (?:\\.\\.\\. )?\\d[\\d.,/]{0,4} ?(?:g|ml|tsp|tbsp)?)?) [(\\[]"
              + PLACES
              + "[)\\]] (?=\\p{L})(?!(?:and|or|plus|then|"
              + BOWL_FOOD
              + ")\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "Sugar and lemon for the top: 30 g and 20 ml". */
  private static final Sought PAIR =
      Sought.of(
          "(?<=^|[.;\\n] ?)(\\p{L}{3,12} and \\p{L}{3,12}),? (for the top|on top|to go on|over|on it|for the pan|in the pan)"
              + " ?[:,] ?(\\d+ ?[a-z]{0,4} and \\d+ ?[a-z]{0,4})(?=[.;\\n]|$)",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(BRACKETS, PlaceTags::heading, "(", "["),
          Repair.of(BRACKETS_BEHIND, PlaceTags::heading, "(", "["),
          Repair.of(PAIR, at -> at.group(1) + ": " + at.group(3) + " " + at.group(2), " and "),
          Repair.of(ARROW, PlaceTags::arrow, "→", "->", "=>"),
          Repair.as(PAN_FAT, "pan:", "fat", "medium", "oil used"),
          Repair.of(OVER, at -> at.group(2) + " " + at.group(1) + " over", " over"),
          Repair.as(
              TO_FRY, "to fry", "fr", "cook", "greas", "griddle", "iron", "skillet", "hotplate"),
          Repair.as(IN_PAN, "pan", "iron", "fry", "pan"),
          Repair.of(
              ON_TOP,
              PlaceTags::onTop,
              "plate",
              "after",
              "serve",
              "finish",
              "decorat",
              "(t",
              "(over"),
          Repair.as(HEADING, "to top", "after", "serve"),
          Repair.as(PAN_HEADING, "to fry", "fry", "iron", "cooking"));

  private PlaceTags() {}

  /** As long as there is room for: " (top)". */
  private static String onTop(MatchResult at) {
    String said = at.group();
    return said.endsWith("each)") ? " on top of each" : said.length() < 7 ? " on it" : " to top";
  }

  /** Ends what stands before it. */
  private static String heading(MatchResult at) {
    boolean begins = "([".indexOf(at.group().charAt(0)) >= 0;
    return (begins ? "" : ". ") + at.group(1) + ":";
  }

  private static String arrow(MatchResult at) {
    String place = at.group(1).toLowerCase(Locale.ROOT);
    if (place.equals("batter") || place.equals("bowl")) {
      return "";
    }
    return place.startsWith("pl") || place.equals("top") ? " to top" : " (pan)";
  }

  private static Sought fat(String words) {
    return Sought.of(
        "(?<=\\b" + FAT + "" + AMOUNT + "{0,1} ?(?:\\(|, ?|[–:-] ?))(?:" + words + ")" + END,
        Pattern.CASE_INSENSITIVE);
  }
}
