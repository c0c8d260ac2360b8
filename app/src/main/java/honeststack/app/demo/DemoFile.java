package honeststack.app.demo;

import honeststack.app.demo.DemoRecipe.DemoEvent;
import honeststack.app.demo.DemoRecipe.DemoRun;
import honeststack.app.files.RecipeFile;
import honeststack.app.shelf.ShelfService;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A recipe of the demo as a recipe's file, in the published form, to be put on the shelf. */
@Component
class DemoFile {
  /** When a morning of the demo begins, hours after midnight UTC. */
  private static final int MORNING = 7;

  private static final double SECONDS = 60;

  private final ShelfService shelf;
  private final JsonMapper json;
  private final Clock clock;

  DemoFile(ShelfService shelf, JsonMapper json, Clock clock) {
    this.shelf = shelf;
    this.json = json;
    this.clock = clock;
  }

  /** The file; its versions are read where it is put, so they come without readings. */
  String of(DemoRecipe recipe) {
    Instant now = clock.instant();
    List<Map<String, Object>> versions = new ArrayList<>();
    for (int i = 0; i < recipe.versions().size(); i++) {
      versions.add(version(recipe, i, versions, now));
    }
    List<Object> mornings = new ArrayList<>();
    for (DemoRun run : recipe.runs() == null ? List.<DemoRun>of() : recipe.runs()) {
      mornings.add(morning(run, versions.get(run.version() - 1).get("id")));
    }
    Map<String, Object> last = versions.get(versions.size() - 1);
    Map<String, Object> file = new LinkedHashMap<>();
    file.put("format", RecipeFile.FORMAT);
    file.put("formatVersion", RecipeFile.VERSION);
    file.put("id", identity());
    file.put("name", recipe.name());
    file.put("createdAt", now);
    file.put("tags", List.of());
    file.put(
        "draft",
        Map.of(
            "revision",
            1,
            "parentId",
            last.get("id"),
            "savedAt",
            now,
            "recipe",
            last.get("recipe")));
    file.put("versions", versions);
    file.put("mornings", mornings);
    return json.writeValueAsString(file);
  }

  private Map<String, Object> version(
      DemoRecipe recipe, int number, List<Map<String, Object>> before, Instant now) {
    JsonNode written = json.readTree(shelf.body(recipe.draft(number)));
    Map<String, Object> version = new LinkedHashMap<>();
    version.put("id", identity());
    version.put("number", number + 1);
    if (number > 0) {
      version.put("parentId", before.get(number - 1).get("id"));
    }
    version.put("reason", recipe.versions().get(number).reason());
    version.put("keptAt", now);
    version.put("recipe", written);
    return version;
  }

  private Map<String, Object> morning(DemoRun run, Object version) {
    Instant begun = morning(run.daysAgo());
    List<Object> told = new ArrayList<>();
    for (DemoEvent event : run.told()) {
      int times = event.times() == null ? 1 : event.times();
      for (int i = 0; i < times; i++) {
        told.add(event(event, begun.plusSeconds(Math.round((event.after() + i) * SECONDS))));
      }
    }
    return Map.of(
        "id",
        identity(),
        "versionId",
        version,
        "startedAt",
        begun,
        "cook",
        run.cook(),
        "events",
        told);
  }

  private static Map<String, Object> event(DemoEvent event, Instant at) {
    Map<String, Object> told = new LinkedHashMap<>();
    told.put("id", identity());
    told.put("at", at);
    told.put("kind", event.kind());
    told.put("text", event.text());
    told.put("amount", event.amount());
    told.put("about", event.line());
    told.values().removeIf(value -> value == null);
    return told;
  }

  /** When a morning some days ago began. */
  Instant morning(int daysAgo) {
    return clock
        .instant()
        .truncatedTo(ChronoUnit.DAYS)
        .minus(Duration.ofDays(daysAgo))
        .plus(Duration.ofHours(MORNING));
  }

  private static String identity() {
    return UUID.randomUUID().toString();
  }
}
