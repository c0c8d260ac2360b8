package honeststack.app.compare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.app.Drafts;
import honeststack.app.Http;
import honeststack.app.RunningApplication;
import honeststack.app.Shelf;
import honeststack.app.draft.Draft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningApplication.class)
class CompareApiTest {

  private static Http.Answer compare(String mode, String... items) {
    return Http.send(
        "POST",
        "/api/compare",
        "{\"mode\":\"" + mode + "\",\"items\":[" + String.join(",", items) + "]}");
  }

  private static String kept(String id) {
    return "{\"recomputed\":false,\"versionId\":\"" + id + "\"}";
  }

  private static String sent(Draft draft) {
    return "{\"recomputed\":false,\"draft\":" + Drafts.json(draft) + "}";
  }

  /** 100 → 130 g of sugar at 3.87 kcal/g, one of ten pieces: 11.61 kcal; butter for oil besides. */
  @Test
  void aKeptVersionAgainstADraft() {
    String id =
        Shelf.kept("Compared", Drafts.of("100 g white sugar", "50 g sunflower oil", "1 egg"));
    JsonNode answer =
        compare(
                "SAME_BOWL",
                kept(id),
                sent(Drafts.of("130 g white sugar", "50 g unsalted butter", "1 egg")))
            .body();
    JsonNode against = answer.at("/against/0");
    assertThat(against.at("/changes/0").asString())
        .isEqualTo("sugar, white, granulated 100 → 130 g");
    assertThat(against.at("/changes/1").asString()).isEqualTo("butter, unsalted for sunflower oil");
    JsonNode energy = against.at("/differences/0");
    assertThat(energy.at("/causes/0/effect").asDouble()).isCloseTo(11.61, within(1e-9));
    assertThat(energy.at("/causes/1/kind").asString()).isEqualTo("SWAP");
    assertThat(energy.at("/causes/1/effect").asDouble()).isCloseTo(-8.35, within(1e-9));
    assertThat(energy.at("/value").asDouble()).isCloseTo(3.26, within(1e-9));
    assertThat(answer.at("/lines/1/cells/0/food").asString()).isEqualTo("sunflower oil");
    assertThat(answer.at("/lines/1/cells/1/food").asString()).isEqualTo("butter, unsalted");
    assertThat(answer.get("sides")).hasSize(2);
  }

  @Test
  void theModesAnswerTheSameValueWithOtherNoise() {
    String one = sent(Drafts.of("1 cup flour", "2 tbsp sugar"));
    String other = sent(Drafts.of("1 cup flour", "3 tbsp sugar"));
    JsonNode same = compare("SAME_BOWL", one, other).body().at("/against/0/differences/0");
    JsonNode two = compare("TWO_BATCHES", one, other).body().at("/against/0/differences/0");
    assertThat(same.get("value").asDouble()).isEqualTo(two.get("value").asDouble());
    assertThat(same.get("u").asDouble()).isLessThan(two.get("u").asDouble());
    assertThat(same.get("words").asString()).isEqualTo("a real difference");
    assertThat(two.get("words").asString()).isEqualTo("within the noise of how you measured");
  }

  /** Nothing in the larder has changed since, so recomputing changes nothing. */
  @Test
  void aKeptVersionIsRecomputedBesideItself() {
    String id = Shelf.kept("Recomputed", Drafts.of("1 cup rye flour", "2 eggs"));
    JsonNode against =
        compare("SAME_BOWL", kept(id), kept(id).replace("false", "true")).body().at("/against/0");
    assertThat(against.get("changes")).isEmpty();
    for (JsonNode difference : against.get("differences")) {
      assertThat(difference.get("value").asDouble()).isCloseTo(0, within(1e-9));
      assertThat(difference.get("real").asBoolean()).isFalse();
      assertThat(difference.get("causes")).isEmpty();
    }
  }

  @Test
  void whatCannotBeComparedIsSaid() {
    String good = sent(Drafts.of("100 g sugar"));
    assertThat(compare("SAME_BOWL", good).status()).isEqualTo(400);
    assertThat(compare("SAME_BOWL", good, kept("nowhere")).body().get("detail").asString())
        .contains("nowhere");
    assertThat(compare("SAME_BOWL", good, "{\"recomputed\":false}").status()).isEqualTo(400);
    Http.Answer empty = compare("SAME_BOWL", good, sent(Drafts.of("a glug of plonk")));
    assertThat(empty.status()).isEqualTo(409);
    assertThat(empty.body().get("detail").asString()).contains("The draft");
    assertThat(compare("SIDEWAYS", good, good).body().at("/fields/0/offending").asString())
        .isEqualTo("SIDEWAYS");
  }

  @Test
  void aKeptVersionSaysWhatItChanged() {
    for (JsonNode entry : Http.get("/api/versions").body()) {
      if (entry.get("reason").asString().equals("Half the oil, skim milk")) {
        JsonNode version = Shelf.version(entry.get("id").asString());
        assertThat(version.get("changes").get(0).asString())
            .isEqualTo("milk, skim for milk, whole (350 → 380 mL)");
        assertThat(version.at("/changes/1").asString()).isEqualTo("sunflower oil 60 → 30 mL");
        return;
      }
    }
    throw new AssertionError("the demo's waffles are not on the shelf");
  }

  /** What one side does not know is not taken for a difference. */
  @Test
  void whatIsNotInTheNumbersTravels() {
    JsonNode answer =
        compare(
                "SAME_BOWL",
                sent(Drafts.of("100 g sugar")),
                sent(Drafts.of("100 g sugar", "a glug of plonk")))
            .body();
    JsonNode energy = answer.at("/against/0/differences/0");
    assertThat(energy.get("bound").asString()).isEqualTo("AT_LEAST");
    assertThat(energy.get("real").asBoolean()).isFalse();
    assertThat(answer.at("/lines/1/cells/1/text").asString()).isEqualTo("a glug of plonk");
  }

  /** 100 g of oats hold 10.6 g of fibre, white flour 2.7 (USDA SR, from memory). */
  @Test
  void bothSidesAreCountedInOneSchool() {
    String asked =
        "{\"mode\":\"SAME_BOWL\",\"shown\":{\"carbohydrate\":\"AVAILABLE\"},\"items\":["
            + sent(Drafts.of("100 g plain flour"))
            + ","
            + sent(Drafts.of("100 g rolled oats"))
            + "]}";
    JsonNode answer = Http.send("POST", "/api/compare", asked).body();
    JsonNode difference =
        answer
            .at("/against/0/differences")
            .valueStream()
            .filter(one -> one.get("measurand").asString().equals("CARBOHYDRATE_AVAILABLE"))
            .findFirst()
            .orElseThrow();
    double total = difference.get("value").asDouble();
    JsonNode sides = answer.get("sides");
    for (JsonNode side : sides) {
      assertThat(side.at("/figures/measurands/2/tag").asString())
          .isEqualTo("CARBOHYDRATE_AVAILABLE");
    }
    assertThat(total).isCloseTo((67.7 - 10.1 - (76.31 - 2.7)) / 10, within(0.15));
  }
}
