package honeststack.core.said.name;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.Arrays;
import java.util.Locale;

/**
 * Brackets that say what a measured food was taken from: "¼ cup lemon juice (about 2 lemons)", "120
 * g egg whites (4 eggs)", "90 g oat flour (1 cup oats)". They add nothing.
 */
public final class MadeFrom {
  private static final Sought END = Sought.of("(?<=[a-z]{2})(?:es|s)$");

  private MadeFrom() {}

  public static boolean inBrackets(Mention before, Clause inner) {
    boolean made = before.amount != null && before.food != null && before.isMeasured();
    if (inner.mentions.size() != 1 || !made) {
      return false;
    }
    Mention source = inner.mentions.get(0);
    boolean whole =
        source.isMeasured() && source.food != null && !source.food.isSameFood(before.food);
    boolean from = whole && !isCounted(before) && isIn(before, source.foodText);
    if (from) {
      inner.mentions.clear();
      inner.elements.forEach(element -> element.part = Part.NOTE);
    }
    return from;
  }

  /** "2 lemons (¼ cup lemon juice)" is another matter: there the brackets weigh. */
  private static boolean isCounted(Mention mention) {
    boolean part = mention.foodText.matches("(?i).*\\b(?:whites?|yolks?)");
    return mention.amount.isCount() && !part;
  }

  /** The last word of what it was made from stands in what was made, and not at its end. */
  private static boolean isIn(Mention made, String source) {
    String last = last(source);
    String[] words = words(made.foodText);
    return !last.equals(last(made.foodText))
        && Arrays.stream(words).anyMatch(word -> stem(word).equals(last));
  }

  private static String last(String name) {
    String[] words = words(name);
    return stem(words[words.length - 1]);
  }

  private static String[] words(String name) {
    return name.toLowerCase(Locale.ROOT).split("[ -]+");
  }

  private static String stem(String word) {
    return END.matcher(word).replaceFirst("");
  }
}
