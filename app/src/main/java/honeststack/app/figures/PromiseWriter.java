package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.AllergenAnswer;
import honeststack.app.figures.FiguresAnswer.CautionAnswer;
import honeststack.app.figures.FiguresAnswer.PromiseAnswer;
import honeststack.core.food.Allergen;
import honeststack.core.promise.FoodCautions;
import honeststack.core.promise.Promise;
import honeststack.core.promise.Promises;
import honeststack.core.recipe.RecipeReading;
import java.util.List;

/** Writes down what a recipe is free from, and what to mind in it. */
final class PromiseWriter {
  private PromiseWriter() {}

  static List<PromiseAnswer> promises(RecipeReading reading, List<Promise> asked) {
    return Promises.of(reading).stream()
        .map(
            held ->
                new PromiseAnswer(
                    held.promise(),
                    held.promise().words(),
                    held.standing(),
                    held.decides(),
                    held.note(),
                    asked.contains(held.promise()) ? true : null))
        .toList();
  }

  static AllergenAnswer allergens(RecipeReading reading) {
    Promises.Allergens allergens = Promises.allergens(reading);
    return new AllergenAnswer(
        allergens.contains().stream().map(Allergen::words).toList(),
        allergens.mayContain().stream().map(Allergen::words).toList());
  }

  static List<CautionAnswer> cautions(RecipeReading reading) {
    List<CautionAnswer> cautions =
        FoodCautions.of(reading).stream().map(CautionAnswer::of).toList();
    return cautions.isEmpty() ? null : cautions;
  }
}
