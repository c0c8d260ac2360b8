package honeststack.app.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftPreparation;
import honeststack.core.food.Role;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class PreparationsApiTest {

  private static Draft preparation(String weight, String cup, String... bowl) {
    Draft eaten = Drafts.of(bowl);
    return new Draft(
        Draft.Kind.PREPARATION,
        eaten.system(),
        eaten.bowl(),
        eaten.griddle(),
        eaten.plate(),
        null,
        new DraftPreparation(Role.ADD_IN, false, weight, cup));
  }

  /** Starts a recipe and keeps its first version. */
  private static JsonNode kept(String name, Draft draft) {
    return Shelf.version(Shelf.kept(name, draft));
  }

  private static double energy(JsonNode figures, String basis) {
    return Figured.value(figures, basis, "ENERC");
  }

  private static JsonNode figures(Draft draft, String recipeId) {
    return Http.send("POST", "/api/figures?recipe=" + recipeId, Drafts.json(draft)).body();
  }

  /**
   * 200 g of rhubarb and 100 g of white sugar cooked to 250 g; the table's energies, 21 and 387
   * kcal in 100 g (USDA SR 09307 and 19335, from memory), give 429 kcal in 250 g.
   */
  @Test
  void aKeptPreparationIsAFoodWithItsOwnCupAndFigures() {
    String name = "ember compote " + UUID.randomUUID();
    JsonNode version = kept(name, preparation("250 g", "240 g", "200 g rhubarb", "100 g sugar"));
    assertThat(energy(version.get("figures"), "PER_100G_FINISHED"))
        .isCloseTo(429 / 2.5, within(1e-6));

    JsonNode cup = figures(Drafts.of("1 cup " + name, "100 g wheat flour"), "");
    JsonNode line = cup.at("/lines/0");
    assertThat(line.get("food").asString()).isEqualTo(name);
    assertThat(line.at("/grams/value").asDouble()).isCloseTo(240, within(1e-6));

    JsonNode cakes = kept("Cakes with " + name, Drafts.of("250 g " + name, "100 g wheat flour"));
    double then = energy(cakes.get("figures"), "AS_SERVED");
    assertThat(then).isCloseTo((429 + 364) / 10.0, within(1e-6));
    JsonNode again = Http.get("/api/versions/" + cakes.get("id").asString()).body();
    assertThat(energy(again.get("figures"), "AS_SERVED")).isCloseTo(then, within(1e-9));
    assertThat(again.at("/figures/lines/0").has("allergens")).isFalse();
  }

  /** Wheat bran: 216 kcal by its own factors, 358 by 4, 9 and 4 (USDA SR 20077, from memory). */
  @Test
  void aPreparationIsHeldAgainstTheGeneralFactorsToo() {
    JsonNode bran = figures(preparation("", "", "100 g wheat bran", "100 g water"), "");
    assertThat(bran.get("findings").toString())
        .contains("By the general factors")
        .contains("most of it from wheat bran");
  }

  /** Nuts are strained as nuts are; of whey it is said that nothing more is known. */
  @Test
  void whatIsStrainedSaysHow() {
    String drink = Drafts.json(preparation("", "", "120 g hazelnuts", "500 g plain yogurt"));
    String strained =
        drink.replaceAll("(\"text\":\"[^\"]*(nuts|yogurt)\")", "$1,\"strained\":\"55 %\"");
    assertThat(strained).isNotEqualTo(drink);
    JsonNode answer = Http.send("POST", "/api/figures", strained).body();
    assertThat(answer.get("findings").toString())
        .contains("Of the fibre of the hazelnuts, 10 % are taken to go through")
        .contains("out of the yogurt, plain");
  }

  @Test
  void aChangedPreparationLeavesKeptVersionsAndNamesThem() {
    String name = "mill drink " + UUID.randomUUID();
    JsonNode first = kept(name, preparation("", "", "100 g milk"));
    String recipe = first.get("recipeId").asString();
    JsonNode cakes = kept("Cakes with " + name, Drafts.of("100 g " + name, "100 g wheat flour"));
    double then = energy(cakes.get("figures"), "AS_SERVED");

    Draft sweeter = preparation("", "", "50 g milk", "50 g sugar");
    Shelf.kept(Shelf.saved(Shelf.now(recipe), name, sweeter));

    JsonNode now = Http.get("/api/versions/" + cakes.get("id").asString()).body();
    assertThat(energy(now.get("figures"), "AS_SERVED")).isCloseTo(then, within(1e-9));
    assertThat(now.at("/newer/0").asString()).isEqualTo(name);
    JsonNode uses = Http.get("/api/recipes/" + recipe + "/uses").body();
    assertThat(uses.at("/0/recipeName").asString()).isEqualTo("Cakes with " + name);
    assertThat(uses.at("/0/current").asBoolean()).isFalse();
    assertThat(Http.send("DELETE", "/api/recipes/" + recipe, null).status()).isEqualTo(409);
    // What the cakes hold of it now: 30 + 193 kcal in 100 g, not 61.
    JsonNode recomputed =
        figures(Drafts.of("100 g " + name, "100 g wheat flour"), cakes.get("recipeId").asString());
    assertThat(energy(recomputed, "AS_SERVED") - then)
        .isCloseTo((30.5 + 193.5 - 61) / 10, within(1e-6));
  }

  /** Milk in a custard in a filling, each kept: 61 kcal in 100 g all the way (USDA SR 01077). */
  @Test
  void preparationsInPreparationsAreFoundAgainAndRenamed() {
    String id = UUID.randomUUID().toString();
    JsonNode custard = kept("beck custard " + id, preparation("", "", "100 g whole milk"));
    JsonNode filling = kept("beck filling " + id, preparation("", "", "50 g beck custard " + id));
    assertThat(energy(filling.get("figures"), "PER_100G_FINISHED")).isCloseTo(61, within(1e-9));
    JsonNode cakes = kept("Beck cakes " + id, Drafts.of("100 g beck filling " + id, "1 egg"));
    JsonNode again = Http.get("/api/versions/" + cakes.get("id").asString()).body();
    assertThat(energy(again.get("figures"), "AS_SERVED"))
        .isCloseTo(energy(cakes.get("figures"), "AS_SERVED"), within(1e-9));
    JsonNode uses = Http.get("/api/recipes/" + custard.get("recipeId").asString() + "/uses").body();
    assertThat(uses).hasSize(2);
    assertThat(uses).allMatch(use -> use.get("current").asBoolean());

    String recipe = custard.get("recipeId").asString();
    JsonNode before = Shelf.version(cakes.get("id").asString());
    Draft custardDraft = preparation("", "", "100 g whole milk");
    Shelf.saved(Shelf.now(recipe), "ghyll custard " + id, custardDraft);
    JsonNode found = figures(Drafts.of("100 g ghyll custard " + id), "");
    assertThat(found.at("/lines/0/food").asString()).startsWith("ghyll custard");
    assertThat(Shelf.version(cakes.get("id").asString())).isEqualTo(before);
    JsonNode gone = figures(Drafts.of("100 g beck custard " + id), "");
    assertThat(gone.at("/lines/0/problem").asString()).contains("beck custard");
  }

  @Test
  void aWeightOrACupThatCannotBeIsSaid() {
    JsonNode answer = figures(preparation("0 g", "heavy", "100 g whole milk"), "");
    assertThat(answer.get("problems"))
        .anyMatch(p -> p.get("field").asString().equals("finish.weight"))
        .anyMatch(
            p ->
                p.get("field").asString().equals("finish.cupWeighs")
                    && p.get("offending").asString().equals("heavy"));
  }

  /** Two comparisons of one kept compote share its batch; the difference is what changed. */
  @Test
  void versionsWithAPreparationStandSideBySide() {
    String name = "scar compote " + UUID.randomUUID();
    kept(name, preparation("", "", "1 cup rhubarb", "1/2 cup sugar"));
    JsonNode a = kept("Scar cakes a", Drafts.of("100 g " + name, "200 g wheat flour"));
    JsonNode b = kept("Scar cakes b", Drafts.of("100 g " + name, "210 g wheat flour"));
    String items =
        "[{\"recomputed\":false,\"versionId\":\"%s\"},{\"recomputed\":false,\"versionId\":\"%s\"}]"
            .formatted(a.get("id").asString(), b.get("id").asString());
    JsonNode beside =
        Http.send("POST", "/api/compare", "{\"mode\":\"SAME_BOWL\",\"items\":" + items + "}")
            .body();
    JsonNode energy = beside.at("/against/0/differences/0");
    assertThat(energy.get("value").asDouble()).isCloseTo(3.64, within(1e-6));
    assertThat(energy.get("causes")).hasSize(1);
    assertThat(energy.get("u").asDouble()).isLessThan(0.5);
  }

  @Test
  void aPreparationIsNotPutIntoItself() {
    String compote = "loop compote " + UUID.randomUUID();
    String syrup = "loop syrup " + UUID.randomUUID();
    JsonNode inner = kept(compote, preparation("", "", "100 g rhubarb"));
    kept(syrup, preparation("", "", "100 g " + compote, "100 g sugar"));
    JsonNode refused =
        figures(preparation("", "", "50 g " + syrup), inner.get("recipeId").asString());
    assertThat(refused.at("/lines/0/problem").asString()).contains(syrup + " → " + compote);
  }

  /** A cup of a compote, weighed with a scale, is written with grams like any line. */
  @Test
  void aScaleTakesTheLineOfAPreparation() {
    String name = "gable compote " + UUID.randomUUID();
    kept(name, preparation("", "240 g", "200 g rhubarb"));
    JsonNode line =
        Http.send(
                "POST",
                "/api/lines/weighed",
                "{\"grams\":180,\"text\":" + Drafts.json("1 cup " + name) + "}")
            .body();
    assertThat(line.get("text").asString()).isEqualTo("180 g " + name);
    Http.Answer weighed =
        Http.send(
            "POST",
            "/api/weighings",
            "{\"weight\":\"236 g\",\"line\":" + Drafts.json("1 cup " + name) + "}");
    assertThat(weighed.status()).as(weighed.body().toString()).isEqualTo(201);
  }

  /** Hazelnuts are nuts of trees, however deep inside. */
  @Test
  void whatIsInsideIsSaidOutside() {
    String name = "ridge cream " + UUID.randomUUID();
    kept(name, preparation("", "", "50 g hazelnuts", "50 g whole milk"));
    JsonNode line = figures(Drafts.of("20 g " + name), "").at("/lines/0");
    assertThat(line.get("allergens"))
        .anyMatch(one -> one.asString().equals("hazelnut"))
        .anyMatch(one -> one.asString().equals("tree nuts"))
        .anyMatch(one -> one.asString().equals("milk"));
  }
}
