package honeststack.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.Morning;
import honeststack.core.TestFoods;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/**
 * Verdicts on noise against kitchens that are simulated beside the code: in each world two mornings
 * are cooked, and the difference that came out is held against the shown noise of two batches.
 */
class NoiseTest {
  private static final int WORLDS = 4000;
  private static final List<Measurand> FIVE =
      Measurand.of(
          Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  private static Figures figures(Morning morning) {
    return Figures.of(TestFoods.kitchen().read(morning.recipe()), FIVE);
  }

  /** How often a difference came out that the comparison calls more than noise. */
  private static double[] calledDifferent(Morning a, Morning b) {
    List<Difference> shown = Comparison.of(figures(a), figures(b), Mode.TWO_BATCHES);
    double[] rates = new double[FIVE.size()];
    SplittableRandom random = new SplittableRandom(5);
    for (int i = 0; i < WORLDS; i++) {
      Morning.World world = new Morning.World(random);
      double[] one = a.cook(world);
      double[] other = b.cook(world);
      for (int c = 0; c < rates.length; c++) {
        rates[c] += Math.abs(other[c] - one[c]) > 2 * shown.get(c).u() ? 1.0 / WORLDS : 0;
      }
    }
    return rates;
  }

  /** About 5 in 100 by definition: neither more, nor hidden behind too wide a range. */
  @Test
  void twoBatchesOfOneRecipeAreSeldomCalledDifferent() {
    Morning recipe = Morning.random(new SplittableRandom(11));
    for (double rate : calledDifferent(recipe, recipe)) {
      assertThat(rate).isBetween(0.01, 0.07);
    }
  }

  @Test
  void aTrueChangeOfTheMainFlourIsNoticedWhenAllWasWeighed() {
    double[] rates = calledDifferent(Morning.weighed(200, 300), Morning.weighed(230, 300));
    // Energy, protein, carbohydrate, fibre: the figures that the flour carries.
    for (int c = 0; c < 4; c++) {
      assertThat(rates[c]).as(FIVE.get(c).tag()).isGreaterThanOrEqualTo(0.8);
    }
  }
}
