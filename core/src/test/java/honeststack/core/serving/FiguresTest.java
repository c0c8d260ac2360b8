package honeststack.core.serving;

import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.FIBTG;
import static honeststack.core.food.Component.PROCNT;
import static honeststack.core.serving.Basis.AS_SERVED;
import static honeststack.core.serving.Basis.PER_100G_RAW;
import static honeststack.core.serving.Basis.PER_PIECE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.serving.Recipe.Portioning;
import honeststack.core.serving.RecipeReading.NotUnderstood;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Figures derived on paper from foods with round numbers. */
class FiguresTest {
  private static final List<Component> FIVE = List.of(ENERC, PROCNT, CHOCDF, FIBTG, FAT);
  private static final RecipeReader READER = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private final SourceBook book = SourceBook.firstOrder();

  private static List<Recipe.Line> lines(String prefix, String... texts) {
    List<Recipe.Line> lines = new ArrayList<>();
    Arrays.stream(texts)
        .forEach(text -> lines.add(new Recipe.Line(prefix + lines.size(), text, Optional.empty())));
    return lines;
  }

  private static Recipe recipe(
      List<Recipe.Line> bowl, Integer pieces, String left, String fat, String fatLeft, Double k) {
    return new Recipe(
        MeasuringSystem.US,
        bowl,
        new Recipe.AtTheGriddle(
            Optional.ofNullable(pieces),
            1,
            Portioning.LADLE,
            left,
            Optional.of(new Recipe.Line("pan", fat, Optional.empty())),
            fatLeft),
        new Recipe.OnThePlate(Optional.ofNullable(k), lines("top", "50 g sugar")));
  }

  private static List<Recipe.Line> bowl() {
    return lines("bowl", "200 g flour", "300 g milk", "100 g egg");
  }

  private Figures figures(Recipe recipe) {
    return Figures.of(READER.read(recipe, book).made(), FIVE, book);
  }

  /**
   * Batter 600 g: energy 700 + 180 + 140 = 1020 kcal; 60 g left, so 0.9 of it in 10 pieces; pan fat
   * 20 − 10 = 10 g = 90 kcal. A piece: 91.8 + 9 kcal. Three with 50 g of sugar: 302.4 + 200 kcal.
   */
  @Test
  void energyOnEachBasis() {
    Figures figures = figures(recipe(bowl(), 10, "60 g", "20 g oil", "10 g", 3.0));
    assertThat(figures.total(PER_PIECE, ENERC).estimate().value()).isCloseTo(100.8, within(1e-9));
    assertThat(figures.total(AS_SERVED, ENERC).estimate().value()).isCloseTo(502.4, within(1e-9));
    assertThat(figures.total(PER_100G_RAW, ENERC).estimate().value()).isCloseTo(170, within(1e-9));
    assertThat(figures.total(AS_SERVED, FAT).estimate().value())
        .isCloseTo((2 + 9 + 10) * 0.27 + 3, within(1e-9));
    assertThat(figures.batterMass().value()).isEqualTo(600);
  }

  /** What was left in the pan, unmeasured: half of it, with u = all of it / (2√3). */
  @Test
  void unmeasuredPanFatIsARectangle() {
    Figures figures = figures(recipe(bowl(), 1, "", "20 g oil", "", 1.0));
    Figures.Row pan =
        figures.rows().stream()
            .filter(row -> row.station() == Figures.Station.PAN)
            .findFirst()
            .orElseThrow();
    assertThat(pan.servedMass().value()).isCloseTo(10, within(1e-9));
    assertThat(pan.servedMass().u()).isCloseTo(20 / Math.sqrt(12), within(0.05));
  }

  /** METHOD: cv · √((1/k)(1 − k/n)) for k of n pieces, nothing for the whole batch. */
  @Test
  void unevenPieces() {
    assertThat(unevenness(3, 12)).isCloseTo(0.12 * Math.sqrt(1.0 / 3 * 0.75), within(1e-12));
    assertThat(unevenness(12, 12)).isZero();
  }

