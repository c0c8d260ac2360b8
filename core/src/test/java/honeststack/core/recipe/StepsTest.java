package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestRecipes;
import honeststack.core.estimate.Identity;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading.Step;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What could be measured better, and what is told of each line; doubts from the tables by hand. */
class StepsTest {
  private static TestRecipes even(String... bowl) {
    return TestRecipes.bowl(bowl).pieces(4, Portioning.WEIGHED).pan("", "").serving(1, "");
  }

  private static Step only(RecipeReading reading) {
    assertThat(reading.steps()).hasSize(1);
    return reading.steps().get(0);
  }

  private static List<Identity> sources(RecipeReading reading, Step step) {
    return step.sources().stream().map(place -> reading.book().source(place).identity()).toList();
  }

  /** 130 g ± what a cup does; a scale leaves 0.3 % and 1/√12 g of it. */
  @Test
  void aCupCouldBeWeighed() {
    RecipeReading reading = even("1 cup flour", "100 g milk").read();
    Step step = only(reading);
    assertThat(step.words()).isEqualTo("weigh the flour");
    double shared = Math.hypot(10 / Math.sqrt(3), 0.04 * 130);
    double now = Math.hypot(shared, 0.04 * 130);
    double weighed = Math.hypot(0.003 * 130, 1 / Math.sqrt(12));
    assertThat(step.stays()).isCloseTo(weighed / now, within(1e-6));
    assertThat(sources(reading, step))
        .hasSize(2)
        .hasAtLeastOneElementOfType(Identity.HouseholdWeight.class)
        .hasAtLeastOneElementOfType(Identity.Use.class);
  }

  @Test
  void oneFoodIsWeighedOnceHoweverOftenItIsIn() {
    RecipeReading reading = even("1 cup flour, spooned", "2 tbsp flour").read();
    Step step = only(reading);
    assertThat(sources(reading, step)).hasSize(4);
  }

  @Test
  void whatIsWeighedOrLeftOutNeedsNoStep() {
    assertThat(even("100 g flour", "3 g sugar", "2 oz milk").read().steps()).isEmpty();
    Recipe plain = even("100 g flour").recipe();
    Recipe.Line off =
        new Recipe.Line(
            "off", "1 cup milk", java.util.Optional.empty(), "", true, false, List.of());
    Recipe recipe = new Recipe(plain.system(), List.of(off), plain.griddle(), plain.plate());
    assertThat(honeststack.core.TestFoods.kitchen().read(recipe).steps()).isEmpty();
  }

  /** Common practice: a ladle scatters by 12 %, a portion on a scale by 1 %. */
  @Test
  void portionsAndThePan() {
    RecipeReading ladle =
        TestRecipes.bowl("100 g flour")
            .pieces(4, Portioning.LADLE)
            .pan("", "")
            .serving(1, "")
            .read();
    assertThat(only(ladle).words()).isEqualTo("weigh each portion of batter");
    assertThat(only(ladle).stays()).isCloseTo(0.01 / 0.12, within(1e-9));
    assertThat(sources(ladle, only(ladle))).hasOnlyElementsOfType(Identity.Pieces.class);
    RecipeReading pan =
        TestRecipes.bowl("100 g flour")
            .pieces(4, Portioning.WEIGHED)
            .pan("1 tbsp oil", "")
            .serving(1, "")
            .read();
    assertThat(pan.steps())
        .extracting(Step::words)
        .containsExactly("weigh the oil for the pan", "weigh the fat that stays in the pan");
    assertThat(pan.steps().get(1).stays()).isZero();
    assertThat(pan.steps().get(1).sources()).hasSize(1);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          1 cup flour, spooned | 1 cup     | cup | spooned | false | true  | true  | 0
          1 cup milk           | 1 cup     | cup | -       | false | true  | false | 0
          2 tbsp sugar         | 2 tbsp    | tbsp | -      | false | true  | false | 0
          1 cup sugar          | 1 cup     | cup | -       | false | true  | false | 0
          120 g flour          | 120 g     | g   | -       | true  | false | false | 0
          3 large eggs         | 3 large   | -   | -       | false | false | false | 3
          """)
  void whatIsSaidOfALine(
      String text,
      String words,
      String unit,
      String packing,
      boolean weighed,
      boolean filled,
      boolean packable,
      double count) {
    LineReading.Said said = ((Understood) even(text).read().lines().get(0)).said();
    assertThat(said)
        .isEqualTo(
            new LineReading.Said(
                words,
                unit == null ? "" : unit,
                packing == null ? "" : packing,
                weighed,
                filled,
                packable,
                count));
  }

  @Test
  void onlyAnUnknownFoodHasOthersOffered() {
    NotUnderstood unknown = (NotUnderstood) even("100 g moss").read().lines().get(0);
    assertThat(unknown.nearest()).hasSize(4);
    NotUnderstood noWeight = (NotUnderstood) even("1 cup pear").read().lines().get(0);
    assertThat(noWeight.nearest()).isEmpty();
    NotUnderstood free = (NotUnderstood) even("100 g gluten-free moss").read().lines().get(0);
    assertThat(free.nearest()).isNotEmpty();
  }
}
