package honeststack.app.recipes;

import honeststack.app.figures.Draft;
import honeststack.app.figures.FiguresService;
import honeststack.app.http.NotFoundException;
import honeststack.app.recipes.RecipeStore.StoredVersion;
import honeststack.core.estimate.SourceBook;
import honeststack.core.serving.Made;
import honeststack.core.serving.RecipeReading;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Kept versions, read from their pins. */
@Component
public class KeptVersions {
  private final RecipeStore store;
  private final PinStore pins;
  private final FiguresService figures;
  private final PreparationShelf preparations;
  private final JsonMapper json;
  private final Map<String, Pinned> pinned = Collections.synchronizedMap(new Recent<>());

  KeptVersions(
      RecipeStore store,
      PinStore pins,
      FiguresService figures,
      PreparationShelf preparations,
      JsonMapper json) {
    this.store = store;
    this.pins = pins;
    this.figures = figures;
    this.preparations = preparations;
    this.json = json;
  }

  /** The most recently used, so many at most. */
  private static final class Recent<K, V> extends LinkedHashMap<K, V> {
    private static final int MOST = 300;

    Recent() {
      super(16, 0.75f, true);
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
      return size() > MOST;
    }
  }

  /**
   * A kept version as pinned.
   *
   * @param book of the pinned estimates
   */
  public record Pinned(
      String label, String reason, Draft draft, RecipeReading reading, SourceBook book) {}

  /**
   * A kept version's reading, from its pins. A kept version never changes, so what was read once
   * serves again.
   */
  @Transactional(readOnly = true)
  public Pinned pinned(String versionId) {
    Pinned known = pinned.get(versionId);
    if (known != null) {
      return known;
    }
    StoredVersion version =
        store
            .version(versionId)
            .orElseThrow(() -> new NotFoundException("kept version", versionId));
    Pinned read = read(version);
    pinned.put(versionId, read);
    return read;
  }

  Pinned read(StoredVersion version) {
    Draft draft = json.readValue(version.body(), Draft.class);
    SourceBook book = SourceBook.firstOrder();
    Made made =
        pins.made(
            version.id(),
            Optional.ofNullable(draft.griddle().pieces()),
            draft.griddle().discarded(),
            Optional.ofNullable(draft.plate().pieces()),
            preparations::food,
            book);
    return new Pinned(
        version.recipeName() + ", version " + version.number(),
        version.reason(),
        draft,
        figures.reading(made, draft),
        book);
  }

  /** Reads them anew when they are next asked for: their labels carry names that may change. */
  void forget() {
    pinned.clear();
  }
}
