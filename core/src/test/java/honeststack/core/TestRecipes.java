package honeststack.core;

import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.Recipe.Portioning;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A recipe put together word by word. */
public final class TestRecipes {
  private final List<Recipe.Line> bowl = new ArrayList<>();
  private final List<Recipe.Line> toppings = new ArrayList<>();
  private int pieces = 10;
  private Portioning portioning = Portioning.LADLE;
  private String left = "";
  private String panFat = "1 tbsp oil";
  private String panFatLeft = "";
  private double served = 2;

  public static TestRecipes bowl(String... texts) {
    TestRecipes recipe = new TestRecipes();
    for (String text : texts) {
      recipe.bowl.add(line("bowl-" + recipe.bowl.size(), text));
    }
    return recipe;
  }

  private static Recipe.Line line(String id, String text) {
    return new Recipe.Line(id, text, Optional.empty());
  }

  public TestRecipes pieces(int count, Portioning how) {
    pieces = count;
    portioning = how;
    return this;
  }

  public TestRecipes left(String weight) {
    left = weight;
    return this;
  }

  public TestRecipes pan(String fat, String stayed) {
    panFat = fat;
    panFatLeft = stayed;
    return this;
  }

  public TestRecipes serving(double count, String... tops) {
    served = count;
    for (String text : tops) {
      toppings.add(line("top-" + toppings.size(), text));
    }
    return this;
  }

  /** As the test kitchen reads it. */
  public RecipeReading read() {
    return TestFoods.kitchen().read(recipe());
  }

  public Recipe recipe() {
    return new Recipe(
        MeasuringSystem.US,
        bowl,
        new Recipe.AtTheGriddle(
            Optional.of(pieces), 0, portioning, left, Optional.of(line("pan", panFat)), panFatLeft),
        new Recipe.OnThePlate(Optional.of(served), toppings));
  }
}
