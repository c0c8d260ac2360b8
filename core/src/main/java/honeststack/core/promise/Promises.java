package honeststack.core.promise;

import honeststack.core.food.Added;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.food.Origin;
import honeststack.core.food.Role;
import honeststack.core.promise.Ingredients.Ingredient;
import honeststack.core.recipe.RecipeReading;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Holds promises against the facts of a recipe's foods, bowl, pan and plate. Never a guarantee: it
 * knows foods by their nature, not the packet in the hand nor the kitchen around it.
 */
public final class Promises {
  /** g in 100 g of what sweetens, up to which it is no sugar (common practice). */
  private static final double NO_SUGAR = 5;

  /** The cook's own statement that oats were kept apart from other grains. */
  private static final Pattern CERTIFIED =
      Pattern.compile("gluten[ -]?free|\\bgf\\b|certified", Pattern.CASE_INSENSITIVE);

  private Promises() {}

  /** How a promise stands. */
  public enum Standing {
    YES("met"),
    NO("missed"),
    /** Something is not understood, or nothing is known of a food. */
    NOT_KNOWN("not known");

    private final String verdict;

    Standing(String verdict) {
      this.verdict = verdict;
    }

    /** In words, where it is a goal. */
    public String verdict() {
      return verdict;
    }
  }

  /**
   * A promise held against a recipe.
   *
   * @param decides the food or the line that decides; empty where none does
   * @param note what has to be said beside it; empty for nothing
   */
  public record Held(Promise promise, Standing standing, String decides, String note) {}

  /** All promises, in their order; none for an empty recipe. */
  public static List<Held> of(RecipeReading reading) {
    Ingredients all = Ingredients.of(reading);
    List<Held> held = new ArrayList<>();
    if (!all.isEmpty()) {
      for (Promise promise : Promise.values()) {
        held.add(held(promise, all));
      }
    }
    return held;
  }

  private static Held held(Promise promise, Ingredients all) {
    String unknown = "";
    String contact = "";
    for (Ingredient one : all.known()) {
      switch (standing(promise, one)) {
        case NO -> {
          return new Held(promise, Standing.NO, one.food().name(), "");
        }
        case NOT_KNOWN -> unknown = unknown.isEmpty() ? one.food().name() : unknown;
        case YES -> {}
      }
      if (contact.isEmpty() && mayContain(promise, one.food())) {
        contact = one.food().name() + " may hold traces of it";
      }
    }
    if (!all.refused().isEmpty()) {
      return new Held(promise, Standing.NOT_KNOWN, all.refused().get(0), contact);
    }
    return unknown.isEmpty()
        ? new Held(promise, Standing.YES, "", contact)
        : new Held(promise, Standing.NOT_KNOWN, unknown, contact);
  }

  private static Standing standing(Promise promise, Ingredient one) {
    Food food = one.food();
    return switch (promise) {
      case PLANTS_ONLY -> plants(food);
      case NO_EGG -> no(has(food, Allergen.EGG) || food.facts().origins().contains(Origin.EGG));
      case NO_MILK -> no(has(food, Allergen.MILK) || food.facts().origins().contains(Origin.DAIRY));
      case NO_GLUTEN -> no(has(food, Allergen.GLUTEN) && !isCertified(one));
      case NO_NUTS -> no(has(food, Allergen.TREE_NUT) || has(food, Allergen.PEANUT));
      case NO_SOY -> no(has(food, Allergen.SOY));
      case NO_SESAME -> no(has(food, Allergen.SESAME));
      case NO_ADDED_SUGAR -> sugar(food);
      case NO_ADDED_FAT -> no(food.role() == Role.FAT || food.facts().added().contains(Added.FAT));
      case NO_ADDED_SALT ->
          no(food.role() == Role.SALT || food.facts().added().contains(Added.SALT));
    };
  }

  private static Standing no(boolean holds) {
    return holds ? Standing.NO : Standing.YES;
  }

  private static boolean has(Food food, Allergen allergen) {
    return food.allergens().contains(allergen);
  }

  private static Standing plants(Food food) {
    Set<Origin> origins = food.facts().origins();
    if (origins.stream().anyMatch(Origin::isAnimal)) {
      return Standing.NO;
    }
    return origins.isEmpty() ? Standing.NOT_KNOWN : Standing.YES;
  }

  private static Standing sugar(Food food) {
    double sugars = food.composition().value(Component.SUGAR).orElse(100);
    boolean sweetens = food.role() == Role.SUGAR && sugars > NO_SUGAR;
    boolean added = food.composition().value(Component.SUGAD).orElse(0) > 0;
    if (sweetens || added || food.facts().added().contains(Added.SUGAR)) {
      return Standing.NO;
    }
    return food.composition().knows(Component.SUGAD) ? Standing.YES : Standing.NOT_KNOWN;
  }

  /** Oats have no gluten of their own kind; what was kept apart is a fact that the cook states. */
  private static boolean isCertified(Ingredient one) {
    Set<Allergen> grains = EnumSet.copyOf(one.food().allergens());
    grains.remove(Allergen.GLUTEN);
    boolean oats = one.food().name().toLowerCase(Locale.ROOT).startsWith("oat");
    return oats && grains.isEmpty() && CERTIFIED.matcher(one.text()).find();
  }

  private static boolean mayContain(Promise promise, Food food) {
    Set<Allergen> may = food.facts().mayContain();
    return switch (promise) {
      case NO_EGG -> may.contains(Allergen.EGG);
      case NO_MILK -> may.contains(Allergen.MILK);
      case NO_GLUTEN -> may.contains(Allergen.GLUTEN);
      case NO_NUTS -> may.contains(Allergen.TREE_NUT) || may.contains(Allergen.PEANUT);
      case NO_SOY -> may.contains(Allergen.SOY);
      case NO_SESAME -> may.contains(Allergen.SESAME);
      case PLANTS_ONLY, NO_ADDED_SUGAR, NO_ADDED_FAT, NO_ADDED_SALT -> false;
    };
  }

  /**
   * Allergens of a recipe by name.
   *
   * @param contains held by the nature of its foods
   * @param mayContain possible through contact, as far as is known
   */
  public record Allergens(Set<Allergen> contains, Set<Allergen> mayContain) {}

  public static Allergens allergens(RecipeReading reading) {
    Set<Allergen> contains = new LinkedHashSet<>();
    Set<Allergen> may = new LinkedHashSet<>();
    for (Ingredient one : Ingredients.of(reading).known()) {
      contains.addAll(one.food().allergens());
      may.addAll(one.food().facts().mayContain());
    }
    may.removeAll(contains);
    return new Allergens(contains, may);
  }
}
