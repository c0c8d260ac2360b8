package honeststack.core.said.place;

import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sort;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * A food that is named where it goes, and then once more with how much of it: "syrup on top, two
 * tablespoons of maple syrup", "jam on them, a spoon of strawberry jam".
 */
public final class NamedAhead {
  private static final Remembered BETWEEN =
      Remembered.whole(
          "[,:–—-]|and|then|like|about|around|say|maybe|mine|ours|them|em|that's|it's|so|a|with|on|over|there's");

  private NamedAhead() {}

  public static void in(Clause clause) {
    for (int i = 1; i < clause.mentions.size(); i++) {
      Mention ahead = clause.mentions.get(i - 1);
      Mention told = clause.mentions.get(i);
      boolean again =
          !ahead.isMeasured()
              && told.isMeasured()
              && ahead.food != null
              && told.food != null
              && told.place == Place.NOT_SAID
              && isNamed(ahead, told)
              && isBetween(clause, ahead.to, told.from);
      if (again) {
        told.place = ahead.place;
        told.placed |= ahead.placed;
        ahead.mark(Part.NOTE);
        clause.mentions.remove(ahead);
        i--;
      }
    }
  }

  /** The same food, or one with the same noun: "syrup" for maple syrup. */
  private static boolean isNamed(Mention ahead, Mention told) {
    String name = ahead.foodText.toLowerCase(Locale.ROOT);
    return ahead.food.isSameFood(told.food)
        || (" " + told.foodText.toLowerCase(Locale.ROOT)).endsWith(" " + name);
  }

  private static boolean isBetween(Clause clause, int from, int to) {

    boolean placed = clause.is(from, Sort.PLATE, Sort.PAN);
    return (placed
            || clause.isMark(from, ",", "–", "-", ":")
            || clause.isWord(from, "on", "and", "like"))
        && IntStream.range(from, to)
            .allMatch(
                i -> clause.is(i, Sort.PLATE, Sort.PAN, Sort.IDLE) || clause.says(i, BETWEEN));
  }
}
