package honeststack.app.recipes;

import static honeststack.app.Drafts.named;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.figures.Draft;
import honeststack.app.figures.Draft.DraftGriddle;
import honeststack.app.figures.Draft.DraftLine;
import honeststack.app.figures.Draft.DraftPlate;
import honeststack.app.larder.Revisions;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.serving.Recipe.Portioning;
import java.util.List;
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

  /** A draft may say what cannot be; a version may not. */
  @Test
  void countsThatCannotBeAreNotKept() {
    String json = Drafts.json(Drafts.of("100 g sugar"));
    for (String wrong :
        new String[] {
          json.replace("\"discarded\":0", "\"discarded\":11"),
          json.replace("\"pieces\":10", "\"pieces\":0"),
          json.replace("\"pieces\":1.0", "\"pieces\":5000.0")
        }) {
      Http.Answer started =
          Http.send("POST", "/api/recipes", "{\"name\":\"Crag cakes\",\"draft\":" + wrong + "}");
      assertThat(started.status()).isEqualTo(201);
      Http.Answer kept = keep(started.body().get("id").asString(), started.tag(), "once");
      assertThat(kept.status()).as(wrong).isEqualTo(400);
      assertThat(kept.body().at("/fields/0/field").asString())
          .isIn("griddle.pieces", "griddle.discarded", "plate.pieces");
    }
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

  /** Left in the bowl, pan fat, thrown away, toppings, an unread line: all of it is pinned. */
  @Test
  void everyStationIsPinned() {
    Draft plain = Drafts.of("1 cup flour", "1 cup milk", "a glug of plonk");
    Draft draft =
        new Draft(
            Draft.Kind.WAFFLE,
            MeasuringSystem.AUSTRALIAN,
            plain.bowl(),
            new DraftGriddle(
                7, 1, Portioning.SPOON, "30 g", new DraftLine("pan", "1 tbsp butter", null), ""),
            new DraftPlate(2.5, List.of(new DraftLine("top", "1 tbsp honey", null))),
            null);
    Http.Answer started = Http.send("POST", "/api/recipes", named("Whole cakes", draft));
    String id = started.body().get("id").asString();
    JsonNode kept = keep(id, started.tag(), "everything").body();
    JsonNode now = Http.send("POST", "/api/figures", Drafts.json(draft)).body();
    JsonNode then = Http.get("/api/versions/" + kept.get("id").asString()).body().get("figures");
    assertThat(then.get("figures")).hasSameSizeAs(now.get("figures"));
    for (int i = 0; i < now.get("figures").size(); i++) {
      JsonNode before = now.at("/figures/" + i);
      JsonNode after = then.at("/figures/" + i);
      assertThat(after.get("bound")).isEqualTo(before.get("bound"));
      assertThat(after.get("value").asDouble())
          .isCloseTo(before.get("value").asDouble(), within(1e-9));
      assertThat(after.get("u").asDouble()).isCloseTo(before.get("u").asDouble(), within(1e-9));
    }
    assertThat(then.get("lines")).isEqualTo(now.get("lines"));
    assertThat(then.get("findings")).isEqualTo(now.get("findings"));
  }

  /** Left out, changed while cooking, one bowl for all, not measured: a kept version has it all. */
  @Test
  void whatWasDecidedWhileCookingIsKept() {
    String body =
        named("Decided cakes", Drafts.of("100 g sugar", "1 egg", "honey, to taste"))
            .replace(
                "\"id\":\"bowl-0\"",
                "\"id\":\"bowl-0\",\"adjustments\":[{\"at\":\"2026-03-07T08:30:00Z\","
                    + "\"text\":\"+20 g\"}]")
            .replace("\"id\":\"bowl-1\"", "\"id\":\"bowl-1\",\"off\":true")
            .replace(
                "\"toppings\":[]",
                "\"toppings\":[{\"id\":\"t\",\"text\":\"50 g skyr\",\"shared\":true}]");
    Http.Answer started = Http.send("POST", "/api/recipes", body);
    assertThat(started.status()).as(started.body().toString()).isEqualTo(201);
    JsonNode kept = keep(started.body().get("id").asString(), started.tag(), "decided").body();
    JsonNode then = Http.get("/api/versions/" + kept.get("id").asString()).body();
    assertThat(then.at("/draft/bowl/0/adjustments/0/text").asString()).isEqualTo("+20 g");
    assertThat(then.at("/draft/bowl/1/off").asBoolean()).isTrue();
    assertThat(then.at("/figures/lines/0/understood/amount").asString()).isEqualTo("100 g + 20 g");
    assertThat(then.at("/figures/lines/1/off").asBoolean()).isTrue();
    assertThat(then.at("/figures/without/0").asString()).isEqualTo("honey");
    // 120 g of sugar in ten pieces, 46.4 kcal in one, and a tenth of 50 g of skyr of 64 kcal.
    assertThat(then.at("/figures/figures/0/value").asDouble())
        .isCloseTo(387 * 1.2 / 10 + 64 * 0.05, within(1e-9));
    assertThat(then.at("/figures/figures/0/bound").asString()).isEqualTo("AT_LEAST");
  }

  @Test
  void aDraftRemembersTheVersionItWasWorkedOnFrom() {
    Http.Answer started = start("Branched cakes", "100 g sugar");
    String id = started.body().get("id").asString();
    String first = keep(id, started.tag(), "first").body().get("id").asString();
    String body =
        named("Branched cakes", Drafts.of("120 g sugar"))
            .replaceFirst("\\}$", ",\"parentId\":\"" + first + "\"}");
    Http.Answer saved =
        Http.send("PUT", "/api/recipes/" + id + "/draft", body, "If-Match", "\"1\"");
    assertThat(saved.body().get("parentId").asString()).isEqualTo(first);
    JsonNode second = keep(id, saved.tag(), "second").body();
    assertThat(second.get("number").asInt()).isEqualTo(2);
    assertThat(second.get("parentId").asString()).isEqualTo(first);
    assertThat(second.at("/changes/0").asString())
        .isEqualTo("sugar, white, granulated 100 → 120 g");
    String foreign = body.replace(first, "nowhere");
    assertThat(
            Http.send("PUT", "/api/recipes/" + id + "/draft", foreign, "If-Match", saved.tag())
                .body()
                .at("/fields/0/field")
                .asString())
        .isEqualTo("parentId");
  }
}
