package honeststack.core.said;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Foods that a sentence which measures nothing only talks of: "my sister grows blueberries", "they
 * taste of biscuits", "eggs are dear these days". None is in the recipe.
 */
final class Chatter {
  /** Stands for a food. */
  private static final String FOOD = "#";

  private static final String SOME =
      "(?:(?:his|her|their|my|our|your|some|any|an?|the|own|fresh|good|of|more|in|brown) )*";

  private static final Pattern BEHIND =
      Pattern.compile(
          "\\b(?:tastes? of|smells? of|smelt of|smelled of|tasted of|reminds? (?:me|us|her|him) of"
              + "|grows?|grew|sells?|sold|selling|stole|steals|buying|asked for|swore by|swears by"
              + "|is called|was called|is named|was named|named after|called after|crazy about"
              + "|mad about|fond of|nothing like|like you would|live on|lived on|lays?|laid"
              + "|next to the|older than the|price of|smell of|who doesn't love|allowed to sell"
              + "|(?:nobody|no one|no-one|none)(?: \\w+){0,5} (?:likes?|eats?|wants?|touches)"
              + "|was (?:frying|baking|boiling|roasting|making|eating|buying|drinking)"
              + "|always had|keeps? bees and|takes? (?:his|her|their|my|our)|street|ran out of"
              + "|(?:we|i|they) had) "
              + "((?:\\w+ ){0,2}?"
              + SOME
              + FOOD
              + "(?: (?:and|or|,) "
              + SOME
              + FOOD
              + ")*)");

  private static final Pattern BEFORE =
      Pattern.compile(
          "^(?:(?:the|my|our|her|his|and|but|these|such|good|fresh) )*"
              + FOOD
              + " (?:was|were|is|are|'s) (?:so |very |too |quite |really |always |never )?"
              + "(?:cheap|dear|expensive|on|all we|in bloom|rationed|scarce|hard to|what we|like gold"
              + "|lovely|not what|from next door|from the|free|half price|a luxury|a treat|by then)\\b");

  private static final Pattern MEANT =
      Pattern.compile(
          "\\b(?:add|stir|put|use|top|serve|mix|with|on top|in it|in them|in mine|in the (?:batter|pan)"
              + "|over them|goes? in|go in|for (?:the|it|them))\\b");

  private Chatter() {}

  static void in(Clause clause) {
    boolean measured = clause.elements.stream().anyMatch(e -> e.isAmount() && !e.isWeak());
    if (measured || clause.elements.stream().noneMatch(Element::isFood)) {
      return;
    }
    int[] starts = new int[clause.size()];
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < clause.size(); i++) {
      starts[i] = words.length();
      words.append(clause.isFood(i) ? FOOD : clause.low(i)).append(' ');
    }
    Matcher behind = BEHIND.matcher(words);
    if (behind.find() && !MEANT.matcher(words).find()) {
      take(clause, starts, behind.start(1), behind.end(1));
    }
    Matcher before = BEFORE.matcher(words);
    if (before.find()) {
      take(clause, starts, before.start(), before.end());
    }
  }

  private static void take(Clause clause, int[] starts, int from, int to) {
    for (int i = 0; i < clause.size(); i++) {
      if (starts[i] >= from && starts[i] < to && clause.isFood(i)) {
        boolean weak = clause.has(i - 1) && clause.get(i - 1).isAmount();
        clause.take(weak ? i - 1 : i, i + 1, Part.ASIDE);
      }
    }
  }
}
