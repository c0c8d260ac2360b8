package honeststack.app.kept;

import honeststack.app.kept.VersionStore.StoredVersion;
import honeststack.core.recipe.RecipeReading;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Readings to and from the text in which they are kept; those read last stay in memory. */
@Component
class KeptReadings {
  private final JsonMapper json;
  private final Map<String, RecipeReading> recent = Collections.synchronizedMap(new Recent<>());

  KeptReadings(JsonMapper json) {
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

  String text(RecipeReading reading) {
    return json.writeValueAsString(KeptWriter.write(reading));
  }

  /** A kept reading never changes, so what was read once serves again. */
  RecipeReading read(StoredVersion version) {
    String id = version.head().id();
    RecipeReading known = recent.get(id);
    if (known == null) {
      known = KeptReader.read(json.readValue(version.reading(), KeptForm.class));
      recent.put(id, known);
    }
    return known;
  }
}
