package honeststack.core.figures;

import static honeststack.core.figures.Basis.AS_SERVED;
import static honeststack.core.figures.Basis.PER_100G_RAW;
import static honeststack.core.figures.Basis.PER_PIECE;
import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.FIBTG;
import static honeststack.core.food.Component.PROCNT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Bound;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Figures derived on paper from foods with round numbers. */
class FiguresTest {
  private static final List<Component> FIVE = List.of(ENERC, PROCNT, CHOCDF, FIBTG, FAT);

  private static final List<String> ODD_NAMES =
      List.of(
          "a",
          "a:range",
          "a:1",
          "griddle:pieces",
          "griddle.left",
          "pan",
          "pan:left",
          "use:a",
          "a:adjusted:0",
          "scale:calibration",
          "preparation:x:use:a",
          "",
          "b",
          "tablespoon",
          "one");

  private static Figures figures(TestRecipes recipe) {
    return figures(recipe.read());
  }

  private static Figures figures(RecipeReading reading) {
    return Figures.of(reading, FIVE.stream().map(Measurand::of).toList());
  }

  private static TestRecipes bowl() {
    return TestRecipes.bowl("200 g flour", "300 g milk", "100 g egg");
  }

  /**
   * Batter 600 g: energy 700 + 180 + 140 = 1020 kcal; 60 g left, so 0.9 of it in 10 pieces; pan fat
   * 20 − 10 = 10 g = 90 kcal. A piece: 91.8 + 9 kcal. Three with 50 g of sugar: 302.4 + 200 kcal.
   */
  @Test
  void energyOnEachBasis() {
    Figures figures = figures(bowl().left("60 g").pan("20 g oil", "10 g").serving(3, "50 g sugar"));
    assertThat(figures.figure(PER_PIECE, ENERC).value()).isCloseTo(100.8, within(1e-9));
    assertThat(figures.figure(AS_SERVED, ENERC).value()).isCloseTo(502.4, within(1e-9));
    assertThat(figures.figure(PER_100G_RAW, ENERC).value()).isCloseTo(170, within(1e-9));
    assertThat(figures.figure(AS_SERVED, FAT).value())
        .isCloseTo((2 + 9 + 10) * 0.27 + 3, within(1e-9));
    assertThat(figures.inBowl(ENERC)).isCloseTo(1020, within(1e-9));
    assertThat(figures.inPan(ENERC)).isCloseTo(90, within(1e-9));
    assertThat(figures.onTop(ENERC)).isCloseTo(200, within(1e-9));
  }

  /** Every weighed line by hand: 0.3 % shared by all, 1/√12 g each, 5 % of each food's value. */
  @Test
  void uncertaintyByHand() {
    Figures figures =
        figures(
            TestRecipes.bowl("200 g flour", "300 g milk")
                .pan("", "")
                .serving(2)
                .pieces(10, Portioning.WEIGHED));
    double pieces = 0.01 * Math.sqrt(0.5 * 0.8) * 880;
    double scale = 0.003 * 880;
    double read = Math.hypot(3.5, 0.6) / Math.sqrt(12);
    double tables = Math.hypot(0.05 * 700, 0.05 * 180);
    double u = 0.2 * Math.sqrt(pieces * pieces + scale * scale + read * read + tables * tables);
    assertThat(figures.figure(AS_SERVED, ENERC).u()).isCloseTo(u, within(1e-9));
  }

  /** What was left in the pan, unmeasured: half of it, with u = all of it / (2√3), 9 kcal/g. */
  @Test
  void unmeasuredPanFatIsARectangle() {
    Figures figures =
        figures(
            TestRecipes.bowl("0 g sugar")
                .pan("20 g oil", "")
                .serving(1)
                .pieces(1, Portioning.WEIGHED));
    Figure energy = figures.figure(AS_SERVED, ENERC);
    assertThat(energy.value()).isCloseTo(90, within(1e-9));
    double stayed = 9 * 20 / Math.sqrt(12);
    assertThat(energy.budget(0).get(0).sensitivity()).isCloseTo(stayed, within(1e-9));
    assertThat(energy.budget(0).get(0).share()).isGreaterThan(0.98);
  }

