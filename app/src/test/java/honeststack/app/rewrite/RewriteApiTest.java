package honeststack.app.rewrite;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class RewriteApiTest {

  private static Http.Answer scale(String wanted, String... bowl) {
    return Http.send(
        "POST", "/api/scale", "{\"draft\":" + Drafts.json(Drafts.of(bowl)) + "," + wanted + "}");
  }

  private static String wanted(String factor, String pieces, String batter, String piece) {
    return "\"factor\":\"%s\",\"pieces\":\"%s\",\"batter\":\"%s\",\"piece\":\"%s\""
        .formatted(factor, pieces, batter, piece);
  }

  private static String line(JsonNode adjusted, int index) {
    return adjusted.at("/draft/bowl/" + index + "/text").asString();
  }

  @Test
  void timesOneAndAHalfOffersWholeEggs() {
    JsonNode more =
        scale(wanted("1 1/2", "", "", ""), "200 g plain flour", "1 large egg", "1/2 tsp salt")
            .body();
    assertThat(line(more, 0)).isEqualTo("300 g plain flour");
    assertThat(line(more, 1)).isEqualTo("1½ large egg");
    assertThat(line(more, 2)).isEqualTo("¾ tsp salt");
    assertThat(more.at("/draft/griddle/pieces").asInt()).isEqualTo(15);
    assertThat(more.at("/eggs/0/factor").asDouble()).isEqualTo(1);
    assertThat(more.at("/eggs/1/factor").asDouble()).isEqualTo(2);
    assertThat(more.at("/eggs/1/words").asString()).contains("× 2 instead of × 1½");
  }

  /** 500 g of batter: for 750 g, 1½ times; for 20 pieces of ten, twice; for 12 of 50 g, 1.2. */
  @Test
  void toABatterToPiecesAndFromAPieceSize() {
    String[] bowl = {"300 g plain flour", "200 g whole milk"};
    assertThat(scale(wanted("", "", "750 g", ""), bowl).body().get("factor").asDouble())
        .isCloseTo(1.5, within(1e-9));
    assertThat(scale(wanted("", "20", "", ""), bowl).body().get("factor").asDouble())
        .isCloseTo(2, within(1e-9));
    JsonNode sized = scale(wanted("", "12", "", "50 g"), bowl).body();
    assertThat(line(sized, 0)).isEqualTo("360 g plain flour");
    assertThat(sized.at("/draft/griddle/pieces").asInt()).isEqualTo(12);
    assertThat(scale(wanted("lots", "", "", ""), bowl).body().at("/fields/0/problem").asString())
        .contains("lots");
    assertThat(scale(wanted("0", "", "", ""), bowl).status()).isEqualTo(400);
  }

  /** The figures of a recipe in grams are those that it had in cups. */
  @Test
  void gramsKeepTheFigures() {
    String draft = Drafts.json(Drafts.of("2 cups plain flour, spooned", "1 cup whole milk"));
    JsonNode grams =
        Http.send("POST", "/api/convert", "{\"to\":\"GRAMS\",\"draft\":" + draft + "}").body();
    // USDA SR household measures (from memory): a spooned cup of white flour 125 g, of milk 244 g.
    assertThat(line(grams, 0)).isEqualTo("250 g plain flour, spooned");
    assertThat(line(grams, 1)).isEqualTo("244 g whole milk");
    JsonNode back =
        Http.send(
                "POST",
                "/api/convert",
                "{\"to\":\"KITCHEN\",\"draft\":" + grams.get("draft").toString() + "}")
            .body();
    assertThat(line(back, 1)).isEqualTo("1 cup whole milk");
  }

  @Test
  void aPastedRecipeComesBackForReview() {
    String text =
        "For the batter:\\n200 g plain flour\\nzest and juice of 2 limes\\n1 cup moon dust";
    JsonNode lines =
        Http.send("POST", "/api/lines", "{\"system\":\"US\",\"text\":\"" + text + "\"}").body();
    JsonNode told = lines;
    assertThat(told.get("lines")).hasSize(4);
    assertThat(told.at("/lines/1/text").asString()).isEqualTo("zest of 2 limes");
    assertThat(told.at("/lines/2/reading/food").asString()).isEqualTo("lime juice");
    assertThat(told.at("/lines/3/reading/problem").asString()).contains("moon dust");
    assertThat(told.at("/marks/0/part").asString()).isEqualTo("HEADING");
  }

  /** A line of a draft that means several foods is never counted in part. */
  @Test
  void aLineThatMeansSeveralIsNotCountedInPart() {
    JsonNode figures = Figured.of(Drafts.of("200 g plain flour", "2 eggs and 1 cup whole milk"));
    assertThat(figures.at("/lines/1/state").asString()).isEqualTo("REFUSED");
    assertThat(figures.at("/lines/1/several").asBoolean()).isTrue();
    assertThat(Figured.served(figures, "ENERC").get("bound").asString()).isNotEqualTo("COMPLETE");
  }

  /**
   * Half a piece is served, but no half came out of the pan: it is refused, not counted as none.
   */
  @Test
  void halfAPieceIsNotCountedAway() {
    String draft = Drafts.json(Drafts.of("200 g plain flour"));
    String half = draft.replaceFirst("\"pieces\":10,", "\"pieces\":9.5,");
    assertThat(half).contains("9.5");
    Http.Answer answer = Http.send("POST", "/api/figures", half);
    assertThat(answer.status()).isEqualTo(400);
    assertThat(answer.body().toString()).contains("9.5");
  }

  /** What a line excludes is not taken for it: vegan butter is no butter. */
  @Test
  void whatIsExcludedIsNotCounted() {
    JsonNode figures =
        Figured.of(
            Drafts.of("2 tbsp vegan butter", "1 cup dairy-free milk", "3 slices vegan bacon"));
    assertThat(figures.at("/lines/0/allergens").toString()).doesNotContain("milk");
    assertThat(figures.at("/lines/1/allergens").toString()).doesNotContain("milk");
    assertThat(figures.at("/lines/2/state").asString()).isEqualTo("REFUSED");
  }

  @Test
  void whatIsNotMeasuredStandsApart() {
    JsonNode figures = Figured.of(Drafts.of("200 g plain flour", "honey", "a pinch of salt"));
    assertThat(figures.at("/lines/1/food").asString()).isEqualTo("honey");
    // USDA SR (from memory): a tablespoon of honey 21 g, 304 kcal in 100 g: 6.4 kcal in a tenth.
    assertThat(figures.at("/lines/1/would").asString())
        .contains("tablespoon (21 g) would add 6 kcal");
    assertThat(figures.get("without")).anyMatch(w -> w.asString().equals("honey"));
    assertThat(Figured.served(figures, "ENERC").get("bound").asString()).isEqualTo("AT_LEAST");
    // Honey has no fat (USDA SR 19296, from memory), however much of it there is.
    assertThat(Figured.served(figures, "FAT").has("bound")).isFalse();
  }

  private static String rewritten(String path, String body) {
    Http.Answer answer = Http.send("POST", "/api/lines/" + path, body);
    assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
    return answer.body().get("text").asString();
  }

  private static String weighed(String text) {
    return rewritten("weighed", "{\"grams\":153.6,\"text\":" + Drafts.json(text) + "}");
  }

  /** What a scale shows takes the place of what was said, whatever that was. */
  @Test
  void aScaleWritesItsGramsIntoALine() {
    assertThat(weighed("1 1/2 cups rye flour, spooned")).isEqualTo("154 g rye flour, spooned");
    assertThat(weighed("rye flour")).isEqualTo("154 g rye flour");
    assertThat(weighed("½ kg rye flour")).isEqualTo("154 g rye flour");
    assertThat(weighed("moon dust")).isEqualTo("154 g moon dust");
  }

  @Test
  void howACupWasFilledIsWrittenIntoALine() {
    String cup = Drafts.json("1 cup rye flour, scooped");
    assertThat(rewritten("packed", "{\"packing\":\"spooned\",\"text\":" + cup + "}"))
        .contains("spooned")
        .doesNotContain("scooped");
    assertThat(rewritten("packed", "{\"packing\":\"\",\"text\":" + cup + "}"))
        .doesNotContain("scooped");
    assertThat(
            Http.send("POST", "/api/lines/packed", "{\"packing\":\"thrown\",\"text\":" + cup + "}")
                .body()
                .toString())
        .contains("thrown");
  }
}
