package honeststack.core.promise;

import honeststack.core.food.Component;
import honeststack.core.food.Origin;
import honeststack.core.keeping.Caution;
import honeststack.core.promise.Ingredients.Ingredient;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What to mind in the foods of a recipe. None of it blocks anything. */
public final class FoodCautions {
  private static final Caution XYLITOL =
      new Caution(
          "Xylitol is poison to dogs, also in small amounts: nothing of this goes to them.",
          "FDA consumer advice (from memory)");
  private static final Caution POLYOLS =
      new Caution(
          "Polyols may upset the gut, the more the more is eaten at once.",
          "EU 1169/2011 Annex III: over 10 % of added polyols “excessive consumption may produce"
              + " laxative effects”");
  private static final Caution HONEY =
      new Caution(
          "Honey, raw or baked, is not for infants under one year.",
          "advice of health authorities on infant botulism (from memory)");

  private FoodCautions() {}

  public static List<Caution> of(RecipeReading reading) {
    List<Ingredient> all = Ingredients.of(reading).known();
    List<Caution> cautions = new ArrayList<>();
    if (all.stream().anyMatch(one -> name(one).contains("xylitol"))) {
      cautions.add(XYLITOL);
    }
    boolean polyols =
        all.stream()
            .anyMatch(one -> one.food().composition().value(Component.POLYL).orElse(0) >= 10);
    if (polyols) {
      cautions.add(POLYOLS);
    }
    if (all.stream().anyMatch(one -> one.food().facts().origins().contains(Origin.HONEY))) {
      cautions.add(HONEY);
    }
    return List.copyOf(cautions);
  }

  private static String name(Ingredient one) {
    return one.food().name().toLowerCase(Locale.ROOT);
  }
}
