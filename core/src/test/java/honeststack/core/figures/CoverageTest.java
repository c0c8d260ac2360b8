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

  private interface Truth {
    /** From energy, protein, carbohydrate, fibre and fat of a serving. */
    double of(double[] five);
  }

  private record Asked(Measurand measurand, Truth truth) {}

  private static Asked asked(String tag, Truth truth) {
    return new Asked(Measurand.tagged(tag).orElseThrow(), truth);
  }

  private static double general(double[] five) {
    return 4 * five[1] + 9 * five[4] + 4 * five[2];
  }

  /** Differences, other factors and shares, each by its own arithmetic from what was true. */
  private static final List<Asked> DERIVED =
      List.of(
          asked("CARBOHYDRATE_NET", five -> five[2] - five[3]),
          asked("ENERGY_GENERAL", CoverageTest::general),
          asked("ENERGY_EU", five -> general(five) - 2 * five[3]),
          asked("SHARE_PROTEIN", five -> 400 * five[1] / general(five)),
          asked("SHARE_FAT", five -> 900 * five[4] / general(five)),
          asked("FIBTG_PER_100_KCAL", five -> 100 * five[3] / five[0]),
          asked("CARBOHYDRATE_CHOICES", five -> five[2] / 15));

  private static double[] derived(int seed) {
    SplittableRandom random = new SplittableRandom(seed);
    Morning recipe = Morning.random(random);
    List<Figure> shown =
        Figures.of(
                TestFoods.kitchen().read(recipe.recipe()),
                DERIVED.stream().map(Asked::measurand).toList())
            .on(Basis.AS_SERVED);
    double[] inside = new double[DERIVED.size()];
    for (int i = 0; i < MORNINGS; i++) {
      double[] five = recipe.cook(new Morning.World(random));
      for (int d = 0; d < inside.length; d++) {
        double off = Math.abs(DERIVED.get(d).truth().of(five) - shown.get(d).value());
        inside[d] += off <= 2 * shown.get(d).u() ? 1.0 / MORNINGS : 0;
      }
    }
    return inside;
  }

  @Test
  void rangesOfWhatFollowsCover() {
    List<double[]> all =
        IntStream.range(1000, 1000 + RECIPES).parallel().mapToObj(CoverageTest::derived).toList();
    for (int d = 0; d < DERIVED.size(); d++) {
      int at = d;
      double pooled = all.stream().mapToDouble(inside -> inside[at]).average().orElse(0);
      assertThat(pooled).as(DERIVED.get(d).measurand().tag()).isBetween(0.93, 0.97);
    }
  }
}
