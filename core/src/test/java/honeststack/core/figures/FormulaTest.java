package honeststack.core.figures;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestRecipes;
import honeststack.core.food.Component;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import org.junit.jupiter.api.Test;

class FormulaTest {
  private static final Measurand ENERGY = Measurand.of(Component.ENERC);

  private static String words(TestRecipes recipe, Basis basis) {
    return Formula.words(Figures.of(recipe.read(), List.of(ENERGY)), basis, ENERGY);
  }

  /** 700 + 180 kcal in 500 g, 50 g of it left: 0.9 × 880 × 2/10 + 72 × 2/10 + 80. */
  @Test
  void everyPartIsNamedWithItsNumber() {
    TestRecipes recipe =
        TestRecipes.bowl("200 g flour", "300 g milk")
            .pieces(10, Portioning.LADLE)
            .left("50 g")
            .pan("10 g oil", "2 g")
            .serving(2, "20 g sugar");
    assertThat(words(recipe, Basis.AS_SERVED))
        .isEqualTo(
            "All the batter, 880 kcal, × the part that was baked, 450 of 500 g, × 2 of 10 pieces,"
                + " + the pan fat taken up, 72 kcal, × 2 of 10 pieces, + toppings, 80 kcal = 253 kcal.");
    assertThat(words(recipe, Basis.PER_100G_RAW))
        .isEqualTo("All the batter, 880 kcal, ÷ its weight, 500 g, × 100 = 176 kcal.");
  }

  @Test
  void partsThatAreNotThereAreNotNamed() {
    assertThat(words(TestRecipes.bowl("100 g sugar").pan("", "").serving(1), Basis.PER_PIECE))
        .isEqualTo("All the batter, 400 kcal, × 1 of 10 pieces = 40 kcal.");
  }

  /** Half of 20 g of oil is taken to stay in the pan: 90 kcal of 180, and it is said. */
  @Test
  void whatIsAssumedIsInTheWords() {
    assertThat(
            words(TestRecipes.bowl("100 g sugar").pan("20 g oil", "").serving(1), Basis.PER_PIECE))
        .contains("taken up, 90 kcal (half of what went in is taken to stay in the pan)");
  }
}
