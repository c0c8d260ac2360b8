package honeststack.core.serving;

import static honeststack.core.food.Component.ENERC;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.Recipe.AtTheGriddle;
import honeststack.core.serving.Recipe.OnThePlate;
import honeststack.core.serving.Recipe.Portioning;
import honeststack.core.serving.RecipeReading.NotMeasured;
import honeststack.core.serving.RecipeReading.NotUnderstood;
import honeststack.core.serving.RecipeReading.Understood;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecipeReaderTest {
  private final SourceBook book = SourceBook.firstOrder();
  private final RecipeReader reader = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private RecipeReading read(TestRecipes recipe) {
    return reader.read(recipe.recipe(), book);
  }

  private RecipeReading read(Integer pieces, int discarded, Double served) {
    Recipe recipe = TestRecipes.bowl("200 g flour").recipe();
    return reader.read(
        new Recipe(
            recipe.system(),
            recipe.bowl(),
            new AtTheGriddle(
                Optional.ofNullable(pieces), discarded, Portioning.SCOOP, "", Optional.empty(), ""),
            new OnThePlate(Optional.ofNullable(served), List.of())),
        book);
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
        read(TestRecipes.bowl("200 g flour").left("lots").pan("10 g oil", "a bit"));
    assertThat(reading.problems())
        .extracting(RecipeReading.FieldProblem::field)
        .containsExactly("griddle.left", "griddle.panFatLeft");
    Griddle griddle = reading.made().griddle().orElseThrow();
    assertThat(griddle.left().value()).isZero();
    assertThat(griddle.panFat().map(PanFat::taken).orElseThrow().mass().value()).isEqualTo(5);
  }

  @Test
  void blankLinesAreNothingAndUnreadOnesAreGaps() {
    RecipeReading reading =
        read(TestRecipes.bowl("200 g flour", "  ", "some milk").pan("", "").serving(2, "?"));
    assertThat(reading.lines()).hasSize(3);
    assertThat(reading.lines().get(0)).isInstanceOf(Understood.class);
    assertThat(reading.lines().get(1)).isInstanceOf(NotMeasured.class);
    assertThat(reading.lines().get(2)).isInstanceOf(NotUnderstood.class);
    assertThat(reading.lines().get(2).station()).isEqualTo(Station.PLATE);
    assertThat(reading.made().batter().gaps()).isTrue();
    assertThat(reading.made().plate().orElseThrow().gaps()).isTrue();
    assertThat(reading.findings())
        .contains("Not in the numbers: “?”.", "No pan fat is in the numbers.");
    assertThat(reading.without()).containsExactly("milk", "“?”", "pan fat");
  }

  @Test
  void anUnknownFoodOffersTheNearest() {
    RecipeReading reading = read(TestRecipes.bowl("200 g plonk"));
    assertThat(reading.lines().get(0))
        .isInstanceOfSatisfying(
            NotUnderstood.class,
            line -> {
              assertThat(line.refusal().offending()).isEqualTo("plonk");
              assertThat(line.nearest()).hasSize(4);
            });
  }

  @Test
  void aPinnedReadingShowsThePinsUnderItsOwnWords() {
    RecipeReading now = read(TestRecipes.bowl("200 g flour", "1 egg").pan("10 g oil", "2 g"));
    MeasuredFood then = new MeasuredFood("bowl-0", TestFoods.FLOUR, Estimate.exact(180));
    Made pinned =
        new Made(
            new Batter(List.of(then, now.made().batter().lines().get(1)), false),
            now.made().griddle(),
            now.made().plate());
    RecipeReading shown = now.withPinned(pinned);
    assertThat(((Understood) shown.lines().get(0)).mass().value()).isEqualTo(180);
    assertThat(((Understood) shown.lines().get(0)).amount().words()).isEqualTo("200 g");
    // The line of the pan shows what was put in, not what was taken up.
    assertThat(((Understood) shown.lines().get(2)).mass().value()).isEqualTo(10);
    assertThat(shown.made()).isSameAs(pinned);
  }

  @Test
  void moreFatCannotStayInThePanThanWentIn() {
    MeasuredFood in = new MeasuredFood("pan", TestFoods.OIL, Estimate.exact(10));
    assertThat(PanFat.of(in, Estimate.exact(4)).taken().mass().value()).isEqualTo(6);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> PanFat.of(in, Estimate.exact(11)))
        .withMessageContaining("11.0 g");
  }

  /**
   * Rebased into another book, a batch keeps its figures; what its sources are called may change.
   */
  @Test
  void aRebasedBatchHasTheSameFigures() {
    Made made =
        read(TestRecipes.bowl("1 cup flour", "1 cup milk").left("30 g").serving(3, "1 tbsp oil"))
            .made();
    SourceBook other = SourceBook.firstOrder();
    Made rebased = made.rebased(other, source -> source.keyed("again:" + source.key()));
    for (Basis basis : Figures.of(made, List.of(ENERC), book).bases()) {
      Estimate before = Figures.of(made, List.of(ENERC), book).total(basis, ENERC).estimate();
      Estimate after = Figures.of(rebased, List.of(ENERC), other).total(basis, ENERC).estimate();
      assertThat(after.value()).isCloseTo(before.value(), within(1e-9));
      assertThat(after.u()).isCloseTo(before.u(), within(1e-9));
    }
    assertThat(other.sources()).anyMatch(source -> source.key().startsWith("again:use:"));
  }
}
