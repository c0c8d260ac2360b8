package honeststack.core.promise;

import honeststack.core.food.Food;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.NotUnderstood;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * All foods of a recipe, measured or not, preparations as what they are made of.
 *
 * @param refused lines of which nothing is known, as they were written
 */
record Ingredients(List<Ingredient> known, List<String> refused) {

  /**
   * A food in a recipe.
   *
   * @param text of its line
   */
  record Ingredient(Food food, String text) {}

  Ingredients {
    known = List.copyOf(known);
    refused = List.copyOf(refused);
  }

  static Ingredients of(RecipeReading reading) {
    Map<String, MeasuredFood> measured = new HashMap<>();
    reading.foods().forEach(food -> measured.put(food.id(), food));
    List<Ingredient> known = new ArrayList<>();
    List<String> refused = new ArrayList<>();
    for (LineReading line : reading.lines()) {
      if (RecipeReading.isOff(line)) {
        continue;
      }
      if (line instanceof Understood read) {
        add(measured.get(read.id()), read.food(), read.remarks().text(), known);
      } else if (line instanceof NotMeasured open) {
        known.add(new Ingredient(open.food(), open.remarks().text()));
      } else if (line instanceof NotUnderstood no) {
        refused.add(no.text());
      }
    }
    return new Ingredients(known, refused);
  }

  private static void add(MeasuredFood food, Food named, String text, List<Ingredient> known) {
    if (food == null || food.parts().isEmpty()) {
      known.add(new Ingredient(named, text));
      return;
    }
    food.parts().forEach(part -> add(part, part.food(), text, known));
  }

  boolean isEmpty() {
    return known.isEmpty() && refused.isEmpty();
  }
}
