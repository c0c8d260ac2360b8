package honeststack.core.goal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestRecipes;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Identity.HouseholdWeight;
import honeststack.core.estimate.Source;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JudgementTest {
  private static final Measurand ENERGY = Measurand.of(Component.ENERC);

  private static Goal upTo(double upper) {
    return new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.of(upper));
  }

  private static Goal from(double lower) {
    return new Goal(ENERGY, OptionalDouble.of(lower), OptionalDouble.empty());
  }

  private static Goal between(double lower, double upper) {
    return new Goal(ENERGY, OptionalDouble.of(lower), OptionalDouble.of(upper));
  }

  private static Figure figure(Basis basis, String... bowl) {
    return Figures.of(TestRecipes.bowl(bowl).pan("", "").serving(10).read(), List.of(ENERGY))
        .figure(basis, ENERGY);
  }

  private static Figure figure(String... bowl) {
    return figure(Basis.AS_SERVED, bowl);
  }

  /**
   * Tables of the standard normal distribution, NIST/SEMATECH e-Handbook, 1.3.6.7.1 (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "0, 0.50000", "0.5, 0.69146", "1, 0.84134", "1.28, 0.89973", "1.64, 0.94950",
    "1.96, 0.97500", "2, 0.97725", "2.58, 0.99506", "3, 0.99865", "-1, 0.15866"
  })
  void normalDistribution(double z, double expected) {
    assertThat(Judgement.phi(z)).isCloseTo(expected, within(5e-6));
    assertThat(Judgement.probability(upTo(400 + 10 * z), 400, 10))
        .isCloseTo(expected, within(5e-6));
    assertThat(Judgement.probability(from(400 - 10 * z), 400, 10))
        .isCloseTo(expected, within(5e-6));
  }

  @Test
  void betweenTwoLimits() {
    // Φ(1) − Φ(−1)
    assertThat(Judgement.probability(between(10, 20), 15, 5)).isCloseTo(0.68269, within(5e-6));
    assertThat(Judgement.probability(between(10, 20), 20, 0)).isEqualTo(1);
    assertThat(Judgement.probability(between(10, 20), 10, 0)).isEqualTo(1);
    assertThat(Judgement.probability(between(10, 20), 20.1, 0)).isZero();
    assertThat(Judgement.probability(between(10, 20), 9.9, 0)).isZero();
  }

  /** The limit stands so many standard uncertainties above the figure (JCGM 106:2012, 7). */
  @ParameterizedTest
  @CsvSource({
    "1.7, MET",
    "1.6, LIKELY_MET",
    "0.7, LIKELY_MET",
    "0.6, TOO_CLOSE",
    "-0.6, TOO_CLOSE",
    "-0.7, LIKELY_MISSED",
    "-1.6, LIKELY_MISSED",
    "-1.7, MISSED"
  })
  void verdicts(double above, Verdict expected) {
    Figure figure = figure("100 g sugar");
    Judgement judged = Judgement.of(upTo(figure.value() + above * figure.u()), figure);
    assertThat(judged.verdict()).isEqualTo(expected);
    assertThat(judged.probability()).isCloseTo(Judgement.phi(above), within(1e-9));
    assertThat(judged.better().isEmpty()).isEqualTo(expected.isClear());
  }

  @Test
  void stepsOfTheVerdict() {
    assertThat(Verdict.of(0.95)).isEqualTo(Verdict.MET);
    assertThat(Verdict.of(0.75)).isEqualTo(Verdict.LIKELY_MET);
    assertThat(Verdict.of(0.25)).isEqualTo(Verdict.LIKELY_MISSED);
    assertThat(Verdict.of(0.05)).isEqualTo(Verdict.MISSED);
    assertThat(Verdict.TOO_CLOSE.words()).isEqualTo("too close to call");
  }

  @Test
  void whileSomethingIsMissingAnUpperLimitIsNeverMetAndALowerNeverMissed() {
    Figure least = figure("100 g sugar", "a yard of milk");
    assertThat(Judgement.of(upTo(900), least).verdict()).isEqualTo(Verdict.LIKELY_MET);
    assertThat(Judgement.of(from(900), least).verdict()).isEqualTo(Verdict.LIKELY_MISSED);
    assertThat(Judgement.of(from(100), least).verdict()).isEqualTo(Verdict.MET);
    assertThat(Judgement.of(upTo(100), least).verdict()).isEqualTo(Verdict.MISSED);
    assertThat(Judgement.of(between(100, 900), least).verdict()).isEqualTo(Verdict.LIKELY_MET);
    // Already above both limits: whatever is missing cannot bring it back.
    assertThat(Judgement.of(between(50, 100), least).verdict()).isEqualTo(Verdict.MISSED);
    assertThat(Judgement.of(between(800, 900), least).verdict()).isEqualTo(Verdict.LIKELY_MISSED);
    assertThat(Judgement.of(upTo(900), least).reason()).contains("it may be more");
  }

  /** Salt adds weight and no energy: 100 g of batter hold at most what is shown. */
  @Test
  void aFigureThatIsAtMost() {
    Figure most = figure(Basis.PER_100G_RAW, "100 g sugar", "100 g milk", "flour, to taste");
    assertThat(most.bound().name()).isEqualTo("AT_LEAST");
    Figure less = figure(Basis.PER_100G_RAW, "100 g sugar", "milk, to taste");
    assertThat(Judgement.of(from(100), less).verdict()).isEqualTo(Verdict.LIKELY_MET);
    assertThat(Judgement.of(upTo(900), less).verdict()).isEqualTo(Verdict.MET);
    assertThat(Judgement.of(upTo(100), less).verdict()).isEqualTo(Verdict.LIKELY_MISSED);
    assertThat(Judgement.of(between(800, 900), less).verdict()).isEqualTo(Verdict.MISSED);
    assertThat(Judgement.of(from(100), less).reason()).contains("it may be less");
  }

  @Test
  void tooMuchIsMissingToJudge() {
    Figure unknown = figure(Basis.PER_100G_RAW, "100 g sugar", "a yard of milk");
    Judgement judged = Judgement.of(upTo(500), unknown);
    assertThat(judged.verdict()).isEqualTo(Verdict.NOT_KNOWN);
    assertThat(judged.reason()).startsWith("Too much is missing");
  }

  @Test
  void anUnclearVerdictNamesWhatToMeasure() {
    Figure cup = figure("1 cup flour", "500 g milk");
    Judgement unclear = Judgement.of(upTo(cup.value() + cup.u()), cup);
    assertThat(unclear.verdict()).isEqualTo(Verdict.LIKELY_MET);
    Judgement.Better better = unclear.better().orElseThrow();
    assertThat(better.source().identity()).isNotInstanceOf(Composition.class);
    assertThat(better.source().words()).contains("a cup of flour");
    double rest = cup.u() * Math.sqrt(1 - share(cup, better));
    boolean clear = Judgement.phi(cup.u() / rest) >= 0.95;
    assertThat(better.settles()).isEqualTo(clear);
    assertThat(better.words()).contains(clear ? "would settle" : "alone would not settle");
    assertThat(unclear.reason()).contains("kcal for a goal of at most");
  }

  private static double share(Figure figure, Judgement.Better better) {
    return figure.budget(0).stream()
        .filter(share -> share.source().equals(better.source()))
        .findFirst()
        .orElseThrow()
        .share();
  }

  @Test
  void chancesInWords() {
    Figure sugar = figure("100 g sugar");
    assertThat(Judgement.of(upTo(5000), sugar).reason()).contains("over 99 in 100");
    assertThat(Judgement.of(upTo(5), sugar).reason()).contains("under 1 in 100");
    assertThat(Judgement.of(upTo(sugar.value()), sugar).reason()).contains("50 in 100");
    assertThat(upTo(0.25).limits()).isEqualTo("at most 0.3 kcal");
    assertThat(between(15, 25).limits()).isEqualTo("15 to 25 kcal");
    assertThat(from(120.6).limits()).isEqualTo("at least 121 kcal");
  }

  @Test
  void limitsMustMakeSense() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> between(20, 10))
        .withMessageContaining("20");
    assertThatIllegalArgumentException().isThrownBy(() -> from(-1));
    assertThatIllegalArgumentException().isThrownBy(() -> upTo(-1));
    assertThatIllegalArgumentException().isThrownBy(() -> upTo(Double.POSITIVE_INFINITY));
    assertThatIllegalArgumentException().isThrownBy(() -> from(Double.NaN));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Goal(ENERGY, OptionalDouble.empty(), OptionalDouble.empty()));
  }

  /** All weighed: only the tables are in doubt, and no measuring helps. */
  @Test
  void whereTheDoubtLiesInTheTablesItIsSaid() {
    RecipeReading reading =
        TestRecipes.bowl("200 g flour", "300 g milk")
            .pieces(1, Portioning.WEIGHED)
            .pan("", "")
            .serving(1, "")
            .read();
    Figure energy =
        Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
            .figure(Basis.AS_SERVED, Component.ENERC);
    Goal near =
        new Goal(
            Measurand.of(Component.ENERC),
            OptionalDouble.empty(),
            OptionalDouble.of(energy.value() + energy.u()));
    assertThat(Judgement.of(near, energy).better().orElseThrow().words())
        .isEqualTo(
            "The doubt lies in the food tables, most of it in the energy of flour in the food table;"
                + " measuring better would not settle this.");
  }

  /** A third of u² is not most of it. */
  @Test
  void theSentenceSaysHowMuchOfTheDoubtItIs() {
    Source cup = Source.of(new HouseholdWeight("flour", "CUP"), "what a cup of flour weighs");
    assertThat(new Judgement.Better(cup, 0.33, false).words())
        .isEqualTo(
            "The largest doubt that you can lessen is what a cup of flour weighs, 33 % of it; knowing"
                + " it alone would not settle this.");
    assertThat(new Judgement.Better(cup, 0.5, true).words())
        .isEqualTo(
            "Most of the doubt is what a cup of flour weighs; knowing it would settle this.");
  }
}
