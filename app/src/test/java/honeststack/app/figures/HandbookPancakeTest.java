package honeststack.app.figures;

import static honeststack.core.food.Component.CHOCDF;
import static honeststack.core.food.Component.ENERC;
import static honeststack.core.food.Component.FAT;
import static honeststack.core.food.Component.PROCNT;
import static honeststack.core.food.Component.WATER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import honeststack.app.Drafts;
import honeststack.app.doubt.ShippedTables;
import honeststack.app.draft.Draft;
import honeststack.app.larder.Larder;
import honeststack.core.food.Component;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.RecipeReading;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * USDA Standard Reference, “pancakes, plain, prepared from recipe”, per 100 g (from memory): water
 * 52.9 g, energy 227 kcal, protein 6.4 g, fat 9.7 g, carbohydrate 28.3 g. By the mixed-recipe
 * method of the FAO/INFOODS guidelines: components per ingredient, yield factor on the recipe.
 */
class HandbookPancakeTest {
  private static final double YIELD_FACTOR = 0.88;
  private static final double TOLERANCE_PERCENT = 6;

  @Test
  void aBatterOfTheHandbooksRecipe() {
    Draft draft =
        Drafts.of(
            "125 g all-purpose flour",
            "12.5 g sugar",
            "9.2 g baking powder",
            "3 g salt",
            "244 g whole milk",
            "50 g egg",
            "27.2 g vegetable oil");
    RecipeReading reading =
        Kitchen.of(Larder.reference(), ShippedTables.read()).read(draft.recipe());
    double mass = reading.batterMass().value();
    double cooked = mass * YIELD_FACTOR;
    Map.of(ENERC, 227.0, PROCNT, 6.4, FAT, 9.7, CHOCDF, 28.3)
        .forEach(
            (component, expected) ->
                assertThat(total(reading, component) / cooked)
                    .as(component.name())
                    .isCloseTo(expected, withinPercentage(TOLERANCE_PERCENT)));
    assertThat((total(reading, WATER) - 100 * (mass - cooked)) / cooked)
        .isCloseTo(52.9, withinPercentage(TOLERANCE_PERCENT));
  }

  /** A hundred times what is in the batter. */
  private static double total(RecipeReading reading, Component component) {
    return reading.batter().stream()
        .mapToDouble(
            line -> line.mass().value() * line.food().composition().value(component).orElseThrow())
        .sum();
  }
}
