package honeststack.app.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/**
 * What stays of alcohol by heat and time: the table of the US Department of Agriculture on nutrient
 * retention, from memory; between its times a straight line. 100 g of rum hold 33.4 g of it (USDA
 * SR 14037, from memory), at 6.93 kcal/g.
 */
@ExtendWith(RunningApplication.class)
class AlcoholApiTest {
  private static final double HELD = 33.4;

  private static String draft(String heated, String... bowl) {
    return Drafts.json(Drafts.of(bowl))
        .replace(
            "\"panFatLeft\":\"\"",
            "\"panFatLeft\":\"\",\"making\":{\"heated\":\"" + heated + "\"}");
  }

  private static JsonNode figures(String draft) {
    return Http.send("POST", "/api/figures?also=ALC", draft).body();
  }

  @ParameterizedTest
  @CsvSource({
    "simmered 15 min, 0.40",
    "simmer for 30 minutes, 0.35",
    "1 hour, 0.25",
    "1½ h, 0.20",
    "2 h, 0.10",
    "5 hours, 0.05",
    "off the heat, 0.85",
    "flambéed, 0.75",
    "soaked overnight, 0.70",
    "baked 25 min, 0.45",
    "5 min on the griddle, 0.70",
    "7.5 min, 0.625",
    "'', 1",
  })
  void byHeatAndTime(String heated, double share) {
    JsonNode all = figures(draft(heated, "200 g plain flour", "100 g rum"));
    assertThat(Figured.value(all, "WHOLE_BATCH", "ALC")).isCloseTo(share * HELD, within(0.02));
    assertThat(Figured.value(all, "PER_100G_RAW", "ALC")).isCloseTo(HELD / 3, within(0.02));
    double u = Figured.figure(all, "WHOLE_BATCH", "ALC").get("u").asDouble();
    assertThat(u).isBetween(share < 1 ? 0.1 * HELD : 0, 0.12 * HELD);
    assertThat(all.at("/makeup/alcohol").asDouble()).isCloseTo(HELD, within(0.02));
  }

  @Test
  void whatSaysNeitherIsRefusedInItsFieldAndAllIsCounted() {
    JsonNode answer = figures(draft("a good while", "200 g plain flour", "100 g rum"));
    JsonNode problem = answer.at("/problems/0");
    assertThat(problem.get("field").asString()).isEqualTo("griddle.heated");
    assertThat(problem.get("offending").asString()).isEqualTo("a good while");
    assertThat(problem.get("accepted").asString()).contains("simmered 15 min");
    assertThat(Figured.value(answer, "WHOLE_BATCH", "ALC")).isCloseTo(HELD, within(0.02));
    assertThat(figures(draft("flamed", "200 g plain flour")).get("makeup").has("alcohol"))
        .isFalse();
  }

  /** A syrup of 100 g of rum and 100 g of sugar, simmered until 120 g are left, and then kept. */
  @Test
  void aPreparationLosesItBeforeItIsWeighedAndWhereItIsUsed() {
    String syrup =
        draft("simmered 15 min", "100 g rum", "100 g white sugar")
            .replace("PANCAKE", "PREPARATION")
            .replaceFirst(
                "\\}$",
                ",\"preparation\":{\"role\":\"SUGAR\",\"liquid\":true,\"weight\":\"120 g\","
                    + "\"cupWeighs\":\"\"}}");
    JsonNode done = figures(syrup);
    double energy = (387 + 231 - 0.6 * HELD * 6.93) / 1.2;
    assertThat(Figured.value(done, "PER_100G_FINISHED", "ENERC")).isCloseTo(energy, within(1.0));
    assertThat(Figured.value(done, "PER_100G_FINISHED", "ALC"))
        .isCloseTo(0.4 * HELD / 1.2, within(0.02));

    Shelf.kept("Bothy rum syrup", Drafts.read(syrup));
    JsonNode used = figures(Drafts.json(Drafts.of("60 g Bothy rum syrup")));
    assertThat(Figured.value(used, "WHOLE_BATCH", "ENERC")).isCloseTo(0.6 * energy, within(1.0));
  }
}
