package honeststack.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.OnThePlate;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecipeReaderTest {

  private static RecipeReading read(Integer pieces, int discarded, Double served) {
    Recipe recipe = TestRecipes.bowl("200 g flour").recipe();
    return TestFoods.kitchen()
        .read(
            new Recipe(
                recipe.system(),
                recipe.bowl(),
                new AtTheGriddle(
                    Optional.ofNullable(pieces),
                    discarded,
                    Portioning.SCOOP,
                    "",
                    Optional.empty(),
                    ""),
                new OnThePlate(Optional.ofNullable(served), List.of())));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0, 1, griddle.pieces, 0",
    "-3, 0, 1, griddle.pieces, -3",
    "5000, 0, 1, griddle.pieces, 5000",
    "4, 5, 1, griddle.discarded, 5",
    "4, -1, 1, griddle.discarded, -1",
    "4, 0, 0, plate.pieces, 0.0",
    "4, 0, -2, plate.pieces, -2.0",
    "4, 0, NaN, plate.pieces, NaN"
  })
  void impossibleCountsAreQuoted(
      int pieces, int discarded, double served, String field, String offending) {
    RecipeReading.FieldProblem problem = read(pieces, discarded, served).problems().get(0);
    assertThat(problem.field()).isEqualTo(field);
    assertThat(problem.refusal().offending()).isEqualTo(offending);
    assertThat(problem.refusal().problem()).contains(offending);
    assertThat(problem.refusal().accepted()).isNotBlank();
  }

  @Test
  void aTextThatIsNoWeightIsRefusedAndCountsAsNotMeasured() {
    RecipeReading reading =
        TestRecipes.bowl("200 g flour").left("lots").pan("10 g oil", "a bit").read();
    assertThat(reading.problems())
        .extracting(RecipeReading.FieldProblem::field)
        .containsExactlyInAnyOrder("griddle.left", "griddle.panFatLeft");
    assertThat(reading.griddle().orElseThrow().left().value()).isZero();
    assertThat(reading.panFats().get(0).taken().mass().value()).isEqualTo(5);
  }

  @Test
  void blankLinesAreNothingAndUnreadOnesAreGaps() {
    RecipeReading reading =
        TestRecipes.bowl("200 g flour", "  ", "some milk").pan("", "").serving(2, "?").read();
    assertThat(reading.lines()).hasSize(3);
    assertThat(reading.lines().get(0)).isInstanceOf(Understood.class);
    assertThat(reading.lines().get(1)).isInstanceOf(NotMeasured.class);
    assertThat(reading.lines().get(2)).isInstanceOf(NotUnderstood.class);
    assertThat(reading.lines().get(2).station()).isEqualTo(Station.PLATE);
    assertThat(reading.hasGaps(Station.BOWL)).isTrue();
    assertThat(reading.hasGaps(Station.PLATE)).isTrue();
    assertThat(reading.hasGaps(Station.PAN)).isFalse();
    assertThat(reading.findings())
        .contains("Not in the numbers: “?”.", "No pan fat is in the numbers.");
    assertThat(reading.without()).containsExactly("milk", "“?”", "pan fat");
  }

  @Test
  void anUnknownFoodOffersTheNearest() {
    RecipeReading reading = TestRecipes.bowl("200 g plonk").read();
    assertThat(reading.lines().get(0))
        .isInstanceOfSatisfying(
            NotUnderstood.class,
            line -> {
              assertThat(line.refusal().offending()).isEqualTo("plonk");
              assertThat(line.text()).isEqualTo("200 g plonk");
              assertThat(line.nearest()).hasSize(4);
            });
  }

  @Test
  void moreFatCannotStayInThePanThanWentIn() {
    MeasuredFood in = new MeasuredFood("pan", TestFoods.OIL, Estimate.exact(10));
    assertThat(PanFat.of(in, Estimate.exact(4)).taken().mass().value()).isEqualTo(6);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PanFat.of(in, Estimate.exact(11)))
        .withMessageContaining("11.0 g");
  }

  /** Nobody said what stayed: half of it is taken, and that stands on the line and is said. */
  @Test
  void whatIsTakenToStayInThePanIsSaid() {
    RecipeReading silent = TestRecipes.bowl("200 g flour").pan("28 g oil", "").read();
    Understood line = (Understood) silent.lines().get(1);
    assertThat(line.mass().value()).isEqualTo(28);
    assertThat(line.remarks().assumed()).contains("half of it", "14 g");
    assertThat(silent.findings()).anyMatch(finding -> finding.contains("half of it"));
    RecipeReading weighed = TestRecipes.bowl("200 g flour").pan("28 g oil", "6 g").read();
    assertThat(((Understood) weighed.lines().get(1)).remarks().assumed()).isEmpty();
    assertThat(weighed.findings()).isEmpty();
  }

  /** What has been read takes no new source, so threads may share it. */
  @Test
  void aReadingIsFrozen() {
    RecipeReading reading = TestRecipes.bowl("1 cup flour", "2 eggs").serving(3).read();
    int before = reading.book().size();
    Figures.of(reading, Measurand.values());
    assertThat(reading.book().size()).isEqualTo(before);
    assertThat(reading.book().freeze()).isSameAs(reading.book());
  }

  @Test
  void aRecipesSystemSaysWhatItsCupsHold() {
    Recipe us = TestRecipes.bowl("1 cup milk", "1 tbsp oil").recipe();
    Recipe australian = new Recipe(MeasuringSystem.AUSTRALIAN, us.bowl(), us.griddle(), us.plate());
    List<MeasuredFood> lines = TestFoods.kitchen().read(australian).batter();
    double perMillilitre = 244 / TestFoods.CUP;
    assertThat(lines.get(0).mass().value()).isCloseTo(250 * perMillilitre, within(1e-9));
    assertThat(lines.get(1).mass().value()).isCloseTo(20 * 14 * 16 / TestFoods.CUP, within(1e-9));
  }

  @Test
  void aFoodPickedByHandIsTakenWhateverTheTextSays() {
    Recipe.Line picked = new Recipe.Line("p", "100 g plonk", Optional.of("sugar"));
    Recipe recipe = TestRecipes.bowl().recipe();
    RecipeReading reading =
        TestFoods.kitchen()
            .read(new Recipe(recipe.system(), List.of(picked), recipe.griddle(), recipe.plate()));
    assertThat(reading.batter().get(0).food().id()).isEqualTo("sugar");
  }
}
