package honeststack.app.runs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.app.draft.DraftMaking;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Mornings, stock, tools and topping sets, through the door that pages take. */
@ExtendWith(RunningApplication.class)
class RunsApiTest {
  private static final String AT = "2026-03-07T08:00:00Z";

  /** 600 g of batter, 60 g into each: 10 foretold. */
  private static Draft draft() {
    DraftMaking making = DraftMaking.NOT_SAID.portioned("60 g");
    return new Draft(
        Draft.Kind.PANCAKE,
        MeasuringSystem.US,
        List.of(
            new DraftLine("flour", "200 g all-purpose flour", null),
            new DraftLine("milk", "300 g whole milk", null),
            new DraftLine("egg", "100 g egg", null)),
        new DraftGriddle(
            null, 0, Portioning.SCOOP, "", new DraftLine("pan", "none", null), "", making),
        new DraftPlate(2.0, List.of()),
        null);
  }

  private static String run(String version) {
    String id = UUID.randomUUID().toString();
    String body =
        "{\"versionId\":\"%s\",\"startedAt\":\"%s\",\"cook\":\"the warden\"}"
            .formatted(version, AT);
    assertThat(Http.send("PUT", "/api/runs/" + id, body).status()).isEqualTo(200);
    return id;
  }

  private static String event(String id, String kind, String text, String amount, String about) {
    return "{\"id\":\"%s\",\"at\":\"%s\",\"kind\":\"%s\",\"text\":%s,\"amount\":%s,\"about\":%s}"
        .formatted(id, AT, kind, Drafts.json(text), amount, Drafts.json(about));
  }

  private static Http.Answer tell(String run, String... events) {
    String body = "{\"events\":[" + String.join(",", events) + "]}";
    return Http.send("POST", "/api/runs/" + run + "/events", body);
  }

  private static String id() {
    return UUID.randomUUID().toString();
  }

  @Test
  void whatIsToldCountsOnceAndIsNeverChanged() {
    String version = Shelf.kept("Told mornings", draft());
    String run = run(version);
    String[] told = {
      event(id(), "ROUND", "", "4", null),
      event(id(), "PIECE", "small", null, null),
      event(id(), "ADJUSTED", "+60 g", null, "milk"),
      event(id(), "ADJUSTED", "1 tbsp honey", null, null),
      event(id(), "DISCARDED", "", "1", null)
    };
    tell(run, told);
    JsonNode again = tell(run, told).body();
    assertThat(again.get("pieces").asInt()).isEqualTo(5);
    assertThat(again.get("events")).hasSize(5);
    assertThat(again.get("changed").toString()).contains("honey", "milk");
    String undo = event(id(), "UNDONE", "", null, again.at("/events/0/id").asString());
    JsonNode after = tell(run, undo).body();
    assertThat(after.get("pieces").asInt()).isEqualTo(1);
    assertThat(after.get("events")).hasSize(6);
    assertThat(after.at("/events/0/kind").asString()).isEqualTo("ROUND");
    assertThat(tell(run, event(id(), "ROUND", "", "-3", null)).status()).isEqualTo(400);
    assertThat(tell("nobody", told).status()).isEqualTo(404);
    assertThat(tell(run, event("?", "NOTE", "x", null, null)).status()).isEqualTo(400);
  }

  @Test
  void aRunBecomesAVersionAsMade() {
    OnShelf recipe = Shelf.start("Made mornings", draft());
    String version = Shelf.kept(recipe);
    String run = run(version);
    assertThat(Http.send("POST", "/api/runs/" + run + "/version", null).status()).isEqualTo(409);
    tell(
        run,
        event(id(), "ROUND", "", "9", null),
        event(id(), "ADJUSTED", "+30 g", null, "milk"),
        event(id(), "COOKED", "468 g", "9", null));
    String made =
        Http.send("POST", "/api/runs/" + run + "/version", null).body().at("/versionId").asString();
    JsonNode again = Http.send("POST", "/api/runs/" + run + "/version", null).body();
    assertThat(again.get("versionId").asString()).as("kept once").isEqualTo(made);
    JsonNode kept = Shelf.version(made);
    assertThat(kept.get("parentId").asString()).isEqualTo(version);
    assertThat(kept.at("/draft/griddle/pieces").asInt()).isEqualTo(9);
    assertThat(kept.at("/draft/bowl/1/adjustments/0/text").asString()).isEqualTo("+30 g");
    assertThat(kept.at("/figures/yield/cookedPiece/value").asDouble()).isCloseTo(52, within(0.01));
    assertThat(kept.at("/figures/batterMass/value").asDouble()).isCloseTo(630, within(0.01));
  }

