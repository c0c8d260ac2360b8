package honeststack.app.bin;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is removed comes back as it was. */
@ExtendWith(RunningApplication.class)
class BinApiTest {
  private static final String RUN =
      "{\"versionId\":\"%s\",\"startedAt\":\"2026-03-07T08:00:00Z\",\"cook\":\"the warden\"}";

  /** The last thing removed that goes by a name. */
  private static String inBin(String name) {
    for (JsonNode entry : Http.get("/api/bin").body()) {
      if (entry.get("name").asString().contains(name)) {
        return entry.get("id").asString();
      }
    }
    throw new AssertionError(name + " is not in the bin");
  }

  private static void restore(String name) {
    Http.Answer back = Http.send("POST", "/api/bin/" + inBin(name) + "/restore", "");
    assertThat(back.status()).as(back.body().toString()).isEqualTo(204);
  }

  private static void remove(String path, String... headers) {
    Http.Answer removed = Http.send("DELETE", path, null, headers);
    assertThat(removed.status()).as(removed.body().toString()).isEqualTo(204);
  }

  @Test
  void aRecipeComesBackWithItsVersionsTheirFiguresAndItsMornings() {
    String name = "Binned " + UUID.randomUUID();
    OnShelf recipe = Shelf.start(name, Drafts.of("1 cup rye flour", "2 eggs", "300 g milk"));
    String version = Shelf.kept(recipe);
    String run = "/api/runs/" + UUID.randomUUID();
    Http.send("PUT", run, RUN.formatted(version));
    JsonNode before = Shelf.version(version);
    JsonNode morning = Http.get(run).body();

    remove(recipe.path());
    assertThat(Http.get(recipe.path()).status()).isEqualTo(404);
    assertThat(Http.get(run).status()).isEqualTo(404);
    restore(name);
    assertThat(Shelf.version(version)).isEqualTo(before);
    assertThat(Http.get(run).body()).isEqualTo(morning);
    assertThat(Http.get(recipe.path()).body().get("name").asString()).isEqualTo(name);
    assertThat(Http.get("/api/bin").body().toString()).doesNotContain(name);
  }

  @Test
  void aVersionComesBackIntoItsRecipe() {
    String name = "Half binned " + UUID.randomUUID();
    String version = Shelf.kept(name, Drafts.of("100 g rye flour"));
    JsonNode before = Shelf.version(version);
    remove("/api/versions/" + version);
    assertThat(Http.get("/api/versions/" + version).status()).isEqualTo(404);
    restore(name);
    assertThat(Shelf.version(version)).isEqualTo(before);
  }

  @Test
  void aPreparationInUseStaysAndSaysWhere() {
    String compote = "compote " + UUID.randomUUID();
    JsonNode form =
        new tools.jackson.databind.json.JsonMapper()
            .readTree(Drafts.json(Drafts.of("200 g rhubarb", "50 g sugar")));
    ((tools.jackson.databind.node.ObjectNode) form).put("kind", "PREPARATION");
    Http.Answer started =
        Http.send(
            "POST",
            "/api/recipes",
            "{\"name\":" + Drafts.json(compote) + ",\"draft\":" + form + "}");
    OnShelf preparation = new OnShelf(started.body().get("id").asString(), started.tag());
    String held = Shelf.kept(preparation);
    String cakes = "Cakes with " + compote;
    Shelf.kept(cakes, Drafts.of("100 g rye flour", "60 g " + compote));

    Http.Answer version = Http.send("DELETE", "/api/versions/" + held, null);
    assertThat(version.status()).isEqualTo(409);
    assertThat(version.body().get("detail").asString()).contains(cakes + ", version 1");
    Http.Answer recipe = Http.send("DELETE", preparation.path(), null);
    assertThat(recipe.status()).isEqualTo(409);
    assertThat(recipe.body().get("detail").asString()).contains(cakes);
  }

  @Test
  void aFoodComesBackWithItsValues() {
    String name = "binned meal " + UUID.randomUUID();
    String form =
        """
        {"name":%s,"role":"FLOUR","liquid":false,"allergens":["GLUTEN"],"mayContain":[],"origins":[],
         "added":[],"names":[%s],"measures":[],"values":{"ENERC":"321","PROCNT":"9.5"},
         "doubt":1,"source":"a bag","number":"","remark":""}
        """
            .formatted(Drafts.json(name), Drafts.json("other " + name));
    Http.Answer made = Http.send("POST", "/api/foods", form);
    String path = "/api/foods/" + made.body().get("id").asString();
    JsonNode before = Http.get(path).body();
    remove(path, "If-Match", made.tag());
    assertThat(Http.get(path).status()).isEqualTo(404);
    restore(name);
    JsonNode after = Http.get(path).body();
    assertThat(after.get("values")).isEqualTo(before.get("values"));
    assertThat(after.get("names")).isEqualTo(before.get("names"));
    assertThat(after.get("allergens")).isEqualTo(before.get("allergens"));
  }

  @Test
  void goalsComeBackUnderTheirIdentity() {
    String name = "Binned goals " + UUID.randomUUID();
    Http.Answer made =
        Http.send(
            "POST",
            "/api/goals",
            "{\"name\":%s,\"note\":\"\",\"goals\":[{\"measurand\":\"PROCNT\",\"lower\":12}]}"
                .formatted(Drafts.json(name)));
    String id = made.body().get("id").asString();
    remove("/api/goals/" + id);
    assertThat(Http.get("/api/goals").body().toString()).doesNotContain(id);
    restore(name);
    assertThat(Http.get("/api/goals").body().toString()).contains(id);
    String thrown = "Thrown " + name;
    Http.send(
        "POST",
        "/api/goals",
        "{\"name\":%s,\"note\":\"\",\"goals\":[{\"measurand\":\"FAT\",\"upper\":9}]}"
            .formatted(Drafts.json(thrown)));
    for (JsonNode set : Http.get("/api/goals").body()) {
      if (set.get("name").asString().equals(thrown)) {
        remove("/api/goals/" + set.get("id").asString());
      }
    }
    remove("/api/bin/" + inBin(thrown));
    assertThat(Http.get("/api/bin").body().toString()).doesNotContain(thrown);
  }

  /** A number that was given again belongs to the later version; nothing is overwritten. */
  @Test
  void whatHasNoPlaceAnyMoreStaysInTheBin() {
    String name = "Twice kept " + UUID.randomUUID();
    OnShelf recipe = Shelf.start(name, Drafts.of("100 g rye flour"));
    String first = Shelf.kept(recipe);
    remove("/api/versions/" + first);
    OnShelf changed = Shelf.saved(Shelf.now(recipe.id()), name, Drafts.of("90 g rye flour"));
    String second = Shelf.kept(changed);
    String binned = inBin(name);
    Http.Answer refused = Http.send("POST", "/api/bin/" + binned + "/restore", "");
    assertThat(refused.status()).isEqualTo(409);
    assertThat(refused.body().get("detail").asString()).contains("version 1 was kept");
    assertThat(inBin(name)).isEqualTo(binned);
    remove("/api/versions/" + second);
    assertThat(Http.send("POST", "/api/bin/" + binned + "/restore", "").status()).isEqualTo(204);
    assertThat(Http.get("/api/versions/" + first).status()).isEqualTo(200);
    assertThat(Http.send("POST", "/api/bin/nowhere/restore", "").status()).isEqualTo(404);
  }
}
