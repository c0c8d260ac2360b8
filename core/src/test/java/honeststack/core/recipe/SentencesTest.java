package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a line that nobody measured would add, with the numbers of the test foods. */
class SentencesTest {
  private static String would(TestRecipes recipe, Station station) {
    return recipe.read().lines().stream()
        .filter(NotMeasured.class::isInstance)
        .map(NotMeasured.class::cast)
        .filter(line -> line.station() == station)
        .findFirst()
        .orElseThrow()
        .would();
  }

  /** Two of ten pieces are a fifth: 10 g of sugar with 40 kcal bring 8 to a serving. */
  @Test
  void toAServing() {
    TestRecipes recipe =
        TestRecipes.bowl("200 g flour", "sugar, to taste")
            .pieces(10, Portioning.LADLE)
            .serving(2, "");
    assertThat(would(recipe, Station.BOWL))
        .isEqualTo(
            "Not in the numbers: each tablespoon (13 g) would add 10 kcal, each 10 g would add 8"
                + " kcal to a serving.");
  }

  @Test
  void toAllOfIt() {
    Recipe whole = TestRecipes.bowl("200 g flour", "butter, as needed").recipe();
    Recipe uncounted =
        new Recipe(
            whole.system(),
            whole.bowl(),
            new Recipe.AtTheGriddle(
                Optional.empty(), 0, Portioning.LADLE, "", Optional.empty(), ""),
            new Recipe.OnThePlate(Optional.empty(), java.util.List.of()));
    NotMeasured butter =
        (NotMeasured) honeststack.core.TestFoods.kitchen().read(uncounted).lines().get(1);
    assertThat(butter.would())
        .isEqualTo("Not in the numbers: each 10 g would add 72 kcal to all of it.");
  }

  /** A topping goes whole to its serving. */
  @Test
  void onThePlate() {
    TestRecipes recipe = TestRecipes.bowl("200 g flour").serving(2, "oil, to taste");
    assertThat(would(recipe, Station.PLATE))
        .isEqualTo(
            "Not in the numbers: each tablespoon (14 g) would add 126 kcal, each 10 g would add 90"
                + " kcal to a serving.");
  }

  /** Common practice: 5 g for eight pieces, so 6.25 g for ten, anything up to twice that. */
  @Test
  void inThePan() {
    TestRecipes recipe = TestRecipes.bowl("200 g flour").pan("oil, as needed", "").serving(2, "");
    assertThat(would(recipe, Station.PAN))
        .isEqualTo("6 g are taken, anything from nothing to 13 g.");
  }

  @Test
  void whatStaysInThePanIsHalfOfWhatNobodyMeasured() {
    RecipeReading reading =
        TestRecipes.bowl("200 g flour").pan("20 g oil", "").serving(2, "").read();
    assertThat(Sentences.staysInThePan(reading.panFats().get(0)))
        .isEqualTo(
            "Nobody measured what stayed in the pan: half of it is taken, 10 g, anything from none to"
                + " all of it.");
  }
}
