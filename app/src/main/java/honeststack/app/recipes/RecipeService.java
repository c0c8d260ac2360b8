package honeststack.app.recipes;

import honeststack.app.figures.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.BadInputException;
import honeststack.app.http.ConflictException;
import honeststack.app.http.NotFoundException;
import honeststack.app.http.StaleException;
import honeststack.app.larder.Larder;
import honeststack.app.recipes.KeptVersions.Pinned;
import honeststack.app.recipes.RecipeAnswers.NamedDraft;
import honeststack.app.recipes.RecipeAnswers.RecipeAnswer;
import honeststack.app.recipes.RecipeAnswers.ShelfEntry;
import honeststack.app.recipes.RecipeAnswers.UseEntry;
import honeststack.app.recipes.RecipeAnswers.VersionAnswer;
import honeststack.app.recipes.RecipeStore.StoredDraft;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.compare.Changes;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReading;
import honeststack.core.yield.Griddle;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shelf: recipes with one draft each and any number of kept versions. */
@Service
public class RecipeService {
  /** Counts that a version is made by. */
  private static final Set<String> COUNTS =
      Set.of("griddle.pieces", "griddle.discarded", "plate.pieces");

  private final RecipeStore store;
  private final PinStore pins;
  private final KeptVersions kept;
  private final FiguresService figures;
  private final JsonMapper json;
  private final Clock clock;
  private final Larder larder;
  private final PreparationShelf preparations;
  private final Foods foods;

  RecipeService(
      RecipeStore store,
      PinStore pins,
      KeptVersions kept,
      FiguresService figures,
      Larder larder,
      PreparationShelf preparations,
      JsonMapper json,
      Clock clock) {
    this.larder = larder;
    this.preparations = preparations;
    this.foods = preparations.before(larder);
    larder.used(store.timesUsed());
    this.store = store;
    this.pins = pins;
    this.kept = kept;
    this.figures = figures;
    this.json = json;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return store.isEmpty();
  }

  @Transactional(readOnly = true)
  List<ShelfEntry> shelf() {
    var versions = store.versions();
    return store.drafts().stream()
        .map(
            stored ->
                new ShelfEntry(
                    stored.recipeId(),
                    stored.name(),
                    draft(stored.body()).kind(),
                    stored.savedAt(),
                    versions.getOrDefault(stored.recipeId(), List.of())))
        .toList();
  }

  /** Starts a recipe; returns its identity. */
  @Transactional
  public String start(String name, Draft draft) {
    draft.check();
    String id = UUID.randomUUID().toString();
    store.insert(id, name.strip(), json.writeValueAsString(draft), clock.instant());
    return id;
  }

  @Transactional(readOnly = true)
  RecipeAnswer recipe(String id) {
    return answer(stored(id));
  }

  /**
   * Saves the draft.
   *
   * @throws StaleException if it was saved by someone else since revision {@code expected}
   */
  @Transactional
  RecipeAnswer save(String id, int expected, NamedDraft named) {
    named.draft().check();
    StoredDraft before = stored(id);
    boolean saved =
        before.revision() == expected
            && store.save(
                id,
                expected,
                named.name().strip(),
                parent(named, id),
                json.writeValueAsString(named.draft()),
                clock.instant());
    if (!saved) {
      throw stale(id);
    }
    StoredDraft after = stored(id);
    if (!after.name().equals(before.name())) {
      kept.forget(); // their labels carry the name
      preparations.changed();
    }
    return answer(after);
  }

  /** The parent that a draft names, which must be a version of the same recipe. */
  private String parent(NamedDraft named, String recipeId) {
    if (named.parentId() == null) {
      return null;
    }
    return store
        .version(named.parentId())
        .filter(version -> version.recipeId().equals(recipeId))
        .orElseThrow(
            () ->
                new BadInputException(
                    "parentId",
                    named.parentId(),
                    "“" + named.parentId() + "” is not a kept version of this recipe.",
                    "a version of the same recipe, or nothing"))
        .id();
  }

  /** Puts a draft on the bench in place of the one there, and keeps it. */
  @Transactional
  public void replaceAndKeep(String recipeId, Draft draft, String reason) {
    StoredDraft stored = stored(recipeId);
    NamedDraft named = new NamedDraft(stored.name(), draft, stored.parentId());
    keep(recipeId, save(recipeId, stored.revision(), named).revision(), reason);
  }

