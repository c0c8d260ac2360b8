package honeststack.app.shelf;

import honeststack.app.draft.Draft;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.shelf.ShelfAnswers.NamedDraft;
import honeststack.app.shelf.ShelfAnswers.RecipeAnswer;
import honeststack.app.shelf.ShelfAnswers.SavedAnswer;
import honeststack.app.shelf.ShelfAnswers.ShelfEntry;
import honeststack.app.shelf.ShelfStore.Shelving;
import honeststack.app.shelf.ShelfStore.StoredDraft;
import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** The shelf: recipes with one draft each. */
@Service
public class ShelfService {
  private final ShelfStore store;
  private final JsonMapper json;
  private final Clock clock;
  private final ObjectProvider<RecipeWatcher> watchers;

  ShelfService(
      ShelfStore store, JsonMapper json, Clock clock, ObjectProvider<RecipeWatcher> watchers) {
    this.store = store;
    this.json = json;
    this.clock = clock;
    this.watchers = watchers;
  }

  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return store.isEmpty();
  }

  @Transactional(readOnly = true)
  List<ShelfEntry> shelf() {
    return store.shelf().stream()
        .map(
            one ->
                new ShelfEntry(
                    one.recipeId(),
                    one.name(),
                    Draft.Kind.valueOf(one.kind()),
                    Tagged.list(one.tags()),
                    one.savedAt()))
        .toList();
  }

  /** What recipes are called now; those that are gone are left out. */
  @Transactional(readOnly = true)
  public Map<String, String> names(Collection<String> recipeIds) {
    return store.names(recipeIds);
  }

  /** Starts a recipe; returns its identity. */
  @Transactional
  public String start(String name, Draft draft) {
    draft.check();
    String id = UUID.randomUUID().toString();
    store.insert(id, name.strip(), draft.kind().name(), body(draft), clock.instant());
    return id;
  }

  @Transactional(readOnly = true)
  RecipeAnswer recipe(String id) {
    return answer(stored(id));
  }

  /**
   * Saves the draft.
   *
   * @throws ProblemException if it was saved by someone else since revision {@code expected}
   */
  @Transactional
  SavedAnswer save(String id, int expected, NamedDraft named) {
    named.draft().check();
    StoredDraft before = locked(id, expected);
    String parent = named.parentId();
    if (parent != null && !parent.equals(before.parentId())) {
      watchers.forEach(watcher -> watcher.workedOnFrom(id, parent));
    }
    return save(before, named.name().strip(), named.draft(), parent);
  }

  private SavedAnswer save(StoredDraft before, String name, Draft draft, String parentId) {
    String id = before.recipeId();
    StoredDraft after =
        new StoredDraft(id, name, before.revision() + 1, parentId, body(draft), clock.instant());
    store.save(after, draft.kind().name());
    if (!name.equals(before.name())) {
      watchers.forEach(watcher -> watcher.renamed(id, name));
    }
    return new SavedAnswer(after.revision(), after.savedAt());
  }

  /** Puts a draft on the bench in place of the one there; returns its revision. */
  @Transactional
  public int replace(String id, Draft draft) {
    draft.check();
    store.lock(id);
    StoredDraft before = stored(id);
    return save(before, before.name(), draft, before.parentId()).revision();
  }

  /**
   * Nobody else can save or keep a recipe's draft until the transaction ends.
   *
   * @throws ProblemException if there is no such recipe
   */
  @Transactional
  public void lock(String recipeId) {
    if (!store.lock(recipeId)) {
      throw Problem.notFound("recipe", recipeId);
    }
  }

  private StoredDraft locked(String id, int expected) {
    if (!store.lock(id)) {
      throw Problem.notFound("recipe", id);
    }
    StoredDraft now = stored(id);
    if (now.revision() != expected) {
      throw Problem.stale(
          "This recipe was saved elsewhere in the meantime; nothing was overwritten.", answer(now));
    }
    return now;
  }

  /**
   * The draft on a recipe's bench.
   *
   * @param parentId the kept version that it was worked on from; null for none
   */
  public record Bench(String recipeId, String name, int revision, String parentId, Draft draft) {}

  /** The draft on a recipe's bench. */
  @Transactional(readOnly = true)
  public Bench bench(String recipeId) {
    return bench(stored(recipeId));
  }

  /**
   * The draft on a recipe's bench, which nobody else can save or keep until the transaction ends.
   *
   * @throws ProblemException if it is not at revision {@code expected}
   */
  @Transactional
  public Bench benchToKeep(String recipeId, int expected) {
    return bench(locked(recipeId, expected));
  }

  private Bench bench(StoredDraft stored) {
    return new Bench(
        stored.recipeId(),
        stored.name(),
        stored.revision(),
        stored.parentId(),
        draft(stored.body()));
  }

  /** The draft was kept as a version; returns its next revision. */
  @Transactional
  public int kept(Bench bench, String versionId) {
    store.setParent(bench.recipeId(), versionId);
    return bench.revision() + 1;
  }

  /**
   * Sets the words that a recipe is found by.
   *
   * @throws ProblemException if there is no such recipe, or a word holds a semicolon
   */
  @Transactional
  void tag(String id, List<String> tags) {
    lock(id);
    store.setTags(id, Tagged.text(tags));
  }

  /**
   * A recipe's draft with all that the shelf keeps of it.
   *
   * @param body the draft as stored
   */
  public record Whole(
      String id,
      String name,
      Instant createdAt,
      List<String> tags,
      int revision,
      String parentId,
      Instant savedAt,
      String body) {}

  /** A recipe with all that the shelf keeps of it. */
  @Transactional(readOnly = true)
  public Whole whole(String id) {
    StoredDraft draft = stored(id);
    Shelving shelving = store.shelving(id).orElseThrow(() -> Problem.notFound("recipe", id));
    return new Whole(
        id,
        draft.name(),
        shelving.createdAt(),
        Tagged.list(shelving.tags()),
        draft.revision(),
        draft.parentId(),
        draft.savedAt(),
        draft.body());
  }

  /** All recipes' identities, the oldest first. */
  @Transactional(readOnly = true)
  public List<String> ids() {
    return store.shelf().stream().map(ShelfStore.Shelved::recipeId).toList();
  }

  /**
   * Puts a recipe on the shelf under the identity that it has.
   *
   * @throws ProblemException if its draft cannot be
   */
  @Transactional
  public void put(Whole recipe) {
    Draft draft = draft(recipe.body());
    draft.check();
    store.insert(
        new StoredDraft(
            recipe.id(),
            recipe.name(),
            recipe.revision(),
            recipe.parentId(),
            recipe.body(),
            recipe.savedAt()),
        draft.kind().name(),
        recipe.createdAt(),
        Tagged.text(recipe.tags()));
  }

  @Transactional
  void delete(String id) {
    if (!store.lock(id)) {
      throw Problem.notFound("recipe", id);
    }
    watchers.forEach(watcher -> watcher.removing(id));
    store.delete(id);
  }

  private StoredDraft stored(String id) {
    return store.draft(id).orElseThrow(() -> Problem.notFound("recipe", id));
  }

  private RecipeAnswer answer(StoredDraft stored) {
    return new RecipeAnswer(
        stored.recipeId(),
        stored.name(),
        stored.revision(),
        stored.parentId(),
        stored.savedAt(),
        draft(stored.body()));
  }

  /** A draft as it is stored. */
  public String body(Draft draft) {
    return json.writeValueAsString(DraftDocument.of(draft));
  }

  /** A stored draft. */
  public Draft draft(String body) {
    return json.readValue(body, DraftDocument.class).draft();
  }
}
