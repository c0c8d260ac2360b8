package honeststack.core.said.page;

import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Units in odd places and letters: "flour kg 1.5", "2 c.s. de sucre", "l00 g", "2 t. B.P.". */
final class OddUnits {
  /** Baking powder, baking soda. */
  private static final Sought DOTTED =
      Sought.of("\\bB\\. ?(?:[PS]\\.|(?=powder|soda))", Pattern.CASE_INSENSITIVE);

  /** Letters that a camera read for figures: "l00 g", "2OO ml". */
  private static final Sought SCANNED =
      Sought.of("\\b[lI]\\d\\d+\\b|\\b\\d+[oO]+\\b|\\b[lI][oO]+\\b");

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

  /** "flour in g: 200", "milk, ml: 300", "flour/g 200". */
  private static final Sought UNIT_OF_COLUMN =
      Sought.of(
          "(?<=\\p{L}{3})(?: in |, ?)(g|grams|ml|oz|cups|tbsp|tsp) ?: ?(\\d+(?:[.,]\\d+)?)(?= ?(?:$|[,;.\\n]))(?![.,]\\d)",
          Pattern.CASE_INSENSITIVE);

  /** "200 (flour, in grams)". */
  private static final Sought UNIT_IN_BRACKETS =
      Sought.of(
          "\\b(\\d+(?:[.,]\\d+)?) \\(([\\p{L} -]{3,30}), (?:in )?(g|grams|ml|oz)\\)",
          Pattern.CASE_INSENSITIVE);

  /** "a 170 ml can filled with milk", "I fill the 170 ml jar with milk". */
  private static final Sought FILLED =
      Sought.of(
          "\\b(?:(?:i |we )?(?:fill|filled|refill|refilled) )?(?:a|an|one|the|my) (\\d+(?:[.,]\\d+)? ?(?:ml|cl|dl)) (?:can|tin|jar|bottle|cup|mug|glass|beaker|pot|carton|tumbler|jug) (?:of|filled with|refilled with|full of|with) ",
          Pattern.CASE_INSENSITIVE);

  /** "2 c.s. de sucre", "1 ч. л. соли": spoons, shortened. */
  private static final Sought SPOONS =
      Sought.of("(?<=\\d )(?:c\\.s\\.|c\\.c\\.|ст\\. ?л\\.|ч\\. ?л\\.)");