  private double unevenness(double k, int n) {
    Estimate share = figures(recipe(bowl(), n, "", "", "", k)).batterShare();
    return share.u() / share.value();
  }

  @Test
  void whatIsNotUnderstoodMakesFiguresAtLeast() {
    RecipeReading reading =
        READER.read(
            recipe(lines("bowl", "200 g flour", "a yard of milk"), 4, "", "", "", 2.0), book);
    assertThat(reading.lines().get(1))
        .isInstanceOfSatisfying(
            NotUnderstood.class, refused -> assertThat(refused.nearest()).isNotEmpty());
    Figures figures = Figures.of(reading.made(), FIVE, book);
    assertThat(figures.total(AS_SERVED, ENERC).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(figures.total(PER_100G_RAW, ENERC).bound()).isEqualTo(Bound.NOT_KNOWN);
  }

  @Test
  void stationsStillEmptyHaveNoFigures() {
    assertThat(figures(recipe(bowl(), null, "", "", "", 2.0)).bases()).containsOnly(PER_100G_RAW);
    assertThat(figures(recipe(bowl(), 4, "", "", "", null)).bases())
        .containsOnly(PER_100G_RAW, PER_PIECE);
    assertThat(figures(recipe(List.of(), 4, "", "", "", 1.0)).total(PER_100G_RAW, FAT).bound())
        .isEqualTo(Bound.NOT_KNOWN);
  }

  @Test
  void impossibleAmountsAreSaid() {
    RecipeReading reading = READER.read(recipe(bowl(), 4, "700 g", "5 g oil", "6 g", 9.0), book);
    assertThat(reading.problems())
        .extracting(RecipeReading.FieldProblem::field)
        .containsExactly("griddle.left", "griddle.panFatLeft");
    assertThat(reading.problems().get(0).refusal().problem()).contains("700 g").contains("600 g");
    assertThat(reading.findings()).anyMatch(finding -> finding.contains("only 3 were kept"));
  }

  @Property(tries = 200)
  void partsSumToTheWholeAndAllScalesTogether(
      @ForAll @DoubleRange(min = 10, max = 900) double flour,
      @ForAll @DoubleRange(min = 10, max = 900) double milk,
      @ForAll @IntRange(min = 1, max = 30) int pieces) {
    List<Recipe.Line> once = lines("bowl", flour + " g flour", milk + " g milk", "1 egg");
    List<Recipe.Line> twice = lines("bowl", 2 * flour + " g flour", 2 * milk + " g milk", "2 eggs");
    Figures figures = figures(recipe(once, pieces, "", "", "", 1.0));
    Figures doubled = figures(recipe(twice, 2 * pieces, "", "", "", 1.0));
    for (Component component : FIVE) {
      double whole = figures.total(AS_SERVED, component).estimate().value();
      double parts =
          figures.rows().stream()
              .mapToDouble(row -> row.served().get(component).estimate().value())
              .sum();
      assertThat(parts).isCloseTo(whole, within(1e-9));
      assertThat(doubled.total(AS_SERVED, component).estimate().value())
          .isCloseTo(whole, within(1e-9 * (1 + whole)));
    }
  }

  /** 400 g of milk to 200 g of flour; the ratio's u by the first-order rule of a quotient. */
  @Test
  void liquidToFlour() {
    Makeup makeup =
        Makeup.of(
            READER
                .read(recipe(lines("b", "200 g flour", "400 g milk"), null, "", "", "", null), book)
                .made()
                .batter(),
            book);
    Estimate ratio = makeup.liquidPerFlour().orElseThrow();
    assertThat(ratio.value()).isEqualTo(2);
    // The scale's calibration is in both and cancels; what stays is reading it twice.
    double read = 1 / Math.sqrt(12);
    assertThat(ratio.u()).isCloseTo(2 * Math.hypot(read / 200, read / 400), within(1e-12));
  }
}
