package honeststack.core.said;

import honeststack.core.food.Foods;
import java.util.Optional;
import java.util.Set;

/**
 * What is left in the pan of what was fried: "cook the bacon, keep 1 tbsp of the drippings". For
 * one text.
 */
final class Rendered {
  private static final Set<String> FAT =
      Set.of("fat", "drippings", "dripping", "grease", "the fat", "rendered fat");

  private final Foods foods;

  /** Some sentence before named it. */
  private boolean told;

  Rendered(Foods foods) {
    this.foods = foods;
  }

  /** Names the fat of the bacon that was told before it. */
  void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      Element element = clause.get(i);
      boolean fat = element.isFree() && FAT.contains(element.low());
      boolean bare = !clause.isFood(i - 1) && !clause.isFood(i + 1);
      if (fat && bare && (told || isTold(clause, i))) {
        Optional<Foods.Named> found = foods.byName("bacon fat");
        found.ifPresent(
            named -> {
              Element bacon =
                  Element.food(element.tokens, element.from, element.to, Optional.of(named));
              bacon.instead = "bacon fat";
              clause.elements.set(clause.elements.indexOf(element), bacon);
            });
      }
    }
    told |= isTold(clause, clause.size());
  }

  private static boolean isTold(Clause clause, int to) {
    return clause.elements.subList(0, to).stream()
        .anyMatch(e -> e.isFood() && e.low().endsWith("bacon"));
  }
}
