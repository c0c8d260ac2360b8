package honeststack.core.batter;

import honeststack.core.estimate.Estimate;
import honeststack.core.food.Food;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A recipe used as a food: ground oats, strained plant milk, compote, whipped cream.
 *
 * @param food what it is called and what a cup of it weighs; its composition is that of its parts
 * @param parts what is in all of it, g as it went in, less what was strained out
 * @param weight what all of it weighs in the end, g
 * @param paths preparations inside it and itself, by the identity of their food, each with the way
 *     to it in words
 * @param depth 1 if its lines are plain foods, one more for each preparation inside another
 */
public record Preparation(
    Food food, List<MeasuredFood> parts, Estimate weight, Map<String, String> paths, int depth) {

  private static final String PREFIX = "preparation-";

  /** Preparations inside preparations go no deeper than this. */
  public static final int DEEPEST = 5;

  public Preparation {
    Objects.requireNonNull(food, "food");
    parts = List.copyOf(parts);
    paths = Map.copyOf(paths);
    if (!(weight.value() > 0)) {
      throw new IllegalArgumentException(food.name() + " must weigh more than 0 g");
    }
  }

  /** Whether a food is a recipe used as one. */
  public static boolean is(Food food) {
    return food.id().startsWith(PREFIX);
  }

  /** The identity of the food that a recipe is when it is used as one. */
  public static String foodId(String recipeId) {
    return PREFIX + recipeId;
  }

  /** So much of it: each part's share is its weight in all of it, over the final weight. */
  public MeasuredFood measured(String lineId, Estimate mass) {
    Estimate share = mass.dividedBy(weight);
    return new MeasuredFood(
        lineId, food, mass, parts.stream().map(part -> part.times(share)).toList());
  }
}
