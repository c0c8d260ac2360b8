package honeststack.app.files;

import honeststack.app.bin.Bin;
import honeststack.app.bin.BinAnswers.Kind;
import honeststack.app.files.RecipeFile.DraftPart;
import honeststack.app.files.RecipeFile.EventPart;
import honeststack.app.files.RecipeFile.MorningPart;
import honeststack.app.files.RecipeFile.VersionPart;
import honeststack.app.files.RecipeSchema.Fault;
import honeststack.app.kept.KeptShelf;
import honeststack.app.kept.VersionWatcher;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.runs.RunService;
import honeststack.app.runs.RunService.Told;
import honeststack.app.shelf.RecipeWatcher;
import honeststack.app.shelf.ShelfService;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Recipes whole, to files and from them. What is removed goes into the bin as such a file. */
@Service
public class RecipeFiles implements RecipeWatcher, VersionWatcher {
  private static final String ACCEPTED = "a recipe's file as this program writes it";

  private final ShelfService shelf;
  private final KeptShelf kept;
  private final RunService runs;
  private final RecipeSchema schema;
  private final Bin bin;
  private final JsonMapper json;

  RecipeFiles(
      ShelfService shelf,
      KeptShelf kept,
      RunService runs,
      RecipeSchema schema,
      Bin bin,
      JsonMapper json) {
    this.shelf = shelf;
    this.kept = kept;
    this.runs = runs;
    this.schema = schema;
    this.bin = bin;
    this.json = json;
  }

  /** A recipe with all its versions and mornings. */
  @Transactional(readOnly = true)
  public RecipeFile of(String recipeId) {
    ShelfService.Whole whole = shelf.whole(recipeId);
    List<VersionPart> versions = kept.of(recipeId).stream().map(this::part).toList();
    Set<String> ids = versions.stream().map(VersionPart::id).collect(Collectors.toSet());
    return new RecipeFile(
        RecipeFile.FORMAT,
        RecipeFile.VERSION,
        whole.id(),
        whole.name(),
        whole.createdAt(),
        whole.tags(),
        new DraftPart(
            whole.revision(), whole.parentId(), whole.savedAt(), json.readTree(whole.body())),
        versions,
        runs.told(recipeId).stream()
            .filter(told -> ids.contains(told.versionId()))
            .map(RecipeFiles::part)
            .toList());
  }

  /** All recipes' identities, the oldest first. */
  @Transactional(readOnly = true)
  public List<String> ids() {
    return shelf.ids();
  }

  private VersionPart part(KeptShelf.Whole version) {
    return new VersionPart(
        version.id(),
        version.number(),
        version.parentId(),
        version.reason(),
        version.keptAt(),
        json.readTree(version.draft()),
        json.readTree(version.reading()));
  }

  private static MorningPart part(Told told) {
    return new MorningPart(
        told.id(),
        told.versionId(),
        told.startedAt(),
        told.cook(),
        told.events().stream().map(EventPart::of).toList());
  }

  /**
   * Reads a file, and holds it to its form.
   *
   * @throws ProblemException if it is not one, with the place
   */
  public RecipeFile read(String text) {
    try {
      JsonNode tree = json.readTree(text);
      List<Fault> faults = schema.faults(tree);
      if (!faults.isEmpty()) {
        Fault first = faults.get(0);
        throw Problem.badInput(
            first.place().isEmpty() ? "file" : first.place(),
            quoted(tree, first.place()),
            "The file is not a recipe of this program: "
                + (first.place().isEmpty() ? "" : "at " + first.place() + " ")
                + first.problem()
                + ".",
            ACCEPTED);
      }
      return json.treeToValue(tree, RecipeFile.class);
    } catch (JacksonException broken) {
      throw Problem.badInput(
          "file", "", "The file is not JSON: " + broken.getOriginalMessage() + ".", ACCEPTED);
    }
  }

  private static String quoted(JsonNode tree, String place) {
    JsonNode at = tree.at(place);
    return at.isMissingNode() ? "" : at.toString();
  }

  /** Whether a recipe is on the shelf already. */
  @Transactional(readOnly = true)
  public boolean isThere(String recipeId) {
    return !shelf.names(List.of(recipeId)).isEmpty();
  }

  /**
   * Puts recipes on the shelf as they are, or none. Versions may hold each other's preparations.
   *
   * @throws ProblemException if one of them is there already, or cannot be read
   */
  @Transactional
  public void put(List<RecipeFile> files) {
    for (RecipeFile file : files) {
      if (isThere(file.id())) {
        throw Problem.conflict(file.name() + " is on the shelf already.");
      }
      check(file);
      DraftPart draft = file.draft();
      shelf.put(
          new ShelfService.Whole(
              file.id(),
              file.name(),
              file.createdAt(),
              file.tags(),
              draft.revision(),
              draft.parentId(),
              draft.savedAt(),
              json.writeValueAsString(draft.recipe())));
    }
    kept.put(
        files.stream()
            .flatMap(file -> file.versions().stream().map(version -> whole(file.id(), version)))
            .toList());
    files.forEach(file -> file.mornings().forEach(this::load));
  }

