package honeststack.app;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.stream.IntStream;
import tools.jackson.databind.json.JsonMapper;

/** Drafts for tests. */
public final class Drafts {
  private static final JsonMapper JSON = new JsonMapper();

  private Drafts() {}

  /** Ten pieces, nothing left, no pan fat, one piece a serving, no toppings. */
  public static Draft of(String... bowl) {
    return new Draft(
        Draft.Kind.PANCAKE,
        MeasuringSystem.US,
        IntStream.range(0, bowl.length)
            .mapToObj(i -> new DraftLine("bowl-" + i, bowl[i], null))
            .toList(),
        new DraftGriddle(10, 0, Portioning.LADLE, "", new DraftLine("pan", "", null), ""),
        new DraftPlate(1.0, List.of()),
        null);
  }

  public static String json(Object value) {
    return JSON.writeValueAsString(value);
  }

  public static Draft read(String json) {
    return JSON.readValue(json, Draft.class);
  }

  /** The body that starts or saves a recipe. */
  public static String named(String name, Draft draft) {
    return "{\"name\":" + json(name) + ",\"draft\":" + json(draft) + "}";
  }
}