  @Test
  void runsGoWithTheirRecipe() {
    OnShelf recipe = Shelf.start("Gone mornings", draft());
    String run = run(Shelf.kept(recipe));
    assertThat(Http.get("/api/runs/" + run).status()).isEqualTo(200);
    assertThat(Http.send("DELETE", recipe.path(), null).status()).isEqualTo(204);
    assertThat(Http.get("/api/runs/" + run).status()).isEqualTo(404);
  }

  /** 9, 9 and 8 instead of 10; 0.86, 0.88 and 0.9 of the raw weight: from three on they count. */
  @Test
  void threeMorningsReplaceWhatIsCommon() {
    OnShelf recipe = Shelf.start("Three mornings", draft());
    String version = Shelf.kept(recipe);
    double[][] mornings = {{9, 0.86}, {9, 0.88}, {8, 0.90}};
    for (double[] morning : mornings) {
      JsonNode before = figures(recipe);
      assertThat(before.at("/yield/predicted/value").asDouble()).isCloseTo(10, within(0.01));
      int pieces = (int) morning[0];
      String weight = String.format(java.util.Locale.ROOT, "%.1f g", 600 * morning[1]);
      tell(
          run(version),
          event(id(), "ROUND", "", String.valueOf(pieces), null),
          event(id(), "COOKED", weight, "0", null),
          event(id(), "FINISHED", "", null, null));
    }
    JsonNode after = figures(recipe);
    assertThat(after.at("/yield/predicted/value").asDouble())
        .isCloseTo(10 * 26 / 30.0, within(0.01));
    assertThat(after.at("/yield/yieldFactor/value").asDouble()).isCloseTo(0.88, within(0.001));
    assertThat(after.get("findings").toString()).contains("As your 3 mornings showed");
    JsonNode runs = Http.get("/api/runs?version=" + version).body();
    assertThat(runs.at("/spread/0/mean").asDouble()).isCloseTo(26 / 3.0, within(1e-9));
    assertThat(runs.at("/spread/0/deviation").asDouble())
        .isCloseTo(Math.sqrt(1 / 3.0), within(1e-9));
  }

  private static JsonNode figures(OnShelf recipe) {
    return Http.send("POST", "/api/figures?recipe=" + recipe.id(), Drafts.json(draft())).body();
  }

  @Test
  void piecesPutAwayKeepTheirFiguresAndCountDown() {
    String version = Shelf.kept("Frozen mornings", draft());
    String body =
        "{\"versionId\":\"%s\",\"form\":\"PIECES\",\"place\":\"FRIDGE\",\"amount\":4,"
                .formatted(version)
            + "\"madeAt\":\"2026-03-07T09:00:00Z\",\"note\":\"\"}";
    JsonNode put = Http.send("POST", "/api/stock", body).body();
    assertThat(put.get("useBy").asString()).isEqualTo("2026-03-10");
    assertThat(put.get("over").asBoolean()).isTrue();
    JsonNode kept = Shelf.version(version);
    double piece = honeststack.app.Figured.value(kept.get("figures"), "PER_PIECE", "ENERC");
    assertThat(put.at("/figures/0/value").asDouble()).isCloseTo(piece, within(1e-9));
    String path = "/api/stock/" + put.get("id").asString() + "/taken";
    assertThat(
            Http.send("POST", path, "{\"kind\":\"EATEN\",\"amount\":3}")
                .body()
                .get("rest")
                .asDouble())
        .isEqualTo(1);
    Http.Answer tooMany = Http.send("POST", path, "{\"kind\":\"EATEN\",\"amount\":2}");
    assertThat(tooMany.status()).isEqualTo(400);
    assertThat(tooMany.body().toString()).contains("there are 1");
    Http.send("POST", path, "{\"kind\":\"THROWN_AWAY\",\"amount\":1}");
    assertThat(Http.get("/api/stock").body().toString()).doesNotContain(put.get("id").asString());
  }

