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
  private Recipe.Making making = Recipe.Making.NOT_SAID;
  private boolean counted = true;
  private String amount = "";
  private final List<Recipe.Helping> others = new ArrayList<>();

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

  public TestRecipes making(Recipe.Making how) {
    making = how;
    return this;
  }

  /** Nobody counted; so much goes into one. */
  public TestRecipes portion(String each) {
    counted = false;
    return making(said(each, "", "", "", 0, List.of()));
  }

  public static Recipe.Making said(
      String portion, String spilled, String tasted, String cooked, int of, List<String> each) {
    return new Recipe.Making(
        portion,
        Optional.empty(),
        spilled,
        tasted,
        new Recipe.Cooked(cooked, of),
        Recipe.Doneness.PANCAKE,
        List.of(),
        0,
        each,
        0,
        "",
        Optional.empty());
  }

  public TestRecipes serving(String other) {
    amount = other;
    return this;
  }

  public TestRecipes other(String name, String other) {
    others.add(new Recipe.Helping(name, other, Optional.empty()));
    return this;
  }

  /** Another serving under toppings of its own. */
  public TestRecipes under(String name, String other, String... tops) {
    List<Recipe.Line> own = new ArrayList<>();
    for (String text : tops) {
      own.add(line(name + own.size(), text));
    }
    others.add(new Recipe.Helping(name, other, Optional.of(own)));
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
            counted ? Optional.of(pieces) : Optional.empty(),
            0,
            portioning,
            left,
            Optional.of(line("pan", panFat)),
            panFatLeft,
            making),
        new Recipe.OnThePlate(Optional.of(served), toppings, amount, others));
  }
}
