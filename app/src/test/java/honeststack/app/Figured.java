package honeststack.app;

import tools.jackson.databind.JsonNode;

/** Finds figures in answers. */
public final class Figured {
  private Figured() {}

  /** The answer for a draft. */
  public static JsonNode of(Object draft) {
    return Http.send("POST", "/api/figures", Drafts.json(draft)).body();
  }

  /** One figure; it must be there. */
  public static JsonNode figure(JsonNode figures, String basis, String tag) {
    int at = 0;
    while (!figures.at("/measurands/" + at + "/tag").asString().equals(tag)) {
      at++;
    }
    for (JsonNode one : figures.get("bases")) {
      if (one.get("basis").asString().equals(basis)) {
        return one.get("figures").get(at);
      }
    }
    throw new AssertionError("no " + basis + " in " + figures);
  }

  public static JsonNode served(JsonNode figures, String tag) {
    return figure(figures, "AS_SERVED", tag);
  }

  public static double value(JsonNode figures, String basis, String tag) {
    return figure(figures, basis, tag).get("value").asDouble();
  }
}
