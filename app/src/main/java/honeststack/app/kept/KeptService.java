package honeststack.app.kept;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.kept.KeptAnswers.KeepAnswer;
import honeststack.app.kept.KeptAnswers.UseEntry;
import honeststack.app.kept.KeptAnswers.VersionAnswer;
import honeststack.app.kept.KeptAnswers.VersionEntry;
import honeststack.app.kept.VersionStore.Head;
import honeststack.app.kept.VersionStore.StoredVersion;
import honeststack.app.kept.VersionStore.Use;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.larder.Larder;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.shelf.RecipeWatcher;
import honeststack.app.shelf.ShelfService;
import honeststack.app.shelf.ShelfService.Bench;
import honeststack.core.compare.Changes;
import honeststack.core.figures.Basis;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.method.MethodChanges;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Refusal;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Kept versions: each holds its whole reading, and nothing that happens later changes it. */
@Service
public class KeptService implements RecipeWatcher {
  /** Counts that a version is made by. */
  private static final Set<String> COUNTS =
      Set.of("griddle.pieces", "griddle.discarded", "plate.pieces");

  private final VersionStore store;
  private final KeptReadings readings;
  private final PreparationShelf preparations;
  private final ShelfService shelf;
  private final FiguresService figures;
  private final KitchenNow kitchens;
  private final Larder larder;
  private final Clock clock;

  KeptService(
      VersionStore store,
      KeptReadings readings,
      PreparationShelf preparations,
      ShelfService shelf,
      FiguresService figures,
      KitchenNow kitchens,
      Larder larder,
      Clock clock) {
    this.store = store;
    this.readings = readings;
    this.preparations = preparations;
    this.shelf = shelf;
    this.figures = figures;
    this.kitchens = kitchens;
    this.larder = larder;
    this.clock = clock;
    larder.used(store.timesUsed());
  }

  /**
   * Keeps the stored draft as a version that never changes.
   *
   * @throws ProblemException if the draft is not at revision {@code expected}, has no line with a
   *     weight, equals the version it came from, or a count of pieces cannot be
   */
  @Transactional
  public KeepAnswer keep(String recipeId, int expected, String reason) {
    Bench bench = shelf.benchToKeep(recipeId, expected);
    Optional.ofNullable(bench.parentId())
        .flatMap(store::version)
        .filter(parent -> shelf.draft(parent.body()).equals(bench.draft()))
        .ifPresent(
            parent -> {
              throw Problem.conflict(
                  "Nothing has changed since version " + parent.head().number() + ".");
            });
    Head head = insert(recipeId, bench.parentId(), bench.draft(), reason);
    int revision = shelf.kept(bench, head.id());
    if (bench.draft().kind() == Draft.Kind.PREPARATION) {
      preparations.changed();
    }
    return new KeepAnswer(entry(head), revision);
  }

  private Head insert(String recipeId, String parentId, Draft draft, String reason) {
    RecipeReading reading = figures.read(draft, Optional.of(recipeId));
    check(reading);
    Head head =
        new Head(
            UUID.randomUUID().toString(),
            recipeId,
            store.nextNumber(recipeId),
            parentId,
            draft.kind().name(),
            reason.strip(),
            clock.instant());
    store.insert(new StoredVersion(head, shelf.body(draft), readings.text(reading)), reading);
    larder.used(reading);
    return head;
  }

  /**
   * Keeps a draft as a version beside the bench, which stays as it is; returns its identity. What
   * is kept already, for the same reason and from the same version, is not kept twice.
   *
   * @param parentId the version that it was made from
   * @throws ProblemException if nothing in it has a weight, or a count of pieces cannot be
   */
  @Transactional
  public String keepApart(String recipeId, String parentId, Draft draft, String reason) {
    shelf.lock(recipeId);
    return versions(Optional.of(recipeId)).stream()
        .filter(one -> parentId.equals(one.parentId()) && reason.strip().equals(one.reason()))
        .filter(one -> shelf.draft(stored(one.id()).body()).equals(draft))
        .map(VersionEntry::id)
        .findFirst()
        .orElseGet(() -> insert(recipeId, parentId, draft, reason).id());
  }

  /**
   * What cannot be kept.
   *
   * @throws ProblemException if nothing in it has a weight, or a count of pieces cannot be
   */
  static void check(RecipeReading reading) {
    if (reading.batter().isEmpty()) {
      throw Problem.conflict("There is nothing in the bowl yet that has a weight.");
    }
    reading.problems().stream()
        .filter(problem -> COUNTS.contains(problem.field()))
        .findFirst()
        .ifPresent(
            problem -> {
              Refusal refusal = problem.refusal();
              throw Problem.badInput(
                  problem.field(), refusal.offending(), refusal.problem(), refusal.accepted());
            });
  }

