package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * A recipe used as a food: ground oats, strained plant milk, compote, whipped cream.
 *
 * @param food what it is called and what a cup of it weighs; its composition is that of its parts
 * @param version the kept version that it is
 * @param done what is in all of it and what all of it weighs, in a book of its own
 * @param paths preparations inside it and itself, by the identity of their food, each with the way
 *     to it in words
 * @param depth 1 if its lines are plain foods, one more for each preparation inside another
 */
public record Preparation(
    Food food, String version, Finished done, Map<String, String> paths, int depth) {
  private static final String PREFIX = "preparation-";

  /** Preparations inside preparations go no deeper than this. */
  public static final int DEEPEST = 5;

  public Preparation {
    Objects.requireNonNull(food, "food");
    Objects.requireNonNull(version, "version");
    paths = Map.copyOf(paths);
    if (!(done.weight().value() > 0)) {
      throw new IllegalArgumentException(food.name() + " must weigh more than 0 g");
    }
  }

  /** A kept version of a preparation; the ways to what is inside it are found from its parts. */
  public static Preparation of(Food food, String version, Finished done) {
    Map<String, String> paths = new HashMap<>();
    paths.put(food.id(), food.name());
    int depth = 1 + deepest(food.name(), done.parts(), paths);
    return new Preparation(food, version, done, paths, depth);
  }

  /** How deep preparations go inside these; puts the way to each into {@code paths}. */
  private static int deepest(String way, List<MeasuredFood> parts, Map<String, String> paths) {
    int deepest = 0;
    for (MeasuredFood part : parts) {
      if (is(part.food())) {
        String further = way + " → " + part.food().name();
        paths.putIfAbsent(part.food().id(), further);
        deepest = Math.max(deepest, 1 + deepest(further, part.parts(), paths));
      }
    }
    return deepest;
  }

  /** Whether a food is a recipe used as one. */
  public static boolean is(Food food) {
    return food.id().startsWith(PREFIX);
  }

  /** The identity of the food that a recipe is when it is used as one. */
  public static String foodId(String recipeId) {
    return PREFIX + recipeId;
  }

  /**
   * So much of it, in the book of the mass: each part's share is its weight in all of it, over the
   * final weight. What was drawn once for this batch of it is the same wherever it is used.
   */
  MeasuredFood measured(String lineId, Estimate mass, SourceBook book) {
    Estimate share = mass.dividedBy(done.weight().rebased(book, this::ofBatch));
    List<MeasuredFood> parts =
        done.parts().stream().map(part -> part.rebased(book, this::ofBatch).times(share)).toList();
    return new MeasuredFood(lineId, food, mass, parts);
  }

  private Source ofBatch(Source source) {
    return source.identity() instanceof Use use ? source.as(use.inBatch(version)) : source;
  }
}
