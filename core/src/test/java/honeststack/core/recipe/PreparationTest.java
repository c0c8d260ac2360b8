package honeststack.core.recipe;

import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.WATER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Use;
import honeststack.core.estimate.SourceBook;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Foods;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.Recipe.AtTheGriddle;
import honeststack.core.recipe.Recipe.OnThePlate;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The mixed-recipe method of the FAO/INFOODS guidelines, on paper with round numbers. */
class PreparationTest {
  private final Map<String, Preparation> kitchen = new HashMap<>();

  private final Preparations preparations =
      new Preparations() {
        @Override
        public Optional<Preparation> of(Food food) {
          return kitchen.values().stream()
              .filter(one -> one.food().id().equals(food.id()))
              .findFirst();
        }

        @Override
        public Optional<Food> byId(String id) {
          return Optional.empty();
        }

        @Override
        public Optional<Foods.Named> byName(String name) {
          return Optional.ofNullable(kitchen.get(name))
              .map(one -> new Foods.Named(one.food(), false));
        }

        @Override
        public List<Food> nearest(String name, int most) {
          return List.of();
        }
      };

  private final Kitchen kitchens = TestFoods.kitchen().withPreparations(preparations);

  private static Food named(String id, String name, Map<Component, Double> values) {
    return new Food(
        id,
        name,
        Role.ADD_IN,
        false,
        Composition.of(id, name, 1, 0, values),
        List.of(),
        Facts.NONE,
        new Provenance("this kitchen", "", Provenance.Mark.OWN, ""));
  }

  private static Recipe.Line line(String id, String text, String strained) {
    return new Recipe.Line(id, text, Optional.empty(), strained);
  }

  private RecipeReading read(String self, String weight, String panFat, Recipe.Line... lines) {
    Optional<Recipe.Line> fat =
        panFat.isEmpty()
            ? Optional.empty()
            : Optional.of(new Recipe.Line("pan", panFat, Optional.empty()));
    return kitchens.read(
        new Recipe(
            MeasuringSystem.US,
            List.of(lines),
            new AtTheGriddle(Optional.empty(), 0, Portioning.LADLE, "", fat, "0 g"),
            new OnThePlate(Optional.empty(), List.of()),
            Optional.of(new Recipe.Finish(weight, "")),
            Optional.of("preparation-" + self)));
  }

  private RecipeReading read(String self, String... lines) {
    Recipe.Line[] read = new Recipe.Line[lines.length];
    for (int i = 0; i < lines.length; i++) {
      read[i] = line("l" + i, lines[i], "");
    }
    return read(self, "", "", read);
  }

  /** Puts what was made on the kitchen's shelf. */
  private void keep(String id, RecipeReading reading) {
    kitchen.put(
        id,
        Preparation.of(
            named("preparation-" + id, id, Map.of()), "v-" + id, reading.finished().orElseThrow()));
  }

  private MeasuredFood measured(String text) {
    return read("dish", text).batter().get(0);
  }

  private static List<String> refusals(RecipeReading reading) {
    return reading.lines().stream()
        .filter(NotUnderstood.class::isInstance)
        .map(line -> ((NotUnderstood) line).refusal().problem())
        .toList();
  }

  /**
   * 300 g of pear (60 kcal in 100 g) and 50 g of sugar (400) boiled down to 250 g: 180 + 200 = 380
   * kcal in 250 g, so 100 g hold 152 kcal. Reducing changes the weight only.
   */
  @Test
  void aCompoteIsItsFruitOverItsFinalWeight() {
    keep(
        "compote",
        read("compote", "250 g", "", line("a", "300 g pear", ""), line("b", "50 g sugar", "")));
    MeasuredFood spoon = measured("100 g compote");
    assertThat(spoon.value(ENERC)).isCloseTo(152, within(1e-9));
    assertThat(spoon.knows(ENERC)).isTrue();
    assertThat(spoon.per100g(ENERC).getAsDouble()).isCloseTo(152, within(1e-9));
  }

