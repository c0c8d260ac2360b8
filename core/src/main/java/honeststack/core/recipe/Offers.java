package honeststack.core.recipe;

import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.FreeFrom;
import honeststack.core.recipe.LineReading.Offer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Foods that could be meant by names that nothing was found for. */
final class Offers {
  private static final int MOST_NEAREST = 4;
  private static final int MOST_SEARCHES = 15;

  private final Foods foods;
  private final Map<String, List<Offer>> searched = new HashMap<>();

  Offers(Foods foods) {
    this.foods = foods;
  }

  /**
   * Each name is searched once, and no more names than a person would look at.
   *
   * @param line that the name stands in, with what it excludes
   */
  List<Offer> nearest(String name, String line) {
    String key = name + "\n" + line;
    List<Offer> before = searched.get(key);
    if (before != null || searched.size() >= MOST_SEARCHES) {
      return before == null ? List.of() : before;
    }
    List<Offer> found = search(name, FreeFrom.of(line));
    searched.put(key, found);
    return found;
  }

  /** Foods of the kind that is named, or named alike; none that holds what the line excludes. */
  private List<Offer> search(String name, FreeFrom free) {
    List<Food> kind = foods.kind(name);
    String bare = free.isNothing() ? name : bare(name, free);
    List<Food> found =
        !kind.isEmpty()
            ? kind
            : foods.nearest(bare, free.isNothing() ? MOST_NEAREST : 5 * MOST_NEAREST);
    return found.stream()
        .filter(free::allows)
        .limit(MOST_NEAREST)
        .map(food -> new Offer(food.id(), food.name()))
        .toList();
  }

  private static String bare(String name, FreeFrom free) {
    return Arrays.stream(name.split("\\s+"))
        .filter(word -> !free.says(word.toLowerCase(Locale.ROOT)))
        .collect(Collectors.joining(" "));
  }
}
