package honeststack.core.figures;

import static honeststack.core.figures.Basis.AS_SERVED;
import static honeststack.core.figures.Basis.PER_100G_RAW;
import static honeststack.core.food.Component.ENERC;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Bound;
import honeststack.core.food.Component;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Figures that follow from components, derived on paper. */
class DerivedTest {
  private static final Measurand KILOJOULES = Measurand.tagged("ENERGY_KJ").orElseThrow();
  private static final Measurand FIBRE = Measurand.tagged("FIBTG_PER_100_KCAL").orElseThrow();

  private static Figures figures(TestRecipes recipe) {
    return Figures.of(recipe.read(), List.of(FIBRE, KILOJOULES, Measurand.of(ENERC)));
  }

  private static TestRecipes bowl(String... more) {
    String[] texts = {"200 g flour", "300 g milk", "100 g egg"};
    String[] all = java.util.Arrays.copyOf(texts, texts.length + more.length);
    System.arraycopy(more, 0, all, texts.length, more.length);
    return TestRecipes.bowl(all).pan("0 g oil", "0 g").serving(3, "");
  }

  @Test
  void kilojoulesMoveWithTheEnergy() {
    Figures figures = figures(bowl());
    Figure energy = figures.figure(AS_SERVED, ENERC);
    Figure kilojoules = figures.figure(AS_SERVED, KILOJOULES);
    assertThat(kilojoules.value()).isCloseTo(4.184 * energy.value(), within(1e-9));
    assertThat(kilojoules.u()).isCloseTo(4.184 * energy.u(), within(1e-9));
    assertThat(kilojoules.low()).isCloseTo(4.184 * energy.low(), within(1e-9));
    assertThat(kilojoules.high()).isCloseTo(4.184 * energy.high(), within(1e-9));
    assertThat(kilojoules.basis()).isEqualTo(AS_SERVED);
    assertThat(kilojoules.measurand().unit()).isEqualTo("kJ");
    assertThat(kilojoules.measurand().isAdditive()).isTrue();
    assertThat(kilojoules.measurand().component()).isEmpty();
  }

  /**
   * 10 g of fibre in 1,020 kcal. The scale's calibration and the portion cancel; what is left is
   * the composition (10 % of fibre, 5 % of each energy) and the reading of each weight (1/√12 g),
   * by the law of propagation: dR/R = dF/F − dE/E.
   */
  @Test
  void aRatioKeepsOnlyWhatDoesNotCancel() {
    double ratio = 100 * 10 / 1020.0;
    double tables = Math.hypot(0.10, 0.05 * Math.sqrt(700 * 700 + 180 * 180 + 140 * 140) / 1020);
    double flour = 0.05 / 10 - 3.5 / 1020;
    double weights = Math.hypot(flour, Math.hypot(0.6 / 1020, 1.4 / 1020)) / Math.sqrt(12);
    Figures figures = figures(bowl());
    for (Basis basis : List.of(AS_SERVED, PER_100G_RAW, Basis.PER_PIECE)) {
      Figure fibre = figures.figure(basis, FIBRE);
      assertThat(fibre.value()).isCloseTo(ratio, within(1e-12));
      assertThat(fibre.u()).isCloseTo(ratio * Math.hypot(tables, weights), within(1e-9));
      assertThat(fibre.bound()).isEqualTo(Bound.COMPLETE);
    }
    Figure.Share most = figures.figure(AS_SERVED, FIBRE).budget(0).get(0);
    assertThat(most.source().words()).contains("fibre of flour");
    assertThat(most.share()).isCloseTo(0.01 / (tables * tables + weights * weights), within(1e-3));
  }

  /** Sugar has no fibre, so a plausible amount of it can only lessen fibre for each kilocalorie. */
  @Test
  void whatIsMissingMovesARatioItsOwnWay() {
    Figures figures = figures(bowl("sugar, to taste"));
    Figure fibre = figures.figure(AS_SERVED, FIBRE);
    assertThat(fibre.bound()).isEqualTo(Bound.AT_MOST);
    assertThat(fibre.missing().more()).isZero();
    Figure energy = figures.figure(AS_SERVED, ENERC);
    double slope = fibre.value() / energy.value();
    assertThat(fibre.missing().less()).isCloseTo(slope * energy.missing().more(), within(1e-9));
    assertThat(figures.figure(AS_SERVED, KILOJOULES).bound()).isEqualTo(Bound.AT_LEAST);
  }

  @Test
  void nothingWithoutEnergyHasNoRatio() {
    Figures figures = figures(TestRecipes.bowl("0 g sugar", "0 g milk").serving(1, ""));
    assertThat(figures.on(PER_100G_RAW)).isEmpty();
    assertThat(TestFoods.ALL).isNotEmpty();
    assertThat(FIBRE.value(new double[] {3, 0})).isZero();
    assertThat(FIBRE.slopes(new double[] {3, 0})).containsExactly(0, 0);
  }

