package honeststack.app.larder;

import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The foods, in memory: figures go on while the database is away. Each food is at its newest
 * composition revision.
 */
public final class Larder implements Foods {
  private final Map<String, Food> byId = new LinkedHashMap<>();
  private final Map<String, Named> byName = new HashMap<>();
  private final Map<String, List<String>> called = new HashMap<>();
  private final FoodSearch search;

  Larder(List<Food> foods, List<LarderFiles.Name> names) {
    List<LarderFiles.Name> all = new ArrayList<>(names);
    for (Food food : foods) {
      byId.put(food.id(), food);
      all.add(new LarderFiles.Name(food.name(), food.id(), false));
    }
    for (LarderFiles.Name name : all) {
      Food food = byId.get(name.foodId());
      if (food == null) {
        throw new IllegalArgumentException(
            "“" + name.name() + "” names the food “" + name.foodId() + "”, which is not there");
      }
      called.computeIfAbsent(food.id(), id -> new ArrayList<>()).add(name.name());
      Named before = byName.put(FoodNames.normal(name.name()), new Named(food, name.general()));
      if (before != null && !before.food().id().equals(food.id())) {
        throw new IllegalArgumentException(
            "“" + name.name() + "” names both " + before.food().id() + " and " + food.id());
      }
    }
    search = new FoodSearch(all);
  }

  /** The larder as it ships, without a database. */
  public static Larder reference() {
    return new Larder(LarderFiles.foods(), LarderFiles.names());
  }

  /** The same larder with other composition revisions, by food. */
  public static Larder reference(Map<String, Composition> newest) {
    List<Food> foods =
        LarderFiles.foods().stream()
            .map(food -> food.with(newest.getOrDefault(food.id(), food.composition())))
            .toList();
    return new Larder(foods, LarderFiles.names());
  }

  public Collection<Food> all() {
    return byId.values();
  }

  /** What a food is called: synonyms first, its own name last. */
  List<String> names(String id) {
    return List.copyOf(called.getOrDefault(id, List.of()));
  }

  @Override
  public Optional<Food> byId(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  @Override
  public Optional<Named> byName(String name) {
    return Optional.ofNullable(byName.get(FoodNames.normal(name)));
  }

  @Override
  public List<Food> nearest(String name, int most) {
    return search.nearest(name, most).stream().map(byId::get).toList();
  }
}
