package honeststack.core.recipe;

import java.util.List;

/**
 * Toppings that are no lines of the recipe.
 *
 * @param missing what of them is not in the numbers
 */
record Aside(List<MeasuredFood> measured, List<Gap> missing) {
  Aside {
    measured = List.copyOf(measured);
    missing = List.copyOf(missing);
  }
}
