package honeststack.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Recipes of linked data in the shapes that its vocabulary allows; all made up. */
class ToldTest {
  private static final JsonMapper JSON = new JsonMapper();

  private static Told told(String recipe) {
    JsonNode data = JSON.readTree("{\"@type\":\"Recipe\"," + recipe + "}");
    return Told.of(Told.recipe(data).orElseThrow());
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"recipeYield\":8 | Makes 8",
        "\"recipeYield\":[\"6\",\"6 cakes\"] | Makes 6",
        "\"recipeYield\":\"Serves 4\" | Serves 4",
        "\"recipeYield\":{\"@type\":\"QuantitativeValue\",\"value\":12,\"unitText\":\"cakes\"} | Makes 12 cakes",
        "\"yield\":\"makes 9\" | makes 9"
      })
  void aYieldIsReadHoweverItIsWritten(String yield, String line) {
    assertThat(told(yield).text().lines()).contains(line);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"recipeInstructions\":\"Whisk.\\nFry.\" | 2",
        "\"recipeInstructions\":[\"Whisk.\",\"Fry.\",\"Serve.\"] | 3",
        "\"recipeInstructions\":{\"@type\":\"ItemList\",\"itemListElement\":[{\"text\":\"Whisk.\"},{\"text\":\"Fry.\"}]} | 2",
        "\"recipeInstructions\":[{\"@type\":\"HowToStep\",\"name\":\"Whisk.\"}] | 1",
        "\"recipeInstructions\":\"<ol><li>Whisk.</li><li>Fry.</li></ol>\" | 1"
      })
  void stepsAreFoundWhereverTheyStand(String steps, long count) {
    assertThat(told(steps).text().lines().filter(line -> line.matches("\\d+\\. .*")))
        .hasSize((int) count);
  }

  @Test
  void ingredientsOfTheOldNameAndOneAloneCount() {
    assertThat(told("\"ingredients\":[\"2 eggs\",\"\",\"  250 g   milk \"]").text().lines())
        .contains("2 eggs", "250 g milk");
    assertThat(told("\"recipeIngredient\":\"3 eggs\"").text().lines()).contains("3 eggs");
  }

  @Test
  void theRecipeIsFoundInsideOtherThings() {
    String inside =
        "{\"@type\":\"WebPage\",\"mainEntity\":{\"@type\":\"https://schema.org/Recipe\",\"name\":\"In\"}}";
    assertThat(Told.recipe(JSON.readTree(inside))).isPresent();
    assertThat(Told.recipe(JSON.readTree("{\"@type\":\"RecipeBook\"}"))).isEmpty();
    String deep = "{\"a\":".repeat(40) + "{\"@type\":\"Recipe\"}" + "}".repeat(40);
    assertThat(Told.recipe(JSON.readTree(deep))).as("nobody nests so deep").isEmpty();
  }

  /** Whatever stands where, something is said or nothing; it never fails. */
  @Test
  void anyDataCanBeLookedInto() {
    Random random = new Random(7);
    for (int i = 0; i < 2000; i++) {
      Told told =
          told(
              "\"name\":"
                  + some(random, 0)
                  + ",\"recipeYield\":"
                  + some(random, 0)
                  + ",\"recipeIngredient\":"
                  + some(random, 0)
                  + ",\"recipeInstructions\":"
                  + some(random, 0));
      assertThat(told.text()).contains("Ingredients");
    }
  }

  private static String some(Random random, int depth) {
    return switch (depth > 4 ? random.nextInt(4) : random.nextInt(6)) {
      case 0 -> "null";
      case 1 -> String.valueOf(random.nextInt(100));
      case 2 -> "\"<b>word & " + random.nextInt(9) + "</b>\\n\"";
      case 3 -> "true";
      case 4 -> "[" + some(random, depth + 1) + "," + some(random, depth + 1) + "]";
      default ->
          "{\""
              + new String[] {"text", "value", "itemListElement", "name"}[random.nextInt(4)]
              + "\":"
              + some(random, depth + 1)
              + "}";
    };
  }
}
