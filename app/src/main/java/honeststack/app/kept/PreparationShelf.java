package honeststack.app.kept;

import honeststack.app.kept.VersionStore.StoredVersion;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.larder.FoodNames;
import honeststack.app.larder.FoodSearch;
import honeststack.app.larder.NameWords;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.shelf.ShelfService;
import honeststack.core.food.Food;
import honeststack.core.recipe.Preparation;
import honeststack.core.recipe.Preparations;
import honeststack.core.recipe.RecipeReading;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Publishes the newest kept version of each preparation to the kitchen. */
@Component
class PreparationShelf {
  private final VersionStore store;
  private final KeptReadings readings;
  private final ShelfService shelf;
  private final KitchenNow kitchens;
  private final Ledger ledger;

  PreparationShelf(
      VersionStore store,
      KeptReadings readings,
      ShelfService shelf,
      KitchenNow kitchens,
      Ledger ledger) {
    this.store = store;
    this.readings = readings;
    this.shelf = shelf;
    this.kitchens = kitchens;
    this.ledger = ledger;
    ledger.follow(Part.PREPARATIONS, known -> kitchens.publishPreparations(read()));
  }

  /** A preparation is being changed; what is stored is published once that is committed. */
  void changed() {
    ledger.change(Part.PREPARATIONS);
  }

  private Shelved read() {
    List<StoredVersion> versions = store.newest("PREPARATION");
    Map<String, String> names =
        shelf.names(versions.stream().map(v -> v.head().recipeId()).toList());
    Map<String, Preparation> byFood = new LinkedHashMap<>();
    for (StoredVersion version : versions) {
      String name = names.get(version.head().recipeId());
      RecipeReading reading = readings.read(version);
      if (name != null && reading.finished().isPresent()) {
        Food food =
            PreparedFood.of(
                version.head(),
                name,
                shelf.draft(version.body()),
                reading.finished().get().parts());
        byFood.put(food.id(), Preparation.of(food, version.head().id(), reading.finished().get()));
      }
    }
    return Shelved.of(byFood);
  }

  /** The preparations of one moment. Immutable. */
  private record Shelved(
      Map<String, Preparation> byFood, Map<String, Food> byName, NameWords words, FoodSearch search)
      implements Preparations {

    static Shelved of(Map<String, Preparation> byFood) {
      Map<String, Food> byName = new HashMap<>();
      Map<String, List<String>> names = new HashMap<>();
      byFood
          .values()
          .forEach(
              one -> {
                byName.put(FoodNames.normal(one.food().name()), one.food());
                names.put(one.food().id(), List.of(one.food().name()));
              });
      FoodSearch search = new FoodSearch();
      search.put(names);
      return new Shelved(byFood, byName, NameWords.of(byName.keySet()), search);
    }

    @Override
    public Optional<Preparation> of(Food food) {
      return Optional.ofNullable(byFood.get(food.id()));
    }

    @Override
    public Optional<Food> byId(String id) {
      return Optional.ofNullable(byFood.get(id)).map(Preparation::food);
    }

    @Override
    public Optional<Named> byName(String name) {
      String normal = FoodNames.normal(name);
      return Optional.ofNullable(normal.isEmpty() ? null : byName.get(normal))
          .map(food -> new Named(food, false));
    }

    @Override
    public boolean isInNames(String word) {
      return words.isIn(word);
    }

    @Override
    public List<Food> nearest(String name, int most) {
      return search.nearest(name, most, food -> 0).stream()
          .map(byFood::get)
          .filter(Objects::nonNull)
          .map(Preparation::food)
          .toList();
    }
  }
}