  /** Unsalted butter holds 717 kcal in 100 g: USDA SR 01145 (from memory). */
  @Test
  void whatReheatingAddsIsEatenToo() {
    String version = Shelf.kept("Reheated mornings", draft());
    String body =
        "{\"versionId\":\"%s\",\"form\":\"PIECES\",\"place\":\"FREEZER\",\"amount\":4,"
                .formatted(version)
            + "\"madeAt\":\"2026-03-07T09:00:00Z\",\"note\":\"\"}";
    JsonNode put = Http.send("POST", "/api/stock", body).body();
    String path = "/api/stock/" + put.get("id").asString();
    double two = 2 * put.at("/figures/0/value").asDouble();
    JsonNode asked = Http.get(path + "/holds?amount=2&added=10%20g%20unsalted%20butter").body();
    assertThat(asked.at("/figures/0/value").asDouble()).isCloseTo(two + 71.7, within(1e-6));
    String refused = "{\"kind\":\"EATEN\",\"amount\":2,\"added\":[\"10 g snorbel\"]}";
    assertThat(Http.send("POST", path + "/taken", refused).status()).isEqualTo(400);
    String eaten = refused.replace("snorbel", "unsalted butter");
    JsonNode left = Http.send("POST", path + "/taken", eaten).body();
    assertThat(left.get("rest").asDouble()).isEqualTo(2);
    JsonNode last = Http.get("/api/stock").body().at("/eaten/0");
    assertThat(last.at("/figures/0/value").asDouble()).isCloseTo(two + 71.7, within(1e-6));
    assertThat(last.at("/added/0").asString()).isEqualTo("10 g unsalted butter");
  }

  @Test
  void aToolIsCalledByItsNameAndItsFillsReplaceWhatIsSaidOfIt() {
    String tool = "{\"name\":\"Blue ladle\",\"kind\":\"LADLE\",\"fill\":\"80 g\",\"pieces\":2}";
    Http.Answer made = Http.send("POST", "/api/tools", tool);
    assertThat(made.status()).isEqualTo(201);
    String path = "/api/tools/" + made.body().get("id").asString();
    String by = Drafts.json(draft()).replace("\"60 g\"", "\"blue LADLE\"");
    assertThat(pieces(by)).isCloseTo(15, within(0.01));
    for (String weight : new String[] {"98 g", "100 g", "102 g"}) {
      assertThat(pieces(by)).isCloseTo(15, within(0.01));
      Http.send("POST", path + "/fills", "{\"weight\":\"" + weight + "\"}");
    }
    assertThat(pieces(by)).isCloseTo(12, within(0.01));
    assertThat(Http.send("POST", "/api/tools", tool).status()).isEqualTo(400);
    assertThat(Http.send("POST", path + "/fills", "{\"weight\":\"a lot\"}").status())
        .isEqualTo(400);
    String wrong = "{\"name\":\"x\",\"kind\":\"IRON\",\"fill\":\"two rounds\",\"pieces\":4}";
    Http.Answer refused = Http.send("POST", "/api/tools", wrong);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.body().toString()).contains("two rounds");
    assertThat(Http.send("DELETE", path, null).status()).isEqualTo(204);
    JsonNode gone = Http.send("POST", "/api/figures", by).body();
    assertThat(gone.at("/problems/0/field").asString()).isEqualTo("griddle.portion");
  }

  private static double pieces(String draft) {
    return Http.send("POST", "/api/figures", draft).body().at("/yield/pieces/value").asDouble();
  }

  @Test
  void toppingsThatGoTogether() {
    String set = "{\"name\":\"plain\",\"lines\":[\"1 tbsp honey\",\" \",\"20 g hazelnuts\"]}";
    JsonNode kept = Http.send("POST", "/api/topping-sets", set).body();
    assertThat(kept.get("lines")).hasSize(2);
    Http.send("POST", "/api/topping-sets", set);
    long named =
        Http.get("/api/topping-sets")
            .body()
            .valueStream()
            .filter(one -> one.get("name").asString().equals("plain"))
            .count();
    assertThat(named).isEqualTo(1);
    assertThat(
            Http.send("POST", "/api/topping-sets", "{\"name\":\"x\",\"lines\":[\" \"]}").status())
        .isEqualTo(400);
  }
}