  /**
   * Keeps the stored draft as a version that never changes.
   *
   * @throws StaleException if the draft is not at revision {@code expected}
   * @throws ConflictException if it has no line with a weight, or equals the version it came from
   * @throws BadInputException if a count of pieces cannot be
   */
  @Transactional
  VersionAnswer keep(String recipeId, int expected, String reason) {
    store.lock(recipeId);
    StoredDraft stored = stored(recipeId);
    if (stored.revision() != expected) {
      throw stale(recipeId);
    }
    Optional<StoredVersion> parent = Optional.ofNullable(stored.parentId()).flatMap(store::version);
    parent
        .filter(version -> version.body().equals(stored.body()))
        .ifPresent(
            version -> {
              throw new ConflictException(
                  "Nothing has changed since version " + version.number() + ".");
            });
    Draft draft = draft(stored.body());
    RecipeReading reading = figures.read(draft, recipeId, SourceBook.firstOrder());
    if (reading.made().batter().lines().isEmpty()) {
      throw new ConflictException("There is nothing in the bowl yet that has a weight.");
    }
    reading.problems().stream()
        .filter(problem -> COUNTS.contains(problem.field()))
        .findFirst()
        .ifPresent(RecipeService::refuse);
    Instant now = clock.instant();
    StoredVersion version =
        new StoredVersion(
            UUID.randomUUID().toString(),
            recipeId,
            stored.name(),
            store.nextNumber(recipeId),
            stored.parentId(),
            reason.strip(),
            now,
            stored.body());
    pins.insert(version, reading.made(), figures.tableDoubt());
    store.setParent(recipeId, version.id());
    if (draft.kind() == Draft.Kind.PREPARATION) {
      preparations.changed();
    }
    Map<String, Integer> used = new HashMap<>();
    foods(reading.made()).forEach(line -> used.put(line.food().id(), 1));
    larder.used(used);
    return answer(version);
  }

  private static void refuse(RecipeReading.FieldProblem problem) {
    throw new BadInputException(
        problem.field(),
        problem.refusal().offending(),
        problem.refusal().problem(),
        problem.refusal().accepted());
  }

  @Transactional(readOnly = true)
  VersionAnswer version(String id) {
    return answer(store.version(id).orElseThrow(() -> new NotFoundException("kept version", id)));
  }

  /** The draft on a recipe's bench, named after the recipe. */
  @Transactional(readOnly = true)
  public Bench bench(String recipeId) {
    StoredDraft stored = stored(recipeId);
    return new Bench(stored.name(), draft(stored.body()));
  }

  /** A stored draft with its recipe's name. */
  public record Bench(String name, Draft draft) {}

  @Transactional
  void delete(String id) {
    List<UseEntry> uses =
        store.usesOfPreparation(id).stream().filter(use -> !use.recipeId().equals(id)).toList();
    if (!uses.isEmpty()) {
      throw new ConflictException(
          "It is in "
              + uses.get(0).recipeName()
              + ", version "
              + uses.get(0).number()
              + (uses.size() > 1 ? " and others" : "")
              + ", which would lose their figures.");
    }
    kept.forget();
    if (!store.delete(id)) {
      throw new NotFoundException("recipe", id);
    }
    preparations.changed();
  }

  @Transactional(readOnly = true)
  List<UseEntry> usesOfPreparation(String id) {
    return store.usesOfPreparation(id);
  }

  @Transactional(readOnly = true)
  List<UseEntry> usesOfFood(String id) {
    int revision = larder.byId(id).map(food -> food.composition().revision()).orElse(1);
    return store.usesOfFood(id, revision);
  }

  private VersionAnswer answer(StoredVersion version) {
    Pinned then = kept.read(version);
    List<String> changes =
        version.parentId() == null
            ? List.of()
            : Changes.between(kept.pinned(version.parentId()).reading(), then.reading());
    return new VersionAnswer(
        version.id(),
        version.recipeId(),
        version.recipeName(),
        version.number(),
        version.parentId(),
        version.reason(),
        version.keptAt(),
        changes,
        newer(then.reading().made()),
        then.draft(),
        figures.answer(then.reading(), then.book(), Optional.ofNullable(then.draft().goalSetId())));
  }

  private static List<MeasuredFood> foods(Made made) {
    List<MeasuredFood> foods = new ArrayList<>(made.batter().lines());
    made.griddle().flatMap(Griddle::panFat).ifPresent(fat -> foods.add(fat.in()));
    made.plate().ifPresent(plate -> foods.addAll(plate.toppings()));
    return foods;
  }

  private List<String> newer(Made made) {
    return foods(made).stream()
        .map(MeasuredFood::food)
        .filter(
            food ->
                foods
                    .byId(food.id())
                    .filter(now -> now.composition().revision() > food.composition().revision())
                    .isPresent())
        .map(Food::name)
        .distinct()
        .toList();
  }

  private StaleException stale(String id) {
    return new StaleException(
        "This recipe was saved elsewhere in the meantime; nothing was overwritten.",
        answer(stored(id)));
  }

  private StoredDraft stored(String id) {
    return store.draft(id).orElseThrow(() -> new NotFoundException("recipe", id));
  }

  private RecipeAnswer answer(StoredDraft stored) {
    return new RecipeAnswer(
        stored.recipeId(),
        stored.name(),
        stored.revision(),
        stored.parentId(),
        stored.savedAt(),
        draft(stored.body()),
        store.versions(stored.recipeId()));
  }

  private Draft draft(String body) {
    return json.readValue(body, Draft.class);
  }
}
