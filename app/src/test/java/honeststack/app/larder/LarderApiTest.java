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
    JsonNode butter = Http.get("/api/foods?query=unsalted%20butter&most=1").body().get(0);
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
    assertThat(Http.get("/api/foods?role=EGG&most=1000").body()).hasSizeGreaterThan(5);
    assertThat(Http.get("/api/foods?query=courgette").body().at("/0/id").asString())
        .isEqualTo("zucchini");
    assertThat(Http.get("/api/foods?query=icing%20sugar").body().at("/0/id").asString())
        .isEqualTo("sugar-icing");
    assertThat(Http.get("/api/foods?most=1000").body().size()).isGreaterThan(150);
    assertThat(Http.get("/api/foods?role=PLONK").status()).isEqualTo(400);
  }
}
