package honeststack.app.recipes;

import static honeststack.app.Drafts.named;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.larder.Revisions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class RecipesApiTest {

  private static Http.Answer start(String name, String... bowl) {
    return Http.send("POST", "/api/recipes", named(name, Drafts.of(bowl)));
  }

  private static Http.Answer keep(String id, String tag, String reason) {
    return Http.send(
        "POST",
        "/api/recipes/" + id + "/versions",
        "{\"reason\":" + Drafts.json(reason) + "}",
        "If-Match",
        tag);
  }

  private static Http.Answer save(String id, String tag, String name, String... bowl) {
    return Http.send(
        "PUT", "/api/recipes/" + id + "/draft", named(name, Drafts.of(bowl)), "If-Match", tag);
  }

  @Test
  void savingNeedsTheRevisionThatWasRead() {
    Http.Answer started = start("Ember cakes", "100 g sugar");
    assertThat(started.status()).isEqualTo(201);
    String id = started.body().get("id").asString();

    Http.Answer saved = save(id, started.tag(), "Ember cakes", "120 g sugar");
    assertThat(saved.status()).isEqualTo(200);
    assertThat(saved.tag()).isEqualTo("\"2\"");

    Http.Answer stale = save(id, started.tag(), "Mine", "130 g sugar");
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.body().at("/current/draft/bowl/0/text").asString()).isEqualTo("120 g sugar");
    assertThat(
            Http.send("PUT", "/api/recipes/" + id + "/draft", named("Mine", Drafts.of("1 g sugar")))
                .status())
        .isEqualTo(428);
    assertThat(save(id, "soon", "Mine", "1 g sugar").body().get("detail").asString())
        .contains("soon");
    assertThat(Http.get("/api/recipes/" + id).body().get("name").asString())
        .isEqualTo("Ember cakes");
  }

  @Test
  void aKeptVersionHasTheFiguresOfItsDraft() {
    Http.Answer started = start("Pinned cakes", "1 cup rye flour", "1 cup milk", "2 eggs");
    String id = started.body().get("id").asString();
    Http.Answer kept = keep(id, started.tag(), "as it was");
    assertThat(kept.status()).isEqualTo(201);
    JsonNode draft =
        Http.send(
                "POST",
                "/api/figures",
                Drafts.json(Drafts.of("1 cup rye flour", "1 cup milk", "2 eggs")))
            .body();
    JsonNode then = kept.body().get("figures");
    for (int i = 0; i < 15; i++) {
      for (String number : new String[] {"value", "u", "low", "high"}) {
        String at = "/figures/" + i + "/" + number;
        assertThat(then.at(at).asDouble()).as(at).isCloseTo(draft.at(at).asDouble(), within(1e-9));
      }
    }
    assertThat(keep(id, started.tag(), "again").body().get("detail").asString())
        .contains("Nothing has changed since version 1");
  }

  /** A later composition revision does not reach a version that pinned an earlier one. */
  @Test
  void aKeptVersionStaysOnItsRevision() {
    Http.Answer started = start("Old cakes", "100 g cocoa");
    String id = started.body().get("id").asString();
    String versionId = keep(id, started.tag(), "before").body().get("id").asString();
    JsonNode before = Http.get("/api/versions/" + versionId).body();
    Revisions.insert("cocoa", 99, 999);
    assertThat(Http.get("/api/versions/" + versionId).body()).isEqualTo(before);
    assertThat(before.at("/figures/figures/0/value").asDouble()).isCloseTo(22.8, within(1e-9));
  }

  @Test
  void nothingIsKeptOfAnEmptyBowlAndNothingFoundIsSaid() {
    Http.Answer started = start("Empty", "a glug of plonk");
    String id = started.body().get("id").asString();
    assertThat(keep(id, started.tag(), "why not").status()).isEqualTo(409);
    assertThat(keep(id, started.tag(), " ").status()).isEqualTo(400);
    assertThat(Http.get("/api/versions/nowhere").body().get("detail").asString())
        .contains("nowhere");
    assertThat(start(" ", "1 egg").body().at("/fields/0/field").asString()).isEqualTo("name");
    assertThat(Http.send("DELETE", "/api/recipes/" + id, null).status()).isEqualTo(204);
    assertThat(Http.get("/api/recipes/" + id).status()).isEqualTo(404);
  }

  @Test
  void theDemoIsOnTheShelf() {
    assertThat(Http.get("/api/recipes").body())
        .anyMatch(entry -> entry.get("name").asString().equals("Rye and pear griddle cakes"));
  }
}
