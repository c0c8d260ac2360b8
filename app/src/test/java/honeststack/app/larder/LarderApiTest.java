package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class LarderApiTest {

  @Test
  void aFoodShowsItsCompositionMeasuresAndOrigin() {
    JsonNode butter = Http.get("/api/foods?query=unsalted%20butter&most=1").body().at("/foods/0");
    assertThat(butter.get("id").asString()).isEqualTo("butter");
    // USDA SR 01145 (from memory): 717 kcal in 100 g, a tablespoon 14.2 g.
    assertThat(butter.at("/per100g/0/amount").asDouble()).isEqualTo(717);
    assertThat(butter.get("measures"))
        .anyMatch(
            m ->
                m.get("words").asString().equals("1 US tbsp") && m.get("grams").asDouble() == 14.2);
    assertThat(butter.at("/provenance/number").asString()).isEqualTo("01145");
    assertThat(butter.at("/allergens/0").asString()).isEqualTo("milk");
    assertThat(butter.get("names")).anyMatch(n -> n.asString().equals("melted butter"));
  }

  @Test
  void foodsAreFoundByRoleAndByNamesOfBothSidesOfTheOcean() {
    assertThat(Http.get("/api/foods?role=EGG&most=1000").body().get("foods")).hasSizeGreaterThan(5);
    assertThat(Http.get("/api/foods?query=courgette").body().at("/foods/0/id").asString())
        .isEqualTo("zucchini");
    assertThat(Http.get("/api/foods?query=icing%20sugar").body().at("/foods/0/id").asString())
        .isEqualTo("sugar-icing");
    assertThat(Http.get("/api/foods").body().get("total").asInt()).isGreaterThan(250);
    assertThat(Http.get("/api/foods?role=PLONK").status()).isEqualTo(400);
  }

  @Test
  void theyComeInPages() {
    JsonNode all = Http.get("/api/foods?most=1000").body();
    assertThat(all.get("foods")).hasSize(100);
    JsonNode page = Http.get("/api/foods?from=95&most=10").body();
    assertThat(page.get("total")).isEqualTo(all.get("total"));
    assertThat(page.at("/foods/0")).isEqualTo(all.at("/foods/95"));
    assertThat(page.at("/foods/9/name").asString())
        .isGreaterThan(page.at("/foods/0/name").asString());
    assertThat(Http.get("/api/foods?from=100000").body().get("foods")).isEmpty();
  }

  /** A food without nuts of trees is without hazelnuts too. */
  @Test
  void withoutAGroupIsWithoutItsMembers() {
    for (int from = 0; from < 300; from += 100) {
      String page = "/api/foods?without=TREE_NUT&most=100&from=" + from;
      assertThat(Http.get(page).body().get("foods"))
          .noneMatch(food -> food.get("id").asString().matches("hazelnuts|almonds|walnuts"));
    }
    assertThat(Http.get("/api/foods?query=hazelnuts&most=1").body().at("/foods/0/allergens"))
        .anyMatch(one -> one.asString().equals("tree nuts"));
  }
}
