package honeststack.core.food;

import java.util.Locale;

/** A household measure of a food and what it weighs. */
public sealed interface HouseholdMeasure {

  /** What it weighs, g. */
  double grams();

  /**
   * A filled volume.
   *
   * @param millilitres of the vessel
   * @param packing how it was filled; {@link Packing#NOT_SAID} where it makes no difference
   */
  record Volume(double millilitres, Packing packing, double grams) implements HouseholdMeasure {
    public Volume {
      positive("volume", millilitres);
      positive("weight", grams);
    }

    /** g/mL as filled. */
    public double density() {
      return grams / millilitres;
    }
  }

  /**
   * A piece, edible portion.
   *
   * @param size "large", "medium"; empty where there is one size only
   * @param graded sorted by weight before sale, as eggs are
   * @param usual meant when no size is said
   */
  record Piece(String size, boolean graded, boolean usual, double grams)
      implements HouseholdMeasure {
    public Piece {
      positive("weight", grams);
      size = size.toLowerCase(Locale.ROOT);
    }
  }

  private static void positive(String what, double value) {
    if (!(value > 0 && Double.isFinite(value))) {
      throw new IllegalArgumentException(
          "A household measure needs a " + what + " over 0, not " + value);
    }
  }
}
