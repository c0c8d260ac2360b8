package honeststack.core.figures;

import static honeststack.core.figures.Basis.AS_SERVED;
import static honeststack.core.food.Component.ENERC;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestRecipes;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Measuring better is compared with measuring it better: the figure of the weighed recipe. */
class NarrowingTest {

  private static Figure energy(TestRecipes recipe) {
    return Figures.of(recipe.read(), List.of(Measurand.of(ENERC))).figure(AS_SERVED, ENERC);
  }

  private static Figure energy(String... bowl) {
    return energy(TestRecipes.bowl(bowl).pan("0 g oil", "0 g").serving(4, ""));
  }

  private static Figure.Next next(Figure figure) {
    return figure.narrowed().next().orElseThrow();
  }

  /** Two cups of flour, filling not said, weigh 260 g; said to be weighed, that is the figure. */
  @Test
  void weighingTheFlourGivesWhatWeighingItGives() {
    Figure cups = energy("2 cups flour", "100 g milk");
    Figure weighed = energy("260 g flour", "100 g milk");
    assertThat(next(cups).words()).isEqualTo("weigh the flour");
    assertThat(next(cups).u()).isCloseTo(weighed.u(), within(0.02 * weighed.u()));
    assertThat(next(cups).u()).isLessThan(cups.u());
  }

  @Test
  void theBestIsEverythingWeighed() {
    Figure cups = energy("2 cups flour, spooned", "1 cup milk", "2 tbsp sugar");
    Figure weighed = energy("240 g flour", "244 g milk", "25 g sugar");
    double best = weighed.narrowed().best();
    assertThat(cups.narrowed().best()).isLessThan(next(cups).u());
    assertThat(cups.narrowed().best()).isCloseTo(best, within(0.03 * best));
  }

  @Test
  void portionsAndPanFatAreStepsToo() {
    TestRecipes recipe =
        TestRecipes.bowl("200 g flour").pieces(10, Portioning.SPOON).pan("60 g oil", "");
    assertThat(next(energy(recipe.serving(1))).words())
        .isEqualTo("weigh the fat that stays in the pan");
    TestRecipes even = TestRecipes.bowl("200 g flour").pieces(10, Portioning.SPOON).pan("", "");
    assertThat(next(energy(even.serving(1))).words()).isEqualTo("weigh each portion of batter");
    TestRecipes weighed =
        TestRecipes.bowl("200 g flour").pieces(10, Portioning.WEIGHED).pan("", "");
    assertThat(energy(weighed.serving(1)).narrowed().next()).isEmpty();
  }

  @Test
  void fatForThePanIsNamedAsSuch() {
    TestRecipes recipe =
        TestRecipes.bowl("100 g sugar").pieces(1, Portioning.WEIGHED).pan("8 tbsp oil", "0 g");
    assertThat(next(energy(recipe.serving(1))).words()).isEqualTo("weigh the oil for the pan");
  }
}
