package honeststack.core.keeping;

import honeststack.core.food.Allergen;
import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Something to mind. None of them blocks anything, and local codes go before all of them.
 *
 * @param basis where it stands, or that it is common practice
 */
public record Caution(String words, String basis) {
  private static final String PRACTICE = "common practice";

  private static final Pattern SEEDS = Pattern.compile("\\b(?:chia|flax|linseed|psyllium)");

  private static final Caution HOLDING =
      new Caution(
          "Held hot, finished pieces and warm toppings stay at 57 °C (135 °F) or hotter.",
          "FDA Food Code 3-501.16");
  private static final Caution COOLING =
      new Caution(
          "What is kept cools from 57 to 21 °C within 2 hours, and to 5 °C within 4 more: one layer,"
              + " not stacked.",
          "FDA Food Code 3-501.14");
  private static final Caution REHEATING =
      new Caution(
          "Reheat through: to 74 °C (165 °F) where it is held hot for others.",
          "FDA Food Code 3-403.11");
  private static final Caution RAW =
      new Caution(
          "Raw batter is not eaten: raw flour and raw egg can both make ill. It is kept cold.",
          "common advice of food authorities; the cautious school on how long");
  private static final Caution FLOUR_ONLY =
      new Caution(
          "Raw batter is not eaten: raw flour can make ill too. It is kept cold.",
          "common advice of food authorities");
  private static final Caution HOT =
      new Caution(
          "Plates, oil and the steam of an iron burn: open the lid away from you, oil never water.",
          PRACTICE);
  private static final Caution GEL =
      new Caution(
          "Seeds that gel are soaked before they are eaten, with enough to drink beside them.",
          PRACTICE);
  private static final Caution CODES =
      new Caution("Local codes and your own authority go before all of this.", PRACTICE);

  /** What a morning with a recipe asks to be minded. */
  public static List<Caution> of(RecipeReading reading) {
    List<Caution> cautions = new ArrayList<>(List.of(HOT, HOLDING));
    cautions.add(hasRawEgg(reading) ? RAW : FLOUR_ONLY);
    boolean seeds =
        reading.batter().stream()
            .anyMatch(f -> SEEDS.matcher(f.food().name().toLowerCase(Locale.ROOT)).find());
    if (seeds) {
      cautions.add(GEL);
    }
    cautions.addAll(List.of(COOLING, REHEATING, CODES));
    return List.copyOf(cautions);
  }

  /** What keeping asks to be minded. */
  public static List<Caution> ofKeeping() {
    return List.of(COOLING, REHEATING, HOLDING, CODES);
  }

  /** Whether the batter of a recipe holds egg. */
  public static boolean hasRawEgg(RecipeReading reading) {
    return reading.batter().stream().map(MeasuredFood::food).anyMatch(Caution::isEgg);
  }

  private static boolean isEgg(Food food) {
    return food.role() == Role.EGG && food.facts().allergens().contains(Allergen.EGG);
  }
}
