package honeststack.app.figures;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.app.Drafts;
import honeststack.app.Figured;
import honeststack.app.RunningApplication;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What a person who knows the foods would say of them. */
@ExtendWith(RunningApplication.class)
class PromisesApiTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "100 g chickpea flour|PLANTS_ONLY|YES|",
        "100 g chickpea flour|NO_GLUTEN|YES|",
        "100 g rye flour|NO_GLUTEN|NO|rye flour",
        "90 g rolled oats|NO_GLUTEN|NO|oats",
        "90 g gluten-free rolled oats|NO_GLUTEN|YES|",
        "1 tbsp honey|PLANTS_ONLY|NO|honey",
        "1 tbsp honey|NO_ADDED_SUGAR|NO|honey",
        "200 ml buttermilk|NO_MILK|NO|buttermilk",
        "20 g ghee|NO_MILK|NO|ghee",
        "3 egg whites|NO_EGG|NO|egg white",
        "2 tbsp chickpea brine|NO_EGG|YES|",
        "30 g ground hazelnuts|NO_NUTS|NO|hazelnut",
        "2 tbsp tahini|NO_SESAME|NO|tahini",
        "250 ml soy drink|NO_SOY|NO|soy",
        "1 banana|NO_ADDED_SUGAR|YES|",
        "1 tsp salt|NO_ADDED_SALT|NO|salt",
        "2 tsp baking powder|NO_ADDED_SALT|YES|",
        "20 g butter|NO_ADDED_FAT|NO|butter",
        "1 cup of moonflour|NO_EGG|NOT_KNOWN|moonflour"
      })
  void promises(String line, String promise, String standing, String decides) {
    JsonNode held = null;
    for (JsonNode one : Figured.of(Drafts.of(line)).get("promises")) {
      held = one.get("promise").asString().equals(promise) ? one : held;
    }
    assertThat(held).isNotNull();
    assertThat(held.get("standing").asString()).as(held.toString()).isEqualTo(standing);
    if (decides != null) {
      assertThat(held.get("decides").asString()).contains(decides);
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"30 g xylitol|dogs", "1 tbsp honey|infants", "40 g erythritol|gut"})
  void cautions(String line, String words) {
    assertThat(Figured.of(Drafts.of(line)).get("cautions").toString()).contains(words);
  }
}