  /**
   * A kept version as it was read.
   *
   * @param label recipe and number
   */
  public record Kept(String label, String reason, Draft draft, RecipeReading reading) {}

  /** A kept version as it was read. */
  @Transactional(readOnly = true)
  public Kept kept(String id) {
    StoredVersion version = stored(id);
    return new Kept(
        name(version.head()) + ", version " + version.head().number(),
        version.head().reason(),
        shelf.draft(version.body()),
        readings.read(version));
  }

  private StoredVersion stored(String id) {
    return store.version(id).orElseThrow(() -> Problem.notFound("kept version", id));
  }

  private String name(Head head) {
    return shelf.names(List.of(head.recipeId())).getOrDefault(head.recipeId(), "a recipe");
  }

  @Transactional(readOnly = true)
  VersionAnswer version(String id, Shown shown) {
    StoredVersion version = stored(id);
    RecipeReading reading = readings.read(version);
    Draft draft = shelf.draft(version.body());
    FiguresAnswer answer = figures.answer(reading, Optional.ofNullable(draft.goalSetId()), shown);
    Head head = version.head();
    return new VersionAnswer(
        head.id(),
        head.recipeId(),
        name(head),
        head.number(),
        head.parentId(),
        head.reason(),
        head.keptAt(),
        changes(head, draft, reading),
        newer(reading),
        draft,
        answer);
  }

  private List<String> changes(Head head, Draft draft, RecipeReading reading) {
    return Optional.ofNullable(head.parentId())
        .flatMap(store::version)
        .map(
            parent ->
                Stream.concat(
                        Changes.between(readings.read(parent), reading).stream(),
                        MethodChanges.between(method(shelf.draft(parent.body())), method(draft))
                            .stream())
                    .toList())
        .orElse(List.of());
  }

  private static List<String> method(Draft draft) {
    return draft.method() == null ? List.of() : draft.method();
  }

  private List<String> newer(RecipeReading reading) {
    Foods now = kitchens.now().foods();
    return reading.foods().stream()
        .map(MeasuredFood::food)
        .filter(
            food ->
                now.byId(food.id())
                    .filter(one -> one.composition().revision() > food.composition().revision())
                    .isPresent())
        .map(Food::name)
        .distinct()
        .toList();
  }

  @Transactional(readOnly = true)
  TrailAnswer trail(String id, Basis basis, String of) {
    return figures.trail(readings.read(stored(id)), basis, of);
  }

  @Transactional(readOnly = true)
  List<VersionEntry> versions(Optional<String> recipeId) {
    return recipeId.map(store::headsOf).orElseGet(store::heads).stream()
        .map(KeptService::entry)
        .toList();
  }

  private static VersionEntry entry(Head head) {
    return new VersionEntry(
        head.id(), head.recipeId(), head.number(), head.parentId(), head.reason(), head.keptAt());
  }

  @Transactional(readOnly = true)
  List<UseEntry> usesOfPreparation(String recipeId) {
    return entries(store.usesOfPreparation(recipeId));
  }

  @Transactional(readOnly = true)
  List<UseEntry> usesOfFood(String foodId) {
    return entries(store.usesOfFood(foodId, larder.revision(foodId).orElse(1)));
  }

  private List<UseEntry> entries(List<Use> uses) {
    Map<String, String> names = shelf.names(uses.stream().map(Use::recipeId).toList());
    return uses.stream()
        .map(
            use ->
                new UseEntry(
                    use.versionId(),
                    use.recipeId(),
                    names.getOrDefault(use.recipeId(), ""),
                    use.number(),
                    use.current()))
        .sorted(Comparator.comparing(UseEntry::recipeName).thenComparing(UseEntry::number))
        .toList();
  }

  @Override
  public void renamed(String recipeId, String name) {
    if (store.headsOf(recipeId).stream().anyMatch(head -> head.kind().equals("PREPARATION"))) {
      preparations.changed();
    }
  }

  @Override
  public void workedOnFrom(String recipeId, String versionId) {
    store
        .head(versionId)
        .filter(head -> head.recipeId().equals(recipeId))
        .orElseThrow(
            () ->
                Problem.badInput(
                    "parentId",
                    versionId,
                    "“" + versionId + "” is not a kept version of this recipe.",
                    "a version of the same recipe, or nothing"));
  }

  @Override
  public void removing(String recipeId) {
    List<UseEntry> uses =
        usesOfPreparation(recipeId).stream()
            .filter(use -> !use.recipeId().equals(recipeId))
            .toList();
    if (!uses.isEmpty()) {
      throw Problem.conflict(
          "It is in "
              + uses.get(0).recipeName()
              + ", version "
              + uses.get(0).number()
              + (uses.size() > 1 ? " and others" : "")
              + ", which would lose their figures.");
    }
    preparations.changed();
  }
}
