package honeststack.app.measuring;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class MeasuringApiTest {

  private static JsonNode grams(String line) {
    return Http.send("POST", "/api/figures", Drafts.json(Drafts.of(line)))
        .body()
        .at("/lines/0/understood/grams");
  }

  /** Both parts in the root of their squares, JCGM 100:2008, 5.1.2. */
  @Test
  void aChangedRowCountsAtOnceAndGoesBack() {
    double before = grams("1 tbsp teff flour").get("u").asDouble();
    JsonNode changed =
        Http.send("PUT", "/api/doubt/TABLESPOON", "{\"shared\":0.3,\"perUse\":0.4}").body();
    try {
      assertThat(changed)
          .anyMatch(
              row ->
                  row.get("way").asString().equals("TABLESPOON")
                      && row.get("changed").asBoolean()
                      && row.get("shippedShared").asDouble() == 0.03);
      JsonNode now = grams("1 tbsp teff flour");
      assertThat(now.get("u").asDouble())
          .isCloseTo(0.5 * now.get("value").asDouble(), within(1e-9));
      assertThat(Http.send("PUT", "/api/doubt/TABLESPOON", "{\"shared\":-1,\"perUse\":0}").status())
          .isEqualTo(400);
      assertThat(Http.send("PUT", "/api/doubt/PLONK", "{\"shared\":1,\"perUse\":0}").status())
          .isEqualTo(400);
    } finally {
      Http.send("DELETE", "/api/doubt", null);
    }
    assertThat(grams("1 tbsp teff flour").get("u").asDouble()).isCloseTo(before, within(1e-12));
  }

  private static JsonNode energy(JsonNode figures) {
    return figures
        .get("figures")
        .valueStream()
        .filter(f -> f.get("basis").asString().equals("AS_SERVED"))
        .filter(f -> f.get("component").asString().equals("ENERC"))
        .findFirst()
        .orElseThrow();
  }

  /** The doubt of food tables counts at once; a kept version stays on the one it was kept with. */
  @Test
  void theDoubtOfFoodTablesLeavesKeptVersionsAlone() {
    String draft = Drafts.json(Drafts.of("1000 g teff flour"));
    Http.Answer started =
        Http.send("POST", "/api/recipes", Drafts.named("Doubted", Drafts.of("1000 g teff flour")));
    String versions = "/api/recipes/" + started.body().get("id").asString() + "/versions";
    String kept =
        Http.send("POST", versions, "{\"reason\":\"x\"}", "If-Match", started.tag())
            .body()
            .get("id")
            .asString();
    double before =
        energy(Http.get("/api/versions/" + kept).body().get("figures")).get("u").asDouble();
    Http.send("PUT", "/api/doubt/TABLE_VALUE", "{\"shared\":0.25,\"perUse\":0}");
    try {
      JsonNode now = energy(Http.send("POST", "/api/figures", draft).body());
      assertThat(now.get("u").asDouble()).isGreaterThan(0.25 * now.get("value").asDouble());
      assertThat(
              energy(Http.get("/api/versions/" + kept).body().get("figures")).get("u").asDouble())
          .isCloseTo(before, within(1e-12));
    } finally {
      Http.send("DELETE", "/api/doubt/TABLE_VALUE", null);
    }
  }

  private static Http.Answer weigh(String line, String weight) {
    return Http.send(
        "POST", "/api/weighings", "{\"line\":\"" + line + "\",\"weight\":\"" + weight + "\"}");
  }

  /** Two halves and one cup, 96, 100 and 104 g the cup: mean 100, s 4; u² = (4/√3)² + 4². */
  @Test
  void fromThreeWeighingsOnTheCooksOwnCupCounts() {
    weigh("1/2 cup millet flour, sifted", "48 g");
    double table = grams("1 cup millet flour, sifted").get("value").asDouble();
    assertThat(table).isNotCloseTo(100, within(1.0));
    weigh("1 cup millet flour, sifted", "100 g");
    JsonNode constants = weigh("1/2 cup millet flour, sifted", "52 g").body();
    JsonNode own = grams("1 cup millet flour, sifted");
    assertThat(own.get("value").asDouble()).isCloseTo(100, within(1e-9));
    assertThat(own.get("u").asDouble()).isCloseTo(Math.hypot(4 / Math.sqrt(3), 4), within(1e-9));
    JsonNode kept =
        constants
            .valueStream()
            .filter(c -> c.get("foodId").asString().equals("millet-flour"))
            .findFirst()
            .orElseThrow();
    assertThat(kept.get("words").asString())
        .isEqualTo("your cup of millet flour, sifted: 100 g ± 8, from 3 weighings");
    String id = kept.at("/weighings/0/id").asString();
    assertThat(Http.send("DELETE", "/api/weighings/" + id, null).status()).isEqualTo(204);
    assertThat(grams("1 cup millet flour, sifted").get("value").asDouble())
        .isCloseTo(table, within(1e-9));
    assertThat(Http.send("DELETE", "/api/weighings/" + id, null).status()).isEqualTo(404);
  }

  @Test
  void onlyALevelFillingCanBeKept() {
    assertThat(weigh("100 g millet flour", "100 g").body().get("detail").asString())
        .contains("100 g millet flour");
    assertThat(weigh("1 cup millet flour", "much").status()).isEqualTo(400);
    assertThat(weigh("1 cup millet flour", "0 g").status()).isEqualTo(400);
  }
}
