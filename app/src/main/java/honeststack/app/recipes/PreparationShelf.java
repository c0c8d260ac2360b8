package honeststack.app.recipes;

import honeststack.app.figures.Draft;
import honeststack.app.larder.FoodNames;
import honeststack.app.larder.FoodSearch;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.batter.Preparation;
import honeststack.core.batter.Preparations;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.serving.Finished;
import honeststack.core.serving.Made;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * The newest kept version of each preparation, in memory: figures go on while the database is away.
 */
@Component
class PreparationShelf implements Preparations {
  private final RecipeStore store;
  private final PinStore pins;
  private final JsonMapper json;
  private final TransactionTemplate transaction;
  private volatile State state;

  /**
   * @param paths preparations inside it and itself, by food, with the way to each in words
   */
  private record Kept(
      String versionId, Food food, Made made, Map<String, String> paths, int depth) {}

  private record State(Map<String, Kept> byFood, Map<String, Food> byName, FoodSearch search) {}

  PreparationShelf(
      RecipeStore store, PinStore pins, JsonMapper json, TransactionTemplate transaction) {
    this.store = store;
    this.pins = pins;
    this.json = json;
    this.transaction = transaction;
    this.state = load();
  }

  /** Reads the shelf anew, and once more if the transaction that changed it is rolled back. */
  void changed() {
    state = load();
    if (TransactionSynchronizationManager.isSynchronizationActive()) {
      TransactionSynchronizationManager.registerSynchronization(
          new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
              if (status != STATUS_COMMITTED) {
                state = load();
              }
            }
          });
    }
  }

  private State load() {
    return transaction.execute(status -> read());
  }

  private State read() {
    Map<String, Kept> byFood = new LinkedHashMap<>();
    Map<String, Food> byName = new HashMap<>();
    Map<String, List<String>> names = new HashMap<>();
    for (StoredVersion version : store.newestVersions()) {
      Draft draft = json.readValue(version.body(), Draft.class);
      if (draft.kind() == Draft.Kind.PREPARATION) {
        kept(version, draft)
            .ifPresent(
                kept -> {
                  byFood.put(kept.food.id(), kept);
                  byName.put(FoodNames.normal(kept.food.name()), kept.food);
                  names.put(kept.food.id(), List.of(kept.food.name()));
                });
      }
    }
    FoodSearch search = new FoodSearch();
    search.put(names);
    return new State(byFood, byName, search);
  }

  private Optional<Kept> kept(StoredVersion version, Draft draft) {
    Made made =
        pins.made(
            version.id(),
            Optional.empty(),
            0,
            Optional.empty(),
            this::food,
            SourceBook.firstOrder());
    return made.finished()
        .map(
            done -> {
              Food food = Preparing.food(version, draft, done.parts());
              Map<String, String> paths = new HashMap<>();
              paths.put(food.id(), food.name());
              int depth = 1 + deepest(food.name(), done.parts(), paths);
              return new Kept(version.id(), food, made, paths, depth);
            });
  }

  /** How deep preparations go inside these; puts the way to each into {@code paths}. */
  private static int deepest(String way, List<MeasuredFood> parts, Map<String, String> paths) {
    int deepest = 0;
    for (MeasuredFood part : parts) {
      if (Preparation.is(part.food())) {
        String further = way + " → " + part.food().name();
        paths.putIfAbsent(part.food().id(), further);
        deepest = Math.max(deepest, 1 + deepest(further, part.parts(), paths));
      }
    }
    return deepest;
  }

  /** The food that a preparation's version is, whether it is the newest or not. */
  Food food(String versionId, List<MeasuredFood> parts) {
    StoredVersion version = store.version(versionId).orElseThrow();
    return Preparing.food(version, json.readValue(version.body(), Draft.class), parts);
  }

  @Override
  public Optional<Preparation> prepared(Food food, SourceBook book) {
    return Optional.ofNullable(state.byFood.get(food.id()))
        .map(
            kept -> {
              Finished done =
                  kept.made
                      .rebased(book, source -> ofBatch(kept.versionId, source))
                      .finished()
                      .orElseThrow();
              return new Preparation(
                  kept.food, done.parts(), done.weight(), kept.paths, kept.depth);
            });
  }

  /** What was drawn once for this batch of the preparation is the same wherever it is used. */
  private static Source ofBatch(String versionId, Source source) {
    return source.scope() == Source.Scope.PER_USE && source.key().startsWith("use:")
        ? source.keyed("preparation:" + versionId + ":" + source.key())
        : source;
  }

  @Override
  public Optional<Food> byId(String id) {
    return Optional.ofNullable(state.byFood.get(id)).map(Kept::food);
  }

  @Override
  public Optional<Named> byName(String name) {
    return Optional.ofNullable(state.byName.get(FoodNames.normal(name)))
        .map(food -> new Named(food, false));
  }

  @Override
  public List<Food> nearest(String name, int most) {
    State now = state;
    return now.search.nearest(name, most, food -> 0).stream()
        .map(now.byFood::get)
        .filter(Objects::nonNull)
        .map(Kept::food)
        .toList();
  }
}
