package honeststack.core.food;

/**
 * How well food tables know a food: what is refined alike everywhere, what is made to a standard,
 * what grows as it grows (common practice).
 */
public enum TableKind {
  /** Oil, white sugar, starch, salt. */
  REFINED,
  /** Milk, cream, butter. */
  DAIRY,
  /** Flour, egg, cheese and whatever is none of the others. */
  USUAL,
  /** Fruit and vegetables. */
  PRODUCE;

  /** g in 100 g, from which on a fat or a sugar is nothing else. */
  private static final double PURE = 97;

  /** g of water in 100 g, from which on a plant is fresh. */
  private static final double FRESH = 60;

  public static TableKind of(Food food) {
    Composition composition = food.composition();
    boolean dairy = food.facts().origins().contains(Origin.DAIRY);
    boolean plant = food.facts().origins().contains(Origin.PLANT);
    double water = composition.value(Component.WATER).orElse(0);
    if (composition.value(Component.FAT).orElse(0) >= PURE
        || food.role() == Role.SUGAR && composition.value(Component.CHOCDF).orElse(0) >= PURE
        || food.role() == Role.SALT
        || food.id().endsWith("starch")) {
      return REFINED;
    }
    if (dairy && (food.role() == Role.LIQUID || food.role() == Role.FAT)) {
      return DAIRY;
    }
    return plant && food.role() == Role.ADD_IN && water >= FRESH ? PRODUCE : USUAL;
  }
}