  /** "the zest of a lemon plus 2 tbsp of the juice". */
  private static final Sought OF_THE =
      Sought.of(
          "(?<=\\b(?:tbsp|tsp|tablespoons?|teaspoons?|spoons?|ml) )of the (?=(?:juice|zest)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "150 (+50) ml": more of the same. */
  private static final Sought MORE =
      Sought.of("\\b(\\d{1,4}) ?\\(\\+ ?(\\d{1,4})\\)(?= ?(?:g|ml)\\b)");

  /** "150 g (3 eggs)": so many, and what they weigh. */
  private static final Sought WEIGHED =
      Sought.of(
          "(?<=^|[,;\\n] ?)(\\d+(?:[.,]\\d+)? ?(?:g|ml)) \\(((?:\\d+|one|two|three|four) (?!(?:g|ml|oz|kg)\\b)(?:\\p{L}+ ){0,2}\\p{L}{3,})\\)(?= ?(?:$|[,;.\\n]))",
          Pattern.CASE_INSENSITIVE);

  /** "3 eggs @ 150 g total". */
  private static final Sought IN_TOTAL =
      Sought.of(
          "@(?= ?\\d+(?:[.,]\\d+)? ?(?:g|ml) (?:total|in total|in all|altogether|all told)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "2 eggs (together 110 g)". */
  private static final Sought TOGETHER =
      Sought.of(
          "(?<=\\()(?:all )?(?:together|altogether)(?= \\d+(?:[.,]\\d+)? ?(?:g|ml)\\b)",
          Pattern.CASE_INSENSITIVE);

  /** "1 cup (or 120 g) flour". */
  private static final Sought OR_WEIGHED =
      Sought.of("(?<=\\()or (?=\\d+(?:[.,]\\d+)? ?(?:g|ml|grams)\\))", Pattern.CASE_INSENSITIVE);

  /** What a thimble, the cap of a small bottle and a dram hold (common practice). */
  private static final Sought THIMBLE =
      Sought.of("\\b(?:an? )?thimble(?:ful)?(?= of\\b| \\p{L})", Pattern.CASE_INSENSITIVE);

  private static final Sought CAP =
      Sought.of(
          "\\b(?:a|one|the) cap(?= of (?:the )?(?:\\p{L}{3,9} )?(?:vanilla|rum|brandy|extract|essence|whisk|vinegar|liqueur|kirsch|cordial))",
          Pattern.CASE_INSENSITIVE);

  private static final Sought DRAM =
      Sought.of("\\b(?:wee |small )?dram(?= of\\b)", Pattern.CASE_INSENSITIVE);

  /** "For every litre of milk 600 g flour …": of which so many were taken. */
  private static final Sought PER_WHOLE =
      Sought.of(
          "(?<=^|[.!;:\\n] ?)(?:for|per|to) (?:(?:each|every|a|one) )?(?:(litre|liter)|kilo(?:gram)?) of(?= \\p{L}{3,12}(?: \\p{L}{3,12})?:? (?:\\d|an? |one |two |half ))",
          Pattern.CASE_INSENSITIVE);

  static final List<Repair> REPAIRS =
      List.of(
          Repair.of(
              PER_WHOLE,
              at -> at.group(1) == null ? "per 1 kg of" : "per 1 l of",
              "litre of",
              "liter of",
              "kilo of",
              "kilogram of"),
          Repair.as(THIMBLE, "½ tsp", "thimble"),
          Repair.as(CAP, "1 tsp", " cap of "),
          Repair.as(DRAM, "shot", "dram "),
          Repair.of(WEIGHED, at -> at.group(2) + " (" + at.group(1) + ")", "g (", "l ("),
          Repair.as(IN_TOTAL, ",", "@"),
          Repair.as(TOGETHER, "total", "together"),
          Repair.as(OR_WEIGHED, "", "(or "),
          Repair.as(OF_THE, "", "of the juice", "of the zest"),
          Repair.of(MORE, OddUnits::sum, "(+"),
          Repair.of(DOTTED, at -> at.group().replaceAll("[. ]", ""), "b."),
          Repair.of(SCANNED, at -> at.group().replaceAll("[oO]", "0").replaceAll("[lI]", "1")),
          Repair.as(LARGEST_CAN, "6-7 lb", "10 can", "10 tin"),
          Repair.of(
              UNIT_OF_COLUMN,
              at -> ": " + at.group(2) + " " + at.group(1),
              "g:",
              "grams:",
              "ml:",
              "oz:",
              "cups:",
              "tbsp:",
              "tsp:"),
          Repair.of(
              UNIT_IN_BRACKETS,
              at -> at.group(1) + " " + at.group(3) + " " + at.group(2),
              "in g)",
              "grams)",
              ", g)",
              "ml)",
              "oz)"),
          Repair.of(
              FILLED,
              at -> at.group(1) + " of ",
              "l can",
              "l tin",
              "l jar",
              "l bottle",
              "l cup",
              "l mug",
              "l glass",
              "l beaker",
              "l pot",
              "l carton",
              "l tumbler",
              "l jug"),
          Repair.of(UNIT_FIRST, at -> at.group(2) + " " + at.group(1)),
          Repair.of(SPOONS, OddUnits::spoon, "c.s.", "c.c.", "ст.", "ч."));

  private OddUnits() {}

  private static String sum(MatchResult said) {
    return "" + (Integer.parseInt(said.group(1)) + Integer.parseInt(said.group(2)));
  }

  private static String spoon(MatchResult said) {
    String letters = said.group();
    return letters.equals("c.s.") || letters.startsWith("с") ? "tbsp" : "tsp";
  }
}