  /** A quarter of the flour stays behind in the cloth. */
  @Test
  void whatIsStrainedOutIsNotInIt() {
    keep(
        "drink",
        read("drink", "900 g", "", line("a", "100 g flour", "25 %"), line("b", "900 g milk", "")));
    double flour = TestFoods.FLOUR.composition().value(ENERC).getAsDouble();
    double milk = TestFoods.MILK.composition().value(ENERC).getAsDouble();
    MeasuredFood cup = measured("100 g drink");
    assertThat(cup.value(ENERC)).isCloseTo((75 * flour + 900 * milk) / 100 / 9, within(1e-9));
    RecipeReading dish = read("dish", "100 g drink");
    assertThat(dish.book().sources())
        .anyMatch(source -> source.words().contains("strained out"))
        .allMatch(
            source ->
                !(source.identity() instanceof Use use)
                    || use.batch().equals(source.words().contains("drink") ? "" : "v-drink"));
  }

  /** 20 g of water in 100 g of food, boiled down to 90 g, leave 10 g; half of it holds 5 g. */
  @Test
  void whatBoilsOffIsWater() {
    Food wet = named("wet", "wet", Map.of(WATER, 20.0, FAT, 5.0));
    Preparation less =
        Preparation.of(
            named("preparation-less", "less", Map.of()),
            "v",
            new Finished(
                List.of(new MeasuredFood("a", wet, Estimate.exact(100))), Estimate.exact(90)));
    MeasuredFood half = less.measured("l", Estimate.exact(45), new SourceBook());
    assertThat(half.value(WATER)).isCloseTo(5, within(1e-9));
    assertThat(half.value(FAT)).isCloseTo(2.5, within(1e-9));
    assertThat(half.parts().get(0).mass().value()).isCloseTo(50, within(1e-9));
  }

  /** A fried topping holds what it took from its own pan: all 10 g, since none was left. */
  @Test
  void aFriedToppingHoldsItsPanFat() {
    RecipeReading fried = read("fried", "", "10 g oil", line("a", "90 g pear", ""));
    keep("fried", fried);
    assertThat(fried.finished().orElseThrow().weight().value()).isCloseTo(100, within(1e-9));
    assertThat(measured("100 g fried").value(FAT)).isCloseTo(10, within(1e-9));
  }

  /**
   * The same pear's table value is behind both, the compote and the fresh fruit: its doubt adds up,
   * 5 % of 120 kcal, half of it in a serving of two out of four pieces.
   */
  @Test
  void aPreparationSharesItsFoodsSourcesWithTheSameFoodsFresh() {
    keep("compote", read("compote", "100 g pear"));
    Recipe both =
        TestRecipes.bowl("100 g compote", "100 g pear")
            .pieces(4, Portioning.WEIGHED)
            .pan("", "")
            .serving(2)
            .recipe();
    Figures figures = Figures.of(kitchens.read(both), List.of(Measurand.of(ENERC)));
    List<Double> tables = new ArrayList<>();
    figures
        .figure(Basis.AS_SERVED, ENERC)
        .compositions((value, s) -> tables.add(value.foodId().equals("pear") ? s : -1));
    assertThat(tables).singleElement().satisfies(s -> assertThat(s).isCloseTo(3, within(1e-9)));
  }

  @Test
  void goesFiveDeepAndRefusesTheSixth() {
    keep("p1", read("p1", "100 g pear"));
    List<String> problems = new ArrayList<>();
    for (int i = 2; i <= 6; i++) {
      String inside = "p" + (i - 1);
      RecipeReading reading = read("p" + i, "100 g " + inside);
      problems.addAll(refusals(reading));
      if (problems.isEmpty()) {
        keep("p" + i, reading);
      }
    }
    assertThat(measured("100 g p4").value(ENERC)).isCloseTo(60, within(1e-9));
    assertThat(problems).singleElement().asString().contains("p5", "5 deep");
  }

  @Test
  void refusesACycleAndNamesThePath() {
    keep("compote", read("compote", "100 g pear"));
    keep("syrup", read("syrup", "100 g compote"));
    assertThat(refusals(read("compote", "50 g syrup")))
        .singleElement()
        .asString()
        .contains("syrup → compote");
  }

  @Test
  void refusesAShareAndAWeightThatCannotBe() {
    assertThat(read("x", "0 g", "", line("a", "100 g pear", "120 %")).problems())
        .extracting(RecipeReading.FieldProblem::field)
        .containsExactlyInAnyOrder("strained:a", "finish.weight");
    assertThat(read("x", "500 g", "", line("a", "100 g pear", "")).findings())
        .anyMatch(finding -> finding.contains("500 g") && finding.contains("100 g"));
  }
}
