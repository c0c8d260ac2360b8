package honeststack.app.kept;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.kept.VersionStore.Head;
import honeststack.app.kept.VersionStore.StoredVersion;
import honeststack.app.kept.VersionStore.Use;
import honeststack.app.larder.Larder;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.shelf.ShelfService;
import honeststack.core.recipe.RecipeReading;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Kept versions whole: out of the shelf and onto it again, to the last digit. */
@Service
public class KeptShelf {
  private final VersionStore store;
  private final PreparationShelf preparations;
  private final ShelfService shelf;
  private final FiguresService figures;
  private final KeptReadings readings;
  private final Larder larder;
  private final JsonMapper json;
  private final ObjectProvider<VersionWatcher> watchers;

  KeptShelf(
      VersionStore store,
      PreparationShelf preparations,
      ShelfService shelf,
      FiguresService figures,
      KeptReadings readings,
      Larder larder,
      JsonMapper json,
      ObjectProvider<VersionWatcher> watchers) {
    this.store = store;
    this.preparations = preparations;
    this.shelf = shelf;
    this.figures = figures;
    this.readings = readings;
    this.larder = larder;
    this.json = json;
    this.watchers = watchers;
  }

  /**
   * A kept version whole.
   *
   * @param draft as it is stored
   * @param reading as it is stored; null to be read anew
   */
  public record Whole(
      String id,
      String recipeId,
      int number,
      String parentId,
      String reason,
      Instant keptAt,
      String draft,
      String reading) {

    private static Whole of(StoredVersion version) {
      Head head = version.head();
      return new Whole(
          head.id(),
          head.recipeId(),
          head.number(),
          head.parentId(),
          head.reason(),
          head.keptAt(),
          version.body(),
          version.reading());
    }
  }

  /** The versions of a recipe, the oldest first. */
  @Transactional(readOnly = true)
  public List<Whole> of(String recipeId) {
    return store.versionsOf(recipeId).stream().map(Whole::of).toList();
  }

  /** A kept version. */
  @Transactional(readOnly = true)
  public Whole whole(String id) {
    return store.version(id).map(Whole::of).orElseThrow(() -> notThere(id));
  }

  /**
   * Puts versions on the shelf under the identities that they have; their recipes are there
   * already. A version may hold a preparation that comes with it, or one that is not there at all.
   * One that comes without its reading is read with the foods and weights of now.
   *
   * @throws ProblemException if one cannot be read
   */
  @Transactional
  public void put(List<Whole> versions) {
    List<Read> read = versions.stream().map(this::read).toList();
    read.forEach(one -> store.insert(one.version()));
    read.forEach(one -> store.insertHeld(one.version().head().id(), one.reading()));
    read.forEach(one -> larder.used(one.reading()));
    if (read.stream().anyMatch(one -> isPreparation(one.version().head()))) {
      preparations.changed();
    }
  }

  private record Read(StoredVersion version, RecipeReading reading) {}

  private Read read(Whole whole) {
    try {
      Draft draft = shelf.draft(whole.draft());
      draft.check();
      Head head =
          new Head(
              whole.id(),
              whole.recipeId(),
              whole.number(),
              whole.parentId(),
              draft.kind().name(),
              whole.reason(),
              whole.keptAt());
      if (whole.reading() == null) {
        RecipeReading now = figures.read(draft, Optional.of(whole.recipeId()));
        KeptService.check(now);
        return new Read(new StoredVersion(head, whole.draft(), readings.text(now)), now);
      }
      return new Read(
          new StoredVersion(head, whole.draft(), whole.reading()),
          KeptReader.read(json.readValue(whole.reading(), KeptForm.class)));
    } catch (JacksonException
        | NullPointerException
        | IllegalArgumentException
        | IndexOutOfBoundsException broken) {
      throw Problem.badInput(
          "versions[" + whole.number() + "]",
          whole.reason(),
          "Version " + whole.number() + " does not hold what a kept version holds.",
          "a version as this program writes it");
    }
  }

  private static boolean isPreparation(Head head) {
    return head.kind().equals(Draft.Kind.PREPARATION.name());
  }

  /**
   * Puts a version into the bin.
   *
   * @throws ProblemException if another recipe holds it as a preparation
   */
  @Transactional
  public void remove(String id) {
    Head head = store.head(id).orElseThrow(() -> notThere(id));
    shelf.lock(head.recipeId());
    List<Use> uses = store.usesOfVersion(id);
    if (!uses.isEmpty()) {
      Use use = uses.get(0);
      String name = shelf.names(List.of(use.recipeId())).getOrDefault(use.recipeId(), "a recipe");
      throw Problem.conflict(
          "It is in "
              + name
              + ", version "
              + use.number()
              + (uses.size() > 1 ? " and " + (uses.size() - 1) + " more" : "")
              + ", which would lose their figures.");
    }
    watchers.forEach(watcher -> watcher.removing(id));
    store.delete(id);
    if (isPreparation(head)) {
      preparations.changed();
    }
  }

  private static ProblemException notThere(String id) {
    return Problem.notFound("kept version", id);
  }
}
