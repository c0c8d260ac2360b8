package honeststack.core.recipe;

import static honeststack.core.TestRecipes.bowl;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.estimate.Estimate;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.measure.OwnWeights.Own;
import honeststack.core.recipe.Recipe.Cooked;
import honeststack.core.recipe.Recipe.Doneness;
import honeststack.core.recipe.Recipe.Habit;
import honeststack.core.recipe.Recipe.Line;
import honeststack.core.recipe.Recipe.Making;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.yield.Tool;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Air, tools, fats and what earlier mornings showed. */
class BatterTest {
  private static final String[] BATTER = {"200 g flour", "300 g milk", "100 g egg"};

  private static Making making(
      String portion, Doneness doneness, List<Line> fats, int rounds, Optional<Habit> habit) {
    return new Making(
        portion,
        Optional.empty(),
        "",
        "",
        Cooked.NOT_WEIGHED,
        doneness,
        fats,
        rounds,
        List.of(),
        0,
        "",
        habit);
  }

  private static Making plain(Doneness doneness) {
    return making("", doneness, List.of(), 0, Optional.empty());
  }

  private static double energy(RecipeReading reading, Basis basis) {
    return Figures.of(reading, List.of(Measurand.of(Component.ENERC)))
        .figure(basis, Component.ENERC)
        .value();
  }

  private static double volume(String... lines) {
    return bowl(lines).portion("60 ml").read().outcome().volume().orElseThrow().value();
  }

  /** 3 % of air without leavening, 25 % with whipped whites: volumes stand as 0.75 to 0.97. */
  @Test
  void whippedWhitesHoldAir() {
    double flat = volume("200 g flour", "3 eggs");
    double whipped = volume("200 g flour", "3 eggs, whites whipped stiff");
    assertThat(whipped / flat).isCloseTo(0.97 / 0.75, within(1e-9));
    // What is whipped is the egg, not the cream beside it.
    double cream = volume("200 g flour", "3 eggs", "100 g milk, whipped");
    assertThat(cream).isCloseTo(volume("200 g flour", "3 eggs", "100 g milk"), within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"PANCAKE, 0.88", "WAFFLE_SOFT, 0.85", "WAFFLE_CRISP, 0.76"})
  void cookingTakesWater(Doneness doneness, double keeps) {
    RecipeReading reading =
        bowl(BATTER).pieces(6, Portioning.SCOOP).pan("none", "").making(plain(doneness)).read();
    Estimate factor =
        reading.griddle().orElseThrow().yieldFactor(reading.batterMass()).orElseThrow();
    assertThat(factor.value()).isCloseTo(keeps, within(1e-9));
    assertThat(2 * factor.u()).isBetween(0.035, 0.055); // the method says ± 0.04 and ± 0.05
    assertThat(energy(reading, Basis.PER_100G_COOKED) * keeps)
        .isCloseTo(energy(reading, Basis.PER_100G_RAW), within(1e-9));
  }

  @Test
  void aToolIsKnownByItsName() {
    Tool iron = new Tool("Hut iron", "200 g", 4, Optional.empty());
    Tool ladle =
        new Tool("ladle", "80 ml", 1, Optional.of(Own.of(List.of(58.0, 60.0, 62.0, 60.0))));
    Kitchen kitchen =
        TestFoods.kitchen()
            .withTools(
                name ->
                    List.of(iron, ladle).stream()
                        .filter(
                            t ->
                                t.name()
                                    .toLowerCase(Locale.ROOT)
                                    .equals(name.strip().toLowerCase(Locale.ROOT)))
                        .findFirst());
    RecipeReading waffles = kitchen.read(bowl(BATTER).portion("hut iron").recipe());
    assertThat(waffles.griddle().orElseThrow().count()).isCloseTo(12, within(1e-9));
    RecipeReading cakes = kitchen.read(bowl(BATTER).portion("Ladle ").recipe());
    assertThat(cakes.griddle().orElseThrow().count()).isCloseTo(10, within(1e-9));
    assertThat(cakes.book().sources())
        .anyMatch(source -> source.words().contains("from 4 weighings"));
  }

