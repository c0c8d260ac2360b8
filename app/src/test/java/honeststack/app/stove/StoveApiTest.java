package honeststack.app.stove;

import static honeststack.app.Figured.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** From a portion to pieces, from steps to a plan, through the door that pages take. */
@ExtendWith(RunningApplication.class)
class StoveApiTest {
  private static final JsonMapper JSON = new JsonMapper();

  /** The handbook's plain pancake (USDA SR, from memory): see HandbookPancakeTest. */
  private static ObjectNode handbook() {
    return (ObjectNode)
        JSON.readTree(
            Drafts.json(
                Drafts.of(
                    "125 g all-purpose flour",
                    "12.5 g sugar",
                    "9.2 g baking powder",
                    "3 g salt",
                    "244 g whole milk",
                    "50 g egg",
                    "27.2 g sunflower oil")));
  }

  private static ObjectNode portioned(String portion) {
    ObjectNode draft = handbook();
    ObjectNode griddle = (ObjectNode) draft.get("griddle");
    griddle.putNull("pieces");
    griddle.putObject("making").put("portion", portion);
    return draft;
  }

  private static JsonNode figures(ObjectNode draft) {
    return Http.send("POST", "/api/figures", draft.toString()).body();
  }

  /**
   * Handbook servings (from memory): a pancake 4 inches across weighs about 38 g; a round waffle 7
   * inches across, of batter poured 4 mm thick over its pattern, about 75 g.
   */
  @ParameterizedTest
  @CsvSource({"4 in × 6 mm, PANCAKE, false, 38", "7 in × 4 mm, WAFFLE, true, 75"})
  void aCakeOfTheHandbooksSizeWeighsAboutWhatItSays(
      String portion, String kind, boolean crisp, double grams) {
    ObjectNode draft = portioned(portion);
    draft.put("kind", kind);
    ((ObjectNode) draft.at("/griddle/making")).put("crisp", crisp);
    JsonNode cooked = figures(draft).at("/yield/cookedPiece");
    assertThat(grams).isBetween(cooked.get("low").asDouble(), cooked.get("high").asDouble());
    assertThat(cooked.get("value").asDouble()).isCloseTo(grams, within(0.15 * grams));
  }

  @Test
  void figuresWorkFromWhatIsForetoldAndSaySo() {
    JsonNode foretold = figures(portioned("¼ cup"));
    assertThat(foretold.at("/yield/counted").asBoolean()).isFalse();
    double pieces = foretold.at("/yield/pieces/value").asDouble();
    assertThat(pieces).isBetween(7.0, 9.5);
    assertThat(foretold.get("findings").toString()).contains("Nobody counted yet");
    double all = value(foretold, "WHOLE_BATCH", "ENERC");
    assertThat(value(foretold, "PER_PIECE", "ENERC")).isCloseTo(all / pieces, within(0.01));
    ObjectNode counted = portioned("¼ cup");
    ((ObjectNode) counted.get("griddle")).put("pieces", 8);
    JsonNode then = figures(counted);
    assertThat(value(then, "PER_PIECE", "ENERC")).isCloseTo(all / 8, within(0.01));
    assertThat(then.at("/yield/balance/batter").asDouble()).isCloseTo(470.9, within(0.1));
    assertThat(then.get("findings").toString()).doesNotContain("Nobody counted");
  }

  @Test
  void severalServingsOfOneBatch() {
    ObjectNode draft = handbook();
    ObjectNode plate = (ObjectNode) draft.get("plate");
    var others = plate.putArray("others");
    others.addObject().put("name", "child").put("amount", "1½");
    others.addObject().put("name", "all").put("amount", "all of it");
    others.addObject().put("name", "wrong").put("amount", "heaps");
    JsonNode answer = figures(draft);
    double one = value(answer, "PER_PIECE", "ENERC");
    assertThat(answer.at("/servings/0/figures/0/value").asDouble())
        .isCloseTo(1.5 * one, within(1e-6));
    assertThat(answer.at("/servings/1/figures/0/value").asDouble())
        .isCloseTo(10 * one, within(1e-6));
    assertThat(answer.get("servings")).hasSize(2);
    assertThat(answer.at("/problems/0/field").asString()).isEqualTo("plate.others.2");
    assertThat(answer.at("/problems/0/offending").asString()).isEqualTo("heaps");
  }

  @Test
  void stepsAreReadAndAMorningIsPlanned() {
    ObjectNode draft = handbook();
    var method = draft.putArray("method");
    method.add("Whisk flour and baking powder, 4 minutes");
    method.add("Rest 1 hour");
    method.add("Fry 2 minutes a side, until the rim looks dull");
    JsonNode read = Http.send("POST", "/api/method", draft.toString()).body();
    assertThat(read.at("/steps/0/lines")).hasSize(2);
    assertThat(read.at("/steps/1/stage").asString()).isEqualTo("REST");
    assertThat(read.at("/roundMinutes").asDouble()).isEqualTo(4);
    assertThat(read.get("advice").toString()).contains("lose their gas");
    assertThat(read.get("cautions").toString()).contains("raw egg");

    ObjectNode asked = JSON.createObjectNode();
    asked.set("draft", draft);
    asked
        .put("eaters", 24)
        .put("done", 0)
        .put("heating", 8)
        .put("serving", 540)
        .put("mixed", false);
    asked.putArray("pans").addObject().put("name", "griddle").put("pieces", 6).put("minutes", 4);
    JsonNode plan = Http.send("POST", "/api/plan", asked.toString()).body();
    assertThat(plan.get("rounds").asInt()).isEqualTo(4);
    assertThat(plan.get("start").asDouble()).isEqualTo(540 - 16 - 64);
    assertThat(plan.get("batches").asDouble()).isEqualTo(2.4);
    assertThat(plan.at("/words/0").asString()).contains("Begin at 7:40", "ready at 9:00");
    asked.put("now", 8 * 60);
    JsonNode late = Http.send("POST", "/api/plan", asked.toString()).body();
    assertThat(late.at("/words/0").asString()).contains("20 minutes later");
    asked.put("serving", -1);
    assertThat(Http.send("POST", "/api/plan", asked.toString()).status()).isEqualTo(400);
  }
}
