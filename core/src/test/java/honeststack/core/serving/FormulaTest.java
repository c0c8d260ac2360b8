package honeststack.core.serving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeststack.core.TestFoods;
import honeststack.core.TestRecipes;
import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.serving.Recipe.Portioning;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class FormulaTest {
  private static final List<Component> ENERGY = List.of(Component.ENERC);

  private final SourceBook book = SourceBook.firstOrder();
  private final RecipeReader reader = new RecipeReader(new TestFoods(), TestFoods.doubt());

  private String words(TestRecipes recipe, Basis basis) {
    Made made = reader.read(recipe.recipe(), book).made();
    return Formula.words(Figures.of(made, ENERGY, book), made, basis, Component.ENERC);
  }

  /** 700 + 180 kcal in 500 g, 50 g of it left: 0.9 × 880 × 2/10 + 72 × 2/10 + 80. */
  @Test
  void everyPartIsNamedWithItsNumber() {
    TestRecipes recipe =
        TestRecipes.bowl("200 g flour", "300 g milk")
            .pieces(10, Portioning.LADLE)
            .left("50 g")
            .pan("10 g oil", "2 g")
            .serving(2, "20 g sugar");
    assertThat(words(recipe, Basis.AS_SERVED))
        .isEqualTo(
            "All the batter, 880 kcal, × the part that was baked, 450 of 500 g, × 2 of 10 pieces,"
                + " + the pan fat taken up, 72 kcal, × 2 of 10 pieces, + toppings, 80 kcal = 253 kcal.");
    assertThat(words(recipe, Basis.PER_100G_RAW))
        .isEqualTo("All the batter, 880 kcal, ÷ its weight, 500 g, × 100 = 176 kcal.");
  }

  @Test
  void partsThatAreNotThereAreNotNamed() {
    assertThat(words(TestRecipes.bowl("100 g sugar").pan("", "").serving(1), Basis.PER_PIECE))
        .isEqualTo("All the batter, 400 kcal, × 1 of 10 pieces = 40 kcal.");
  }

  /** One food twice is not two independent compositions: their doubts add, not their squares. */
  @Test
  void aFoodUsedTwiceSharesItsComposition() {
    double u = 0.05 * 200 * 3.5;
    Estimate twice =
        new Batter(
                List.of(
                    new MeasuredFood("a", TestFoods.FLOUR, Estimate.exact(100)),
                    new MeasuredFood("b", TestFoods.FLOUR, Estimate.exact(100))),
                false)
            .total(Component.ENERC, book)
            .estimate();
    assertThat(twice.u()).isCloseTo(u, within(1e-9));
  }

  /** Unknown is not zero: a figure that lacks a part is at least what it shows. */
  @Test
  void anUnknownComponentMakesAFigureAtLeast() {
    Food flour = TestFoods.FLOUR;
    Food unknown =
        flour.with(Composition.of(flour.id(), flour.name(), 2, 1, Map.of(Component.ENERC, 350.0)));
    Made made = reader.read(TestRecipes.bowl("100 g milk").recipe(), book).made();
    Batter batter =
        new Batter(
            List.of(
                made.batter().lines().get(0), new MeasuredFood("x", unknown, Estimate.exact(100))),
            false);
    Figures figures =
        Figures.of(
            new Made(batter, made.griddle(), made.plate()),
            List.of(Component.ENERC, Component.FIBTG),
            book);
    assertThat(figures.total(Basis.AS_SERVED, Component.FIBTG).bound()).isEqualTo(Bound.AT_LEAST);
    assertThat(figures.total(Basis.AS_SERVED, Component.ENERC).bound()).isEqualTo(Bound.COMPLETE);
  }

  @Test
  void aRecipesSystemSaysWhatItsCupsHold() {
    Recipe us = TestRecipes.bowl("1 cup milk", "1 tbsp oil").recipe();
    Recipe australian = new Recipe(MeasuringSystem.AUSTRALIAN, us.bowl(), us.griddle(), us.plate());
    List<MeasuredFood> lines = reader.read(australian, book).made().batter().lines();
    double perMillilitre = 244 / TestFoods.CUP;
    assertThat(lines.get(0).mass().value()).isCloseTo(250 * perMillilitre, within(1e-9));
    assertThat(lines.get(1).mass().value()).isCloseTo(20 * 14 * 16 / TestFoods.CUP, within(1e-9));
  }

  @Test
  void aFoodPickedByHandIsTakenWhateverTheTextSays() {
    Recipe.Line picked = new Recipe.Line("p", "100 g plonk", Optional.of("sugar"));
    Recipe recipe = TestRecipes.bowl().recipe();
    RecipeReading reading =
        reader.read(
            new Recipe(recipe.system(), List.of(picked), recipe.griddle(), recipe.plate()), book);
    assertThat(reading.made().batter().lines().get(0).food()).isEqualTo(TestFoods.SUGAR);
  }
}