  private void load(MorningPart morning) {
    runs.load(
        morning.id(),
        morning.versionId(),
        morning.startedAt(),
        morning.cook(),
        morning.events().stream().map(EventPart::event).toList());
  }

  private KeptShelf.Whole whole(String recipeId, VersionPart version) {
    return new KeptShelf.Whole(
        version.id(),
        recipeId,
        version.number(),
        version.parentId(),
        version.reason(),
        version.keptAt(),
        json.writeValueAsString(version.recipe()),
        version.reading() == null ? null : json.writeValueAsString(version.reading()));
  }

  private static void check(RecipeFile file) {
    Set<String> versions = new HashSet<>();
    Set<Integer> numbers = new HashSet<>();
    for (VersionPart version : file.versions()) {
      if (!versions.add(version.id()) || !numbers.add(version.number())) {
        throw Problem.badInput(
            "versions",
            String.valueOf(version.number()),
            "The file holds version " + version.number() + " twice.",
            "each version once");
      }
    }
    for (MorningPart morning : file.mornings()) {
      if (!versions.contains(morning.versionId())) {
        throw Problem.badInput(
            "mornings",
            morning.versionId(),
            "A morning belongs to “" + morning.versionId() + "”, which is no version in the file.",
            "mornings of the versions beside them");
      }
    }
  }

  /** The same recipe under identities of its own. */
  RecipeFile copy(RecipeFile file) {
    Map<String, String> anew = new HashMap<>();
    file.versions().forEach(version -> anew.put(version.id(), UUID.randomUUID().toString()));
    UnaryOperator<String> renamed = id -> id == null ? null : anew.get(id);
    DraftPart draft = file.draft();
    return new RecipeFile(
        file.format(),
        file.formatVersion(),
        UUID.randomUUID().toString(),
        file.name(),
        file.createdAt(),
        file.tags(),
        new DraftPart(1, renamed.apply(draft.parentId()), draft.savedAt(), draft.recipe()),
        file.versions().stream()
            .map(
                version ->
                    new VersionPart(
                        anew.get(version.id()),
                        version.number(),
                        renamed.apply(version.parentId()),
                        version.reason(),
                        version.keptAt(),
                        version.recipe(),
                        version.reading()))
            .toList(),
        file.mornings().stream().map(morning -> copy(morning, anew)).toList());
  }

  private static MorningPart copy(MorningPart morning, Map<String, String> versions) {
    Map<String, String> events = new HashMap<>();
    morning.events().forEach(event -> events.put(event.id(), UUID.randomUUID().toString()));
    return new MorningPart(
        UUID.randomUUID().toString(),
        versions.get(morning.versionId()),
        morning.startedAt(),
        morning.cook(),
        morning.events().stream()
            .map(
                event ->
                    new EventPart(
                        events.get(event.id()),
                        event.at(),
                        event.kind(),
                        event.text(),
                        event.amount(),
                        events.getOrDefault(event.about(), event.about())))
            .toList());
  }

  /** A removed version: as a file of its recipe that holds it alone. */
  record RemovedVersion(String recipeId, VersionPart version, List<MorningPart> mornings) {}

  @Override
  public void removing(String id) {
    if (isThere(id)) {
      RecipeFile file = of(id);
      bin.put(Kind.RECIPE, file.name(), json.writeValueAsString(file));
      return;
    }
    KeptShelf.Whole version = kept.whole(id);
    List<MorningPart> mornings =
        runs.told(version.recipeId()).stream()
            .filter(told -> told.versionId().equals(id))
            .map(RecipeFiles::part)
            .toList();
    bin.put(
        Kind.VERSION,
        shelf.names(List.of(version.recipeId())).get(version.recipeId())
            + ", version "
            + version.number()
            + ": "
            + version.reason(),
        json.writeValueAsString(new RemovedVersion(version.recipeId(), part(version), mornings)));
  }

  /**
   * Puts a removed version back into its recipe.
   *
   * @throws ProblemException if its recipe is gone
   */
  @Transactional
  void putBack(String body) {
    RemovedVersion removed = json.readValue(body, RemovedVersion.class);
    VersionPart version = removed.version();
    shelf.lock(removed.recipeId());
    boolean taken =
        kept.of(removed.recipeId()).stream().anyMatch(one -> one.number() == version.number());
    if (taken) {
      throw Problem.conflict(
          "Another version " + version.number() + " was kept in the meantime; remove that first.");
    }
    kept.put(List.of(whole(removed.recipeId(), version)));
    removed.mornings().forEach(this::load);
  }
}
