package honeststack.core.figures;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.Morning;
import honeststack.core.TestFoods;
import honeststack.core.estimate.Distribution;
import honeststack.core.food.Component;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * The shown ranges against kitchens that are simulated beside the code (JCGM 101:2008): what a
 * serving truly held falls into its range as often as it should.
 */
class CoverageTest {
  private static final int RECIPES = 200;
  private static final int MORNINGS = 1500;
  private static final double DOMINATING = 0.35;
  private static final List<Measurand> FIVE =
      Measurand.of(
          Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  /** How often the truth lay inside, and which figures no single other shape dominates. */
  private record Covered(Morning recipe, double[] inside, boolean[] plain) {}

  private static Covered covered(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Morning recipe = Morning.random(random);
    List<Figure> shown =
        Figures.of(TestFoods.kitchen().read(recipe.recipe()), FIVE).on(Basis.AS_SERVED);
    double[] inside = new double[FIVE.size()];
    for (int i = 0; i < MORNINGS; i++) {
      double[] truth = recipe.cook(new Morning.World(random));
      for (int c = 0; c < inside.length; c++) {
        double off = Math.abs(truth[c] - shown.get(c).value());
        inside[c] += off <= 2 * shown.get(c).u() ? 1.0 / MORNINGS : 0;
      }
    }
    boolean[] plain = new boolean[FIVE.size()];
    for (int c = 0; c < plain.length; c++) {
      plain[c] = shown.get(c).budget(DOMINATING).stream().noneMatch(CoverageTest::isOtherShape);
    }
    return new Covered(recipe, inside, plain);
  }

  private static boolean isOtherShape(Figure.Share share) {
    return share.source().distribution() != Distribution.NORMAL;
  }

  @Test
  void shownRangesCover() {
    List<Covered> all =
        IntStream.range(0, RECIPES).parallel().mapToObj(CoverageTest::covered).toList();
    double pooled = 0;
    int figures = 0;
    for (Covered one : all) {
      for (int c = 0; c < FIVE.size(); c++) {
        assertThat(one.inside[c])
            .as("coverage of %s in %s", FIVE.get(c), one.recipe.recipe())
            .isGreaterThanOrEqualTo(0.93);
        if (one.plain[c]) {
          pooled += one.inside[c];
          figures++;
        }
      }
    }
    assertThat(figures).isGreaterThan(RECIPES);
    assertThat(pooled / figures).isBetween(0.93, 0.97);
  }
}
