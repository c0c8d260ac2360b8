package honeststack.app.larder;

import honeststack.app.kitchen.KitchenNow;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.recipe.RecipeReading;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The foods, in memory: figures go on while the database is away. Readers see one state or the
 * next, never half of a change; each state is published to the kitchen.
 */
public final class Larder {
  private final FoodSearch search = new FoodSearch();
  private final Map<String, Integer> uses = new ConcurrentHashMap<>();
  private final KitchenNow kitchens;
  private volatile LarderState state;

  Larder(Collection<LarderEntry> entries, KitchenNow kitchens) {
    this.kitchens = kitchens;
    index(entries);
    publish(LarderState.of(entries, this::nearestIds));
  }

  /** The foods as they ship, without a database. */
  public static Foods reference() {
    return new Larder(LarderFiles.entries(), new KitchenNow()).state;
  }

  private List<String> nearestIds(String name, int most) {
    return search.nearest(name, most, food -> uses.getOrDefault(food, 0));
  }

  private void publish(LarderState next) {
    state = next;
    kitchens.publishLarder(next);
  }

  /** The foods of this moment. */
  LarderState now() {
    return state;
  }

  /**
   * Follows what was stored: foods taken out, and foods put in, in place of those with the same
   * identity.
   */
  synchronized void follow(Collection<LarderEntry> entries, Collection<String> gone) {
    LarderState next = state;
    for (String id : gone) {
      search.put(Map.of(id, List.of()));
      next = next.without(id);
    }
    next = next.with(entries);
    index(entries);
    publish(next);
  }

  private void index(Collection<LarderEntry> entries) {
    Map<String, List<String>> names = new LinkedHashMap<>();
    entries.forEach(entry -> names.put(entry.food().id(), entry.allNames()));
    search.put(names);
  }

  /**
   * Whether foods could be put in.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  void check(Collection<LarderEntry> entries) {
    state.with(entries);
  }

  /** Counts a use of foods: more used ones are found first. */
  public void used(Map<String, Integer> times) {
    times.forEach((food, n) -> uses.merge(food, n, Integer::sum));
  }

  /** Counts the use of each food in a reading. */
  public void used(RecipeReading reading) {
    Set<String> foods = new HashSet<>();
    reading.foods().forEach(line -> foods.add(line.food().id()));
    foods.forEach(food -> uses.merge(food, 1, Integer::sum));
  }

  /** The composition revision that a food has now; empty if it is out. */
  public Optional<Integer> revision(String id) {
    return state.byId(id).map(food -> food.composition().revision());
  }

  List<Food> nearest(String name, int most) {
    return state.nearest(name, most);
  }
}
