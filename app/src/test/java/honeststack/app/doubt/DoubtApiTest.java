package honeststack.app.doubt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.draft.Draft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class DoubtApiTest {

  private static JsonNode grams(String line) {
    return Http.send("POST", "/api/figures", Drafts.json(Drafts.of(line)))
        .body()
        .at("/lines/0/grams");
  }

  /** Both parts in the root of their squares, JCGM 100:2008, 5.1.2. */
  @Test
  void aChangedRowCountsAtOnceAndGoesBack() {
    double before = grams("1 tbsp teff flour").get("u").asDouble();
    JsonNode changed =
        Http.send("PUT", "/api/doubt/uncertainties/TABLESPOON", "{\"shared\":0.3,\"perUse\":0.4}")
            .body();
    try {
      assertThat(changed.get("uncertainties"))
          .anyMatch(
              row ->
                  row.get("way").asString().equals("TABLESPOON")
                      && row.get("changed").asBoolean()
                      && row.get("shippedShared").asDouble() == 0.03);
      JsonNode now = grams("1 tbsp teff flour");
      assertThat(now.get("u").asDouble())
          .isCloseTo(0.5 * now.get("value").asDouble(), within(1e-9));
      assertThat(
              Http.send(
                      "PUT", "/api/doubt/uncertainties/TABLESPOON", "{\"shared\":-1,\"perUse\":0}")
                  .status())
          .isEqualTo(400);
      assertThat(
              Http.send("PUT", "/api/doubt/uncertainties/PLONK", "{\"shared\":1,\"perUse\":0}")
                  .status())
          .isEqualTo(400);
    } finally {
      Http.send("DELETE", "/api/doubt", null);
    }
    assertThat(grams("1 tbsp teff flour").get("u").asDouble()).isCloseTo(before, within(1e-12));
  }

  /**
   * 100 g of rum of 33.4 g of alcohol in 100 g (USDA SR 14037, from memory), at 6.93 kcal/g: with
   * 0.4 of it kept, what is cooked lacks 0.6 of 231 kcal; what is raw lacks nothing.
   */
  @Test
  void alcoholBoilsOffAtTheGriddleAsFarAsIsSaid() {
    Draft flamed = Drafts.of("200 g plain flour", "100 g rum");
    JsonNode before = Figured.of(flamed);
    assertThat(before.get("findings").toString()).contains("33 g of alcohol are counted");
    put("factors/ALCOHOL_KEPT", "{\"value\":0.4}");
    try {
      JsonNode now = Figured.of(flamed);
      double less =
          Figured.value(before, "WHOLE_BATCH", "ENERC")
              - Figured.value(now, "WHOLE_BATCH", "ENERC");
      assertThat(less).isCloseTo(0.6 * 33.4 * 6.93, within(0.5));
      assertThat(Figured.value(now, "PER_100G_RAW", "ENERC"))
          .isEqualTo(Figured.value(before, "PER_100G_RAW", "ENERC"));
      assertThat(now.get("findings").toString()).contains("40 % are taken to stay");
    } finally {
      Http.send("DELETE", "/api/doubt", null);
    }
  }

  /** Every row of every table counts, and a version that was kept before it does not move. */
  @Test
  void aKeptVersionStaysWhateverIsChanged() {
    String[] bowl = {
      "2 cups plain flour",
      "1 rounded tbsp sugar",
      "1 heaped tsp cinnamon",
      "some milk",
      "2 eggs",
      "2 tbsp rum"
    };
    JsonNode tables = Http.get("/api/doubt").body();
    String kept = Shelf.kept("Doubted cakes", Drafts.of(bowl));
    JsonNode before = Shelf.version(kept);
    double then = Figured.served(before.get("figures"), "ENERC").get("u").asDouble();
    try {
      for (JsonNode row : tables.get("uncertainties")) {
        put("uncertainties/" + row.get("way").asString(), "{\"shared\":0.25,\"perUse\":0.1}");
      }
      for (JsonNode row : tables.get("usual")) {
        put("usual/" + row.get("key").asString(), "{\"value\":7}");
      }
      for (JsonNode row : tables.get("factors")) {
        String key = row.get("key").asString();
        put("factors/" + key, key.equals("ALCOHOL_KEPT") ? "{\"value\":0.5}" : "{\"value\":1.9}");
      }
      JsonNode now = Figured.served(Figured.of(Drafts.of(bowl)), "ENERC");
      assertThat(now.get("u").asDouble()).isGreaterThan(1.5 * then);
      assertThat(Shelf.version(kept)).isEqualTo(before);
    } finally {
      Http.send("DELETE", "/api/doubt", null);
    }
    assertThat(Http.get("/api/doubt").body()).isEqualTo(tables);
  }

  private static void put(String path, String body) {
    assertThat(Http.send("PUT", "/api/doubt/" + path, body).status()).as(path).isEqualTo(200);
  }

  /** A factor of 0 would take away what was measured; a usual amount of 0 says nothing. */
  @Test
  void whatCannotBeIsRefusedAndQuoted() {
    for (JsonNode row : Http.get("/api/doubt").body().get("factors")) {
      for (String wrong : new String[] {"0", "-1", "1000"}) {
        Http.Answer refused =
            Http.send(
                "PUT",
                "/api/doubt/factors/" + row.get("key").asString(),
                "{\"value\":" + wrong + "}");
        assertThat(refused.status()).as(row + " " + wrong).isEqualTo(400);
        assertThat(refused.body().toString()).contains(wrong);
      }
    }
    assertThat(Http.send("PUT", "/api/doubt/usual/PAN_FAT", "{\"value\":-3}").status())
        .isEqualTo(400);
  }

  private static Http.Answer weigh(String line, String weight) {
    return Http.send(
        "POST", "/api/weighings", "{\"line\":\"" + line + "\",\"weight\":\"" + weight + "\"}");
  }

  /**
   * Two halves and one cup, 96, 100 and 104 g the cup: mean 100, s 4. The next cup lies within t s
   * √(1 + 1/3), t = 4.3027 for 2 degrees of freedom (two-sided 95 %, JCGM 100:2008, table G.2); of
   * that, half is the standard uncertainty that is shown doubled.
   */
  @Test
  void fromThreeWeighingsOnTheCooksOwnCupCounts() {
    weigh("1/2 cup millet flour, sifted", "48 g");
    double table = grams("1 cup millet flour, sifted").get("value").asDouble();
    assertThat(table).isNotCloseTo(100, within(1.0));
    weigh("1 cup millet flour, sifted", "100 g");
    JsonNode constants = weigh("1/2 cup millet flour, sifted", "52 g").body();
    JsonNode own = grams("1 cup millet flour, sifted");
    assertThat(own.get("value").asDouble()).isCloseTo(100, within(1e-9));
    assertThat(own.get("u").asDouble())
        .isCloseTo(4.3027 / 2 * 4 * Math.sqrt(1 + 1 / 3.0), within(2e-2));
    JsonNode kept =
        constants
            .valueStream()
            .filter(c -> c.get("foodId").asString().equals("millet-flour"))
            .findFirst()
            .orElseThrow();
    assertThat(kept.get("words").asString())
        .isEqualTo("your cup of millet flour, sifted: 100 g ± 17, from 3 weighings");
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

  /** A cup of canola oil weighs 218 g, a tablespoon 14 g (USDA SR 04582, from memory). */
  @Test
  void aJugIsNearerToACupThanToASpoon() {
    assertThat(grams("225 ml canola oil").get("value").asDouble())
        .isCloseTo(218 * 225 / 236.588, within(0.1));
    assertThat(grams("15 ml canola oil").get("value").asDouble())
        .isCloseTo(14 * 15 / 14.787, within(0.1));
  }
}