  @Test
  void whatIsNotUnderstoodMakesFiguresAtLeast() {
    Figures figures =
        figures(TestRecipes.bowl("200 g flour", "a yard of milk").pan("", "").serving(2));
    assertThat(figures.figure(AS_SERVED, ENERC).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(figures.figure(PER_100G_RAW, ENERC).bound()).isEqualTo(Bound.NOT_KNOWN);
    assertThat(figures.figure(AS_SERVED, ENERC).missing().more()).isInfinite();
  }

  /**
   * Up to 50 g of sugar "to taste", 400 kcal and no fat in 100 g, in two of ten pieces: 40 kcal
   * more at most; fat stays as it is. In 100 g of batter there is more energy and less fat.
   */
  @Test
  void anOpenAmountIsBoundedByWhatIsPlausible() {
    Figures figures =
        figures(TestRecipes.bowl("200 g flour", "sugar, to taste").pan("", "").serving(2));
    Figure energy = figures.figure(AS_SERVED, ENERC);
    assertThat(energy.bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(energy.missing().more()).isCloseTo(0.2 * 50 * 4, within(1e-9));
    assertThat(figures.figure(AS_SERVED, FAT).bound()).isEqualTo(Bound.COMPLETE);
    assertThat(figures.figure(PER_100G_RAW, ENERC).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(figures.figure(PER_100G_RAW, FAT).bound()).isEqualTo(Bound.AT_MOST);
    // 2 g of fat in 200 g are 1 in 100 g; in 250 g they would be 0.8.
    assertThat(figures.figure(PER_100G_RAW, FAT).missing().less()).isCloseTo(0.2, within(1e-9));
  }

  /** Unknown is not zero: a figure that lacks a part is at least what it shows. */
  @Test
  void anUnknownComponentMakesAFigureAtLeast() {
    Figures figures = Figures.of(bowl().pan("", "").read(), List.of(Measurand.of(Component.SUGAR)));
    assertThat(figures.figure(AS_SERVED, Component.SUGAR).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(figures.parts(List.of(Component.SUGAR)).get(0).values()[0]).isNaN();
  }

  @Test
  void stationsStillEmptyHaveNoFigures() {
    Recipe recipe = bowl().recipe();
    Recipe uncounted =
        new Recipe(
            recipe.system(),
            recipe.bowl(),
            new Recipe.AtTheGriddle(
                Optional.empty(), 0, Portioning.LADLE, "", Optional.empty(), ""),
            recipe.plate());
    Figures figures = figures(TestFoods.kitchen().read(uncounted));
    assertThat(figures.bases()).containsOnly(PER_100G_RAW);
    assertThat(figures.on(AS_SERVED)).isEmpty();
    assertThat(figures.parts(FIVE)).isEmpty();
    assertThatThrownBy(() -> figures.figure(AS_SERVED, ENERC))
        .isInstanceOf(NoSuchElementException.class);
    assertThatThrownBy(() -> figures.figure(PER_100G_RAW, Component.NA))
        .isInstanceOf(NoSuchElementException.class);
    assertThat(figures(TestRecipes.bowl().serving(1)).on(PER_100G_RAW)).isEmpty();
  }

  @Test
  void impossibleAmountsAreSaid() {
    RecipeReading reading =
        bowl().pieces(3, Portioning.LADLE).left("700 g").pan("5 g oil", "6 g").serving(9).read();
    assertThat(reading.problems())
        .extracting(RecipeReading.FieldProblem::field)
        .containsExactlyInAnyOrder("griddle.left", "griddle.panFatLeft");
    assertThat(reading.problems())
        .anyMatch(
            p ->
                p.refusal().problem().contains("700 g") && p.refusal().problem().contains("600 g"));
    assertThat(reading.findings()).anyMatch(finding -> finding.contains("only 3 were kept"));
  }

  @Property(tries = 200)
  void partsSumToTheWholeAndAllScalesTogether(
      @ForAll @DoubleRange(min = 10, max = 900) double flour,
      @ForAll @DoubleRange(min = 10, max = 900) double milk,
      @ForAll @IntRange(min = 1, max = 30) int pieces) {
    Figures once =
        figures(
            TestRecipes.bowl(flour + " g flour", milk + " g milk", "1 egg")
                .pieces(pieces, Portioning.LADLE)
                .serving(1, "50 g sugar"));
    Figures twice =
        figures(
            TestRecipes.bowl(2 * flour + " g flour", 2 * milk + " g milk", "2 eggs")
                .pieces(2 * pieces, Portioning.LADLE)
                .pan("2 tbsp oil", "")
                .serving(1, "50 g sugar"));
    for (int c = 0; c < FIVE.size(); c++) {
      int at = c;
      double whole = once.figure(AS_SERVED, FIVE.get(c)).value();
      double parts = once.parts(FIVE).stream().mapToDouble(part -> part.values()[at]).sum();
      assertThat(parts).isCloseTo(whole, within(1e-9));
      assertThat(twice.figure(AS_SERVED, FIVE.get(c)).value())
          .isCloseTo(whole, within(1e-9 * (1 + whole)));
    }
  }

  /** The published coefficient of a line is what the figure does when a gram is added. */
  @Test
  void oneGramMore() {
    Random random = new Random(4);
    for (int i = 0; i < 50; i++) {
      int flour = 100 + random.nextInt(200);
      Figures before = figures(grams(flour));
      Figures after = figures(grams(flour + 1));
      MeasuredFood line = before.reading().batter().get(0);
      for (Basis basis : before.bases()) {
        double more = after.figure(basis, ENERC).value() - before.figure(basis, ENERC).value();
        double slope = before.perGram(basis, ENERC, line);
        assertThat(more).isCloseTo(slope, within(0.01 * Math.abs(slope) + 1e-6));
      }
      MeasuredFood top = before.reading().plate().orElseThrow().toppings().get(0);
      assertThat(before.perGram(AS_SERVED, ENERC, top)).isCloseTo(4, within(1e-9));
      assertThat(before.perGram(PER_PIECE, ENERC, top)).isZero();
    }
  }

  private static TestRecipes grams(int flour) {
    return TestRecipes.bowl(flour + " g flour", "250 g milk")
        .left("40 g")
        .pan("12 g oil", "2 g")
        .serving(3, "20 g sugar");
  }

  /** Line ids are names only: whatever they are, the figures and their doubt stay the same. */
  @Property(tries = 100)
  void identitiesOfLinesNeverMatter(@ForAll @IntRange(min = 0, max = 999) int seed) {
    List<String> odd = new ArrayList<>(ODD_NAMES);
    Collections.shuffle(odd, new Random(seed));
    Recipe recipe =
        TestRecipes.bowl("1 cup plus 2 tbsp flour", "1-2 cups milk", "2 eggs", "1 tbsp oil")
            .left("30 g")
            .serving(1.5, "1-2 tbsp sugar")
            .recipe();
    Figures plain = figures(TestFoods.kitchen().read(recipe));
    Figures renamed = figures(TestFoods.kitchen().read(renamed(recipe, odd)));
    for (Basis basis : plain.bases()) {
      for (Component component : FIVE) {
        assertThat(renamed.figure(basis, component).u())
            .isCloseTo(plain.figure(basis, component).u(), within(1e-9));
      }
    }
  }

  private static Recipe renamed(Recipe recipe, List<String> ids) {
    Iterator<String> next = ids.iterator();
    UnaryOperator<Recipe.Line> as =
        line -> new Recipe.Line(next.next(), line.text(), line.picked());
    return new Recipe(
        recipe.system(),
        recipe.bowl().stream().map(as).toList(),
        new Recipe.AtTheGriddle(
            recipe.griddle().pieces(),
            0,
            recipe.griddle().portioning(),
            recipe.griddle().left(),
            recipe.griddle().panFat().map(as),
            ""),
        new Recipe.OnThePlate(
            recipe.plate().pieces(), recipe.plate().toppings().stream().map(as).toList()));
  }

  /** One food twice is not two independent compositions: their doubts add, not their squares. */
  @Test
  void aFoodUsedTwiceSharesItsComposition() {
    Figure energy =
        figures(TestRecipes.bowl("100 g flour", "100 g flour").pan("", "").serving(10))
            .figure(AS_SERVED, ENERC);
    energy.compositions((value, s) -> assertThat(s).isCloseTo(0.05 * 700, within(1e-9)));
  }

  /** Largest first, and u² in all. */
  @Test
  void aBudgetIsSortedAndWhole() {
    Figure energy =
        figures(TestRecipes.bowl("1 cup flour", "1 cup milk", "3 eggs", "2 tbsp oil").serving(3))
            .figure(AS_SERVED, ENERC);
    double before = 1;
    double all = 0;
    double squares = 0;
    for (Figure.Share share : energy.budget(0)) {
      assertThat(share.share())
          .isLessThanOrEqualTo(before * (1 + 0x1p-36)); // may stand in any order
      before = share.share();
      all += share.share();
      squares += share.sensitivity() * share.sensitivity();
    }
    assertThat(all).isCloseTo(1, within(1e-9));
    assertThat(Math.sqrt(squares)).isCloseTo(energy.u(), within(1e-9));
    assertThat(energy.budget(0.1)).allMatch(share -> share.share() >= 0.1).isNotEmpty();
    assertThat(energy.budget(0).get(0).source().words()).isNotBlank();
  }

  /** 400 g of milk to 200 g of flour; the ratio's u by the first-order rule of a quotient. */
  @Test
  void liquidToFlour() {
    Makeup makeup = Makeup.of(TestRecipes.bowl("200 g flour", "400 g milk").read());
    assertThat(makeup.liquidPerFlour().orElseThrow().value()).isEqualTo(2);
    // The scale's calibration is in both and cancels; what stays is reading it twice.
    double read = 1 / Math.sqrt(12);
    assertThat(makeup.liquidPerFlour().orElseThrow().u())
        .isCloseTo(2 * Math.hypot(read / 200, read / 400), within(1e-12));
    assertThat(makeup.water()).isEmpty(); // no water value in these foods
    assertThat(Makeup.of(TestRecipes.bowl("200 g flour", "milk, to thin").read()).liquidPerFlour())
        .isEmpty();
  }

  @Test
  void whatEachMeasurandIsStandsInOnePlace() {
    assertThat(Measurand.tagged("ENERC")).contains(Measurand.of(ENERC));
    assertThat(Measurand.tagged("vim")).isEmpty();
    assertThat(Measurand.values()).hasSizeGreaterThanOrEqualTo(Component.values().length);
    assertThat(Measurand.values()).allMatch(one -> !one.words().isBlank() && !one.unit().isBlank());
  }

  /** Another revision of a composition is the same source: both move together. */
  @Test
  void revisionsShareTheirSource() {
    Food flour = TestFoods.FLOUR;
    Food revised = flour.with(Composition.of(flour.id(), flour.name(), 2, 1, Map.of(ENERC, 360.0)));
    assertThat(revised.composition().foodId()).isEqualTo(flour.composition().foodId());
    assertThat(revised.composition().revision()).isEqualTo(2);
  }
}
