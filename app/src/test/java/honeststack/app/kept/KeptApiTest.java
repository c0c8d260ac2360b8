package honeststack.app.kept;

import static honeststack.app.Drafts.named;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.Shelf.OnShelf;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class KeptApiTest {

  private static OnShelf start(String name, String... bowl) {
    return Shelf.start(name, Drafts.of(bowl));
  }

  /** Starts a recipe with a body that no draft of the tests writes. */
  private static OnShelf started(String body) {
    Http.Answer started = Http.send("POST", "/api/recipes", body);
    assertThat(started.status()).as(started.body().toString()).isEqualTo(201);
    return new OnShelf(started.body().get("id").asString(), started.tag());
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
      Http.Answer kept =
          Shelf.keep(started("{\"name\":\"Crag cakes\",\"draft\":" + wrong + "}"), "once");
      assertThat(kept.status()).as(wrong).isEqualTo(400);
      assertThat(kept.body().at("/fields/0/field").asString())
          .isIn("griddle.pieces", "griddle.discarded", "plate.pieces");
    }
  }

  @Test
  void savingNeedsTheRevisionThatWasRead() {
    OnShelf started = start("Ember cakes", "100 g sugar");
    OnShelf saved = Shelf.saved(started, "Ember cakes", Drafts.of("120 g sugar"));
    assertThat(saved.tag()).isEqualTo("\"2\"");

    String mine = named("Mine", Drafts.of("130 g sugar"));
    Http.Answer stale = Shelf.save(started, mine);
    assertThat(stale.status()).isEqualTo(412);
    assertThat(stale.body().at("/current/draft/bowl/0/text").asString()).isEqualTo("120 g sugar");
    assertThat(Http.send("PUT", started.path() + "/draft", mine).status()).isEqualTo(428);
    assertThat(Shelf.save(new OnShelf(started.id(), "soon"), mine).body().get("detail").asString())
        .contains("soon");
    assertThat(Http.get(started.path()).body().get("name").asString()).isEqualTo("Ember cakes");
  }

  @Test
  void aKeptVersionHasTheFiguresOfItsDraft() {
    String[] bowl = {"1 cup rye flour", "1 cup milk", "2 eggs"};
    OnShelf started = start("Pinned cakes", bowl);
    JsonNode kept = Shelf.version(Shelf.kept(started)).get("figures");
    JsonNode now = Figured.of(Drafts.of(bowl));
    assertThat(kept).isEqualTo(now);
    Http.Answer again = Shelf.keep(Shelf.now(started.id()), "again");
    assertThat(again.body().get("detail").asString())
        .contains("Nothing has changed since version 1");
    assertThat(Shelf.keep(started, "on an old revision").status()).isEqualTo(412);
  }

  /** Names, values, allergens, a removed food: nothing that happens to a food reaches it. */
  @Test
  void aKeptVersionStaysWhateverHappensToItsFoods() {
    String name = "fell powder " + UUID.randomUUID();
    String form =
        """
        {"name":%s,"role":"FLOUR","liquid":false,"allergens":["MILK"],"mayContain":[],
         "origins":[],"added":[],"names":[],"measures":[{"measure":"cup","qualifier":"","grams":90,
         "graded":false,"usual":false}],"values":{"ENERC":"300","FAT":"2"},"doubt":2,
         "source":"typed in","number":"","remark":""}"""
            .formatted(Drafts.json(name));
    Http.Answer food = Http.send("POST", "/api/foods?insist=true", form);
    assertThat(food.status()).as(food.body().toString()).isEqualTo(201);
    String path = "/api/foods/" + food.body().get("id").asString();
    String kept = Shelf.kept("Fell cakes", Drafts.of("1 cup " + name, "2 eggs"));
    JsonNode before = Shelf.version(kept);
    String changed =
        form.replace("fell powder", "scree powder")
            .replace("\"300\"", "\"380\"")
            .replace("MILK", "SOY")
            .replace("90", "130");
    Http.Answer saved = Http.send("PUT", path + "?insist=true", changed, "If-Match", food.tag());
    assertThat(saved.status()).as(saved.body().toString()).isEqualTo(200);
    JsonNode after = Shelf.version(kept);
    assertThat(after.get("figures")).isEqualTo(before.get("figures"));
    assertThat(after.at("/newer/0").asString()).isEqualTo(name);
    assertThat(Http.send("DELETE", path, null, "If-Match", saved.tag()).status()).isEqualTo(204);
    assertThat(Shelf.version(kept).get("figures")).isEqualTo(before.get("figures"));
    String trail = "/api/versions/" + kept + "/trail?basis=AS_SERVED&of=ENERC";
    assertThat(Http.get(trail).body().at("/parts/0/food").asString()).isEqualTo(name);
  }

  /** Many readers at once of one version see the same. */
  @Test
  void aKeptVersionIsReadByManyAtOnce() {
    String kept =
        Shelf.kept("Read cakes", Drafts.of("2 cups rye flour", "1 cup milk", "2 eggs", "some oil"));
    JsonNode once = Shelf.version(kept);
    String item = "{\"recomputed\":false,\"versionId\":\"" + kept + "\"}";
    String beside = "{\"mode\":\"SAME_BOWL\",\"items\":[" + item + "," + item + "]}";
    JsonNode compared = Http.send("POST", "/api/compare", beside).body();
    IntStream.range(0, 64)
        .parallel()
        .forEach(
            i -> {
              assertThat(Shelf.version(kept)).isEqualTo(once);
              assertThat(Http.send("POST", "/api/compare", beside).body()).isEqualTo(compared);
            });
  }

  @Test
  void nothingIsKeptOfAnEmptyBowlAndNothingFoundIsSaid() {
    OnShelf empty = start("Empty", "a glug of plonk");
    assertThat(Shelf.keep(empty, "why not").status()).isEqualTo(409);
    assertThat(Shelf.keep(empty, " ").status()).isEqualTo(400);
    assertThat(Shelf.version("nowhere").get("detail").asString()).contains("nowhere");
    Http.Answer nameless = Http.send("POST", "/api/recipes", named(" ", Drafts.of("1 egg")));
    assertThat(nameless.body().at("/fields/0/field").asString()).isEqualTo("name");
    assertThat(Http.send("DELETE", empty.path(), null).status()).isEqualTo(204);
    assertThat(Http.get(empty.path()).status()).isEqualTo(404);
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
    JsonNode then = Shelf.version(Shelf.kept("Whole cakes", draft)).get("figures");
    assertThat(then).isEqualTo(Figured.of(draft));
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
    JsonNode then = Shelf.version(Shelf.kept(started(body)));
    assertThat(then.at("/draft/bowl/0/adjustments/0/text").asString()).isEqualTo("+20 g");
    assertThat(then.at("/draft/bowl/1/off").asBoolean()).isTrue();
    assertThat(then.at("/figures/lines/0/amount").asString()).isEqualTo("100 g + 20 g");
    assertThat(then.at("/figures/lines/1/off").asBoolean()).isTrue();
    assertThat(then.at("/figures/without/0").asString()).isEqualTo("honey");
    // 120 g of sugar in ten pieces, 46.4 kcal in one, and a tenth of 50 g of skyr of 64 kcal.
    JsonNode energy = Figured.served(then.get("figures"), "ENERC");
    assertThat(energy.get("value").asDouble()).isCloseTo(387 * 1.2 / 10 + 64 * 0.05, within(1e-9));
    assertThat(energy.get("bound").asString()).isEqualTo("AT_LEAST");
  }

  @Test
  void aDraftRemembersTheVersionItWasWorkedOnFrom() {
    OnShelf started = start("Branched cakes", "100 g sugar");
    String first = Shelf.kept(started);
    String body =
        named("Branched cakes", Drafts.of("120 g sugar"))
            .replaceFirst("\\}$", ",\"parentId\":\"" + first + "\"}");
    Http.Answer saved = Shelf.save(Shelf.now(started.id()), body);
    assertThat(saved.status()).isEqualTo(200);
    assertThat(Http.get(started.path()).body().get("parentId").asString()).isEqualTo(first);
    JsonNode second = Shelf.version(Shelf.kept(Shelf.now(started.id())));
    assertThat(second.get("number").asInt()).isEqualTo(2);
    assertThat(second.get("parentId").asString()).isEqualTo(first);
    assertThat(second.at("/changes/0").asString())
        .isEqualTo("sugar, white, granulated 100 → 120 g");
    Http.Answer foreign = Shelf.save(Shelf.now(started.id()), body.replace(first, "nowhere"));
    assertThat(foreign.body().at("/fields/0/field").asString()).isEqualTo("parentId");
  }
}
