package honeststack.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Recipe;
import honeststack.core.serving.Recipe.Portioning;
import honeststack.core.serving.RecipeReader;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Noise verdicts by simulation: each trial draws what is shared once and cooks two batches, their
 * own uses drawn anew; the drawn difference is held against the shown noise of two batches.
 */
class NoiseTest {
  private static final int TRIALS = 4000;
  private static final List<Component> FIVE =
      List.of(Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  private final RecipeReader reader = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private double[] calledDifferent(Recipe a, Recipe b) {
    List<Difference> shown =
        Comparison.of(
            reader.read(a, SourceBook.firstOrder()).made(),
            reader.read(b, SourceBook.firstOrder()).made(),
            Mode.TWO_BATCHES,
            FIVE);
    int[] different = new int[FIVE.size()];
    SplittableRandom random = new SplittableRandom(5);
    for (int trial = 0; trial < TRIALS; trial++) {
      SourceBook first = SourceBook.drawing(random);
      Figures one = Figures.of(reader.read(a, first).made(), FIVE, first);
      SourceBook second = first.nextBatch();
      Figures other = Figures.of(reader.read(b, second).made(), FIVE, second);
      for (int c = 0; c < different.length; c++) {
        double drawn = value(other, FIVE.get(c)) - value(one, FIVE.get(c));
        if (Math.abs(drawn) > 2 * shown.get(c).value().u()) {
          different[c]++;
        }
      }
    }
    double[] rates = new double[different.length];
    for (int c = 0; c < rates.length; c++) {
      rates[c] = different[c] / (double) TRIALS;
    }
    return rates;
  }

  private static double value(Figures figures, Component component) {
    return figures.total(Basis.AS_SERVED, component).estimate().value();
  }

  @Test
  void twoBatchesOfOneRecipeAreSeldomCalledDifferent() {
    Recipe recipe =
        TestRecipes.bowl("1½ cups flour", "1 cup milk", "2 eggs", "2 tbsp oil", "1 pear")
            .left("30 g")
            .pan("1 tbsp oil", "")
            .serving(3, "2 tbsp sugar")
            .recipe();
    for (double rate : calledDifferent(recipe, recipe)) {
      assertThat(rate).isLessThanOrEqualTo(0.06);
    }
  }

  @Test
  void aTrueChangeOfTheMainFlourIsNoticedWhenAllWasWeighed() {
    Recipe before = weighed("200 g flour");
    Recipe after = weighed("230 g flour");
    double[] rates = calledDifferent(before, after);
    // Energy, protein, carbohydrate, fibre: the figures that the flour carries.
    for (int c = 0; c < 4; c++) {
      assertThat(rates[c]).as(FIVE.get(c).name()).isGreaterThanOrEqualTo(0.8);
    }
  }

  private static Recipe weighed(String flour) {
    return TestRecipes.bowl(flour, "300 g milk", "100 g egg", "20 g oil")
        .pieces(10, Portioning.WEIGHED)
        .pan("10 g oil", "3 g")
        .serving(3)
        .recipe();
  }
}