  /** 10 g of oil twice and 5 g of sugar twice: all of it with nothing left, by the pieces. */
  @Test
  void severalFatsGoInAnewForEveryRound() {
    List<Line> more = List.of(new Line("fat-2", "5 g sugar", Optional.empty()));
    RecipeReading reading =
        bowl(BATTER)
            .pieces(10, Portioning.SCOOP)
            .pan("10 g oil", "0 g")
            .making(making("", Doneness.PANCAKE, more, 2, Optional.empty()))
            .read();
    assertThat(reading.panFats()).hasSize(2);
    double fat = 20 * 9 + 10 * 4;
    RecipeReading dry = bowl(BATTER).pieces(10, Portioning.SCOOP).pan("none", "").read();
    assertThat(energy(reading, Basis.PER_PIECE) - energy(dry, Basis.PER_PIECE))
        .isCloseTo(fat / 10, within(1e-9));
    assertThat(energy(reading, Basis.WHOLE_BATCH) - energy(dry, Basis.WHOLE_BATCH))
        .isCloseTo(fat, within(1e-9));
  }

  /** What was left of two fats is left of each as much as went in. */
  @Test
  void whatIsLeftIsLeftOfAllFats() {
    List<Line> more = List.of(new Line("fat-2", "10 g sugar", Optional.empty()));
    RecipeReading reading =
        bowl(BATTER)
            .pieces(10, Portioning.SCOOP)
            .pan("30 g oil", "8 g")
            .making(making("", Doneness.PANCAKE, more, 0, Optional.empty()))
            .read();
    assertThat(reading.panFats().get(0).taken().mass().value()).isCloseTo(24, within(1e-9));
    assertThat(reading.panFats().get(1).taken().mass().value()).isCloseTo(8, within(1e-9));
  }

  @Test
  void earlierMorningsReplaceWhatIsUsual() {
    Habit habit = new Habit(3, 0.82, 0.02, 0.1, 0.03);
    RecipeReading reading =
        TestFoods.kitchen()
            .read(
                bowl(BATTER)
                    .portion("60 g")
                    .making(making("60 g", Doneness.PANCAKE, List.of(), 0, Optional.of(habit)))
                    .recipe());
    assertThat(reading.griddle().orElseThrow().count()).isCloseTo(9, within(1e-9));
    assertThat(reading.griddle().orElseThrow().cookedPiece().orElseThrow().value() / (600.0 / 9))
        .isCloseTo(0.82, within(1e-9));
    assertThat(reading.findings()).anyMatch(said -> said.contains("As your 3 mornings showed"));
  }

  /** Twice as much of a recipe is twice as much of what was left of it. */
  @Test
  void whatWasLeftGrowsWithTheRecipe() {
    Recipe recipe =
        bowl(BATTER)
            .pieces(8, Portioning.SCOOP)
            .left("½ cup")
            .making(TestRecipes.said("60 g", "20 g", "1 tbsp", "100 g", 2, List.of("small")))
            .recipe();
    Recipe twice =
        Rewriting.scale(TestFoods.kitchen(), recipe, new Rewriting.Wanted("2", "", "", ""))
            .recipe();
    assertThat(twice.griddle().left()).isEqualTo("1 cup");
    assertThat(twice.griddle().making().spilled()).isEqualTo("40 g");
    assertThat(twice.griddle().making().tasted()).isEqualTo("2 tbsp");
    assertThat(twice.griddle().making().portion()).isEqualTo("60 g");
    // What was weighed and noted was of other pieces.
    assertThat(twice.griddle().making().cooked()).isEqualTo(Cooked.NOT_WEIGHED);
    assertThat(twice.griddle().making().each()).isEmpty();
  }

  /** Pieces not cooked yet are as much batter as those that were. */
  @Test
  void whatIsLeftMayBeSaidInPieces() {
    RecipeReading reading = bowl(BATTER).pieces(8, Portioning.SCOOP).left("2 pieces").read();
    assertThat(reading.griddle().orElseThrow().left().value()).isCloseTo(120, within(1e-9));
    RecipeReading portioned = bowl(BATTER).left("2 pieces").pan("none", "").portion("50 g").read();
    assertThat(portioned.griddle().orElseThrow().left().value()).isCloseTo(100, within(1e-9));
    assertThat(portioned.griddle().orElseThrow().count()).isCloseTo(10, within(1e-9));
  }
}
