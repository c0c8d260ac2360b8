package honeststack.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class FiguresApiTest {

  /**
   * 100 g of sugar (387 kcal) and 100 g of butter (717 kcal, 0.06 g carbohydrate) in ten pieces.
   */
  @Test
  void aDraftInAllFiguresOut() {
    JsonNode answer = Figured.of(Drafts.of("100 g white sugar", "100 g unsalted butter"));
    assertThat(Figured.served(answer, "ENERC").get("value").asDouble())
        .isCloseTo(110.4, within(1e-9));
    assertThat(answer.at("/parts/1/values/2").asDouble()).isCloseTo(0.006, within(1e-9));
    assertThat(answer.at("/parts/0/shares/0").asDouble()).isCloseTo(387 / 1104.0, within(1e-4));
    assertThat(answer.at("/lines/" + answer.at("/parts/1/line").asInt() + "/food").asString())
        .isEqualTo("butter, unsalted");
  }

  /** The bases that are asked for, alike to what all of them would be; the others by name. */
  @Test
  void onlyTheBasesThatAreShownAreSent() {
    String draft = Drafts.json(Drafts.of("100 g white sugar", "100 g unsalted butter"));
    JsonNode all = Http.send("POST", "/api/figures", draft).body();
    JsonNode some =
        Http.send("POST", "/api/figures?bases=PER_PIECE,PER_100G_FINISHED", draft).body();
    assertThat(some.get("bases")).hasSize(1);
    assertThat(some.get("bases").get(0))
        .isEqualTo(
            all.get("bases")
                .valueStream()
                .filter(basis -> basis.get("basis").asString().equals("PER_PIECE"))
                .findFirst()
                .orElseThrow());
    assertThat(some.get("offered")).isEqualTo(all.get("offered"));
    assertThat(all.get("bases")).hasSameSizeAs(all.get("offered"));
    assertThat(Http.send("POST", "/api/figures?bases=PER_MOON", draft).status()).isEqualTo(400);
  }

  /** Its trail is asked for alone, and says what the doubt is made of. */
  @Test
  void aFigureHasATrail() {
    String draft = Drafts.json(Drafts.of("100 g white sugar", "100 g unsalted butter"));
    JsonNode trail = Http.send("POST", "/api/figures/trail?basis=AS_SERVED&of=ENERC", draft).body();
    assertThat(trail.at("/figure/value").asDouble()).isCloseTo(110.4, within(1e-9));
    assertThat(trail.at("/parts/0/value").asDouble()).isCloseTo(38.7, within(1e-9));
    assertThat(trail.at("/parts/1/per100g").asDouble()).isEqualTo(717);
    double shares = 0;
    for (JsonNode source : trail.get("budget")) {
      shares += source.get("share").asDouble();
    }
    assertThat(shares).isCloseTo(1, within(0.02));
    assertThat(trail.at("/budget/0/words").asString()).isEqualTo("uneven pieces");
    Http.Answer unknown = Http.send("POST", "/api/figures/trail?basis=AS_SERVED&of=PLONK", draft);
    assertThat(unknown.status()).isEqualTo(400);
    assertThat(unknown.body().at("/fields/0/offending").asString()).isEqualTo("PLONK");
  }

  /** White flour has 11.92 g of water in 100 g, water 99.90 g: USDA SR 20081 and 14411. */
  @Test
  void howWetTheBatterIs() {
    JsonNode wet = Figured.of(Drafts.of("100 g plain flour", "100 g water")).get("makeup");
    assertThat(wet.at("/water/value").asDouble()).isCloseTo((11.92 + 99.9) / 2, within(1e-9));
    assertThat(wet.at("/liquidPerFlour/value").asDouble()).isEqualTo(1);
    JsonNode open = Figured.of(Drafts.of("100 g plain flour", "some milk")).get("makeup");
    assertThat(open.has("water")).isFalse();
  }

  @Test
  void aNonsenseLineIsRefusedInPlaceWithHelp() {
    JsonNode answer = Figured.of(Drafts.of("100 g white sugar", "2 cups bukweat flour"));
    JsonNode line = answer.at("/lines/1");
    assertThat(line.get("problem").asString()).contains("bukweat flour");
    assertThat(line.at("/nearest/0/foodId").asString()).isEqualTo("buckwheat-flour");
    assertThat(answer.at("/findings/0").asString()).contains("2 cups bukweat flour");
    assertThat(Figured.served(answer, "ENERC").get("bound").asString()).isEqualTo("AT_LEAST");
  }

  @Test
  void badRequestsAreProblemDocumentsThatQuote() {
    String good = Drafts.json(Drafts.of("100 g white sugar"));
    Http.Answer badKind = Http.send("POST", "/api/figures", good.replace("PANCAKE", "CREPE"));
    assertThat(badKind.status()).isEqualTo(400);
    assertThat(badKind.contentType()).startsWith("application/problem+json");
    assertThat(badKind.body().at("/fields/0/field").asString()).isEqualTo("kind");
    assertThat(badKind.body().at("/fields/0/offending").asString()).isEqualTo("CREPE");
    assertThat(badKind.body().at("/fields/0/accepted").asString()).contains("WAFFLE");

    Http.Answer badNumber =
        Http.send("POST", "/api/figures", good.replace("\"pieces\":10", "\"pieces\":\"many\""));
    assertThat(badNumber.body().at("/fields/0/field").asString()).isEqualTo("griddle.pieces");
    assertThat(badNumber.body().at("/fields/0/offending").asString()).isEqualTo("many");

    Http.Answer noBowl = Http.send("POST", "/api/figures", "{\"kind\":\"PANCAKE\"}");
    assertThat(noBowl.status()).isEqualTo(400);
    assertThat(noBowl.body().get("fields")).anyMatch(f -> f.get("field").asString().equals("bowl"));

    assertThat(Http.send("POST", "/api/figures", "{").status()).isEqualTo(400);
    Http.Answer twice =
        Http.send("POST", "/api/figures", good.replace("\"id\":\"pan\"", "\"id\":\"bowl-0\""));
    assertThat(twice.body().get("detail").asString()).contains("bowl-0");
  }

  /**
   * 100 g of cocoa are 228 kcal by its own factors, and 4 · 19.6 + 9 · 13.7 + 4 · 57.9 = 433 by the
   * general ones; 100 g of flour 364 and 355 (USDA SR, from memory). In one of ten pieces 20.5
   * more.
   */
  @Test
  void energyIsHeldAgainstTheGeneralFactors() {
    String cocoa =
        Figured.of(Drafts.of("100 g cocoa powder", "100 g plain flour")).get("findings").toString();
    assertThat(cocoa)
        .contains("33 % more than by the food tables")
        .contains("cocoa")
        .contains("+21 kcal");
    assertThat(Figured.of(Drafts.of("100 g plain flour")).get("findings").toString())
        .doesNotContain("general factors");
  }

  /**
   * 100 g of white flour hold 10.33 g of protein, 0.98 of fat and 76.31 of carbohydrate, of which
   * 2.7 is fibre (USDA SR 20081, from memory); 20 g of xylitol are all polyol. One of ten pieces.
   * The EU's way (1169/2011, annex XIV): 4 · 73.61 + 2 · 2.7 + 4 · 10.33 + 9 · 0.98 + 2.4 · 20 =
   * 398 kcal; net: 76.31 − 2.7 + 20 − 20 / 2 = 83.61 g.
   */
  @Test
  void theTallyCountsAsTheChosenSchoolDoes() {
    String draft = Drafts.json(Drafts.of("100 g plain flour", "20 g xylitol"));
    JsonNode eu =
        Http.send("POST", "/api/figures?energy=EU&carbohydrate=NET&pictured=CHOCDF", draft).body();
    assertThat(Figured.value(eu, "AS_SERVED", "ENERGY_EU")).isCloseTo(39.798, within(0.01));
    assertThat(Figured.value(eu, "AS_SERVED", "CARBOHYDRATE_NET")).isCloseTo(8.361, within(0.01));
    assertThat(eu.get("measurands")).hasSize(5);
    assertThat(eu.get("energySchool").asString()).contains("the EU's factors");
    assertThat(eu.get("carbohydrateSchool").asString()).contains("net");
    assertThat(eu.at("/pictured/0").asString()).isEqualTo("ENERGY_EU");
    assertThat(eu.at("/parts/0/values")).hasSize(1);
    assertThat(eu.at("/parts/0/values/0").asDouble()).isCloseTo(34.998, within(0.01));

    JsonNode dry = Http.send("POST", "/api/figures?carbohydrate=AVAILABLE", draft).body();
    assertThat(Figured.value(dry, "AS_SERVED", "CARBOHYDRATE_AVAILABLE"))
        .isCloseTo(9.361, within(0.01));
  }

  @ParameterizedTest
  @CsvSource({
    "energy=ATWATER, energy, ATWATER, GENERAL",
    "bases=PER_PLATE, bases, PER_PLATE, AS_SERVED",
    "also=PLONK, also, PLONK, FIBTG",
  })
  void aWordOfAnAddressThatIsNoneIsQuoted(
      String query, String field, String offending, String accepted) {
    Http.Answer refused =
        Http.send("POST", "/api/figures?" + query, Drafts.json(Drafts.of("100 g plain flour")));
    assertThat(refused.status()).isEqualTo(400);
    JsonNode problem = refused.body().at("/fields/0");
    assertThat(problem.get("field").asString()).isEqualTo(field);
    assertThat(problem.get("offending").asString()).isEqualTo(offending);
    assertThat(problem.get("accepted").asString()).contains(accepted);
    assertThat(refused.body().toString()).doesNotContain("honeststack");
  }
}