  /** How what is missing of two things goes together. */
  @Test
  void missing() {
    Missing some = new Missing(3, 1);
    assertThat(some.plus(new Missing(2, 5))).isEqualTo(new Missing(5, 6));
    assertThat(some.plus(Missing.NOTHING)).isSameAs(some);
    assertThat(Missing.NOTHING.plus(some)).isSameAs(some);
    assertThat(some.negated()).isEqualTo(new Missing(1, 3));
    assertThat(some.times(2)).isEqualTo(new Missing(6, 2));
    assertThat(some.times(-2)).isEqualTo(new Missing(2, 6));
    assertThat(Missing.ADDS.times(0)).isEqualTo(Missing.NOTHING);
    assertThat(Missing.NOTHING.times(7)).isSameAs(Missing.NOTHING);
    assertThat(new Missing(0, 2).bound()).isEqualTo(Bound.AT_MOST);
    assertThat(new Missing(2, 0).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(some.bound()).isEqualTo(Bound.NOT_KNOWN);
  }

  private static Measurand tagged(String tag) {
    return Measurand.tagged(tag).orElseThrow();
  }

  /**
   * A serving is 3 of 10 pieces of 200 g flour (protein 10, carbohydrate 70, fibre 5, fat 1), 300 g
   * milk (3, 5, 0, 3) and 100 g egg (12, 1, 0, fat as the table has it); sums by hand.
   */
  @Test
  void schoolsOnPaper() {
    Figures figures = Figures.of(bowl().read(), Measurand.values());
    double protein = (20 + 9 + 12) * 0.3;
    double carbohydrate = (140 + 15 + 1) * 0.3;
    double fibre = 10 * 0.3;
    double fat = figures.figure(AS_SERVED, Component.FAT).value();
    assertThat(value(figures, "CARBOHYDRATE_AVAILABLE"))
        .isCloseTo(carbohydrate - fibre, within(1e-9));
    assertThat(value(figures, "CARBOHYDRATE_NET")).isCloseTo(carbohydrate - fibre, within(1e-9));
    assertThat(value(figures, "CARBOHYDRATE_CHOICES")).isCloseTo(carbohydrate / 15, within(1e-9));
    double general = 4 * protein + 9 * fat + 4 * carbohydrate;
    assertThat(value(figures, "ENERGY_GENERAL")).isCloseTo(general, within(1e-9));
    assertThat(value(figures, "ENERGY_EU")).isCloseTo(general - 2 * fibre, within(1e-9));
    assertThat(value(figures, "SHARE_PROTEIN")).isCloseTo(400 * protein / general, within(1e-9));
    assertThat(tagged("CARBOHYDRATE_NET").formula()).contains("erythritol");
  }

  private static double value(Figures figures, String tag) {
    return figures.figure(AS_SERVED, tagged(tag)).value();
  }

  /** They sum to 100 %, whatever was measured how: what moves one moves the others back. */
  @Test
  void sharesOfEnergySumToAllOfIt() {
    List<Measurand> shares =
        List.of(
            tagged("SHARE_PROTEIN"),
            tagged("SHARE_FAT"),
            tagged("SHARE_ALCOHOL"),
            tagged("SHARE_CARBOHYDRATE"));
    Figures figures = Figures.of(bowl("½ cup milk").read(), shares);
    double sum = 0;
    double[] moved = new double[figures.reading().book().size()];
    java.util.Map<Object, Double> tables = new java.util.HashMap<>();
    for (Measurand share : shares) {
      Figure figure = figures.figure(AS_SERVED, share);
      sum += figure.value();
      for (int i = 0; i < moved.length; i++) {
        moved[i] += figure.sensitivity(i);
      }
      figure.compositions((value, s) -> tables.merge(value, s, Double::sum));
    }
    assertThat(sum).isCloseTo(100, within(1e-9));
    assertThat(java.util.Arrays.stream(moved).boxed().toList())
        .allSatisfy(s -> assertThat(s).isCloseTo(0, within(1e-9)));
    assertThat(tables.values()).allSatisfy(s -> assertThat(s).isCloseTo(0, within(1e-9)));
  }

  /** The parts of a sum are those of its components; a ratio has none. */
  @Test
  void partsOfWhatAddsUp() {
    Figures figures = Figures.of(bowl().read(), Measurand.values());
    List<Measurand> asked = List.of(tagged("CARBOHYDRATE_NET"), tagged("SHARE_FAT"));
    double net = figures.partsOf(asked).stream().mapToDouble(part -> part.values()[0]).sum();
    assertThat(net).isCloseTo(value(figures, "CARBOHYDRATE_NET"), within(1e-9));
    assertThat(figures.partsOf(asked)).allMatch(part -> Double.isNaN(part.values()[1]));
  }
}
