package honeststack.app.recipes;

import honeststack.app.figures.Draft;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.ConflictException;
import honeststack.app.http.NotFoundException;
import honeststack.app.http.StaleException;
import honeststack.app.recipes.RecipeAnswers.RecipeAnswer;
import honeststack.app.recipes.RecipeAnswers.ShelfEntry;
import honeststack.app.recipes.RecipeAnswers.VersionAnswer;
import honeststack.app.recipes.RecipeStore.StoredDraft;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.estimate.SourceBook;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReading;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shelf: recipes with one draft each and any number of kept versions. */
@Service
public class RecipeService {
  private final RecipeStore store;
  private final PinStore pins;
  private final FiguresService figures;
  private final JsonMapper json;
  private final Clock clock;

  RecipeService(
      RecipeStore store, PinStore pins, FiguresService figures, JsonMapper json, Clock clock) {
    this.store = store;
    this.pins = pins;
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
  public RecipeAnswer save(String id, int expected, String name, Draft draft) {
    draft.check();
    StoredDraft before = stored(id);
    boolean saved =
        before.revision() == expected
            && store.save(
                id, expected, name.strip(), json.writeValueAsString(draft), clock.instant());
    if (!saved) {
      throw stale(id);
    }
    return answer(stored(id));
  }

  /**
   * Keeps the stored draft as a version that never changes.
   *
   * @throws StaleException if the draft is not at revision {@code expected}
   * @throws ConflictException if it has no line with a weight, or equals the version it came from
   */
  @Transactional
  public VersionAnswer keep(String recipeId, int expected, String reason) {
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
    RecipeReading reading = figures.read(draft(stored.body()), SourceBook.firstOrder());
    if (reading.made().batter().lines().isEmpty()) {
      throw new ConflictException("There is nothing in the bowl yet that has a weight.");
    }
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
    pins.insert(version, reading.made());
    store.setParent(recipeId, version.id());
    return answer(version);
  }

  @Transactional(readOnly = true)
  VersionAnswer version(String id) {
    return answer(store.version(id).orElseThrow(() -> new NotFoundException("kept version", id)));
  }

  @Transactional
  void delete(String id) {
    if (!store.delete(id)) {
      throw new NotFoundException("recipe", id);
    }
  }

  private VersionAnswer answer(StoredVersion version) {
    Draft draft = draft(version.body());
    SourceBook book = SourceBook.firstOrder();
    Made made =
        pins.made(
            version.id(),
            Optional.ofNullable(draft.griddle().pieces()),
            draft.griddle().discarded(),
            Optional.ofNullable(draft.plate().pieces()),
            book);
    FiguresAnswer answer = figures.answer(made, draft, book);
    return new VersionAnswer(
        version.id(),
        version.recipeId(),
        version.recipeName(),
        version.number(),
        version.parentId(),
        version.reason(),
        version.keptAt(),
        draft,
        answer);
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
