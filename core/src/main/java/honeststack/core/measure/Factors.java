package honeststack.core.measure;

import honeststack.core.wording.Say;
import java.util.EnumMap;
import java.util.Map;

/** How much more or less one way holds than another: data that the user can edit. */
public record Factors(Map<Factor, Double> rows) {

  /** A ratio of two ways of filling. */
  public enum Factor {
    /** A scooped cup over a spooned one, where a food has no scooped weight of its own. */
    SCOOPED_OVER_SPOONED,
    HEAPED_OVER_LEVEL,
    ROUNDED_OVER_LEVEL,
    SCANT_OVER_LEVEL,
    /** What part of a tin's weight stays when it is drained. */
    DRAINED_OF_TIN,
    /** Air in a batter, part of its volume: without leavening, with it, with whipped whites. */
    AIR_PLAIN,
    AIR_LEAVENED,
    AIR_WHIPPED,
    /** Cooked over raw mass. */
    COOKED_PANCAKE,
    COOKED_WAFFLE_SOFT,
    COOKED_WAFFLE_CRISP,
    /** A small and a large piece over a regular one. */
    SMALL_OVER_REGULAR,
    LARGE_OVER_REGULAR,
    /**
     * What part of a batter's alcohol stays at the griddle; all of it unless the cook says less.
     */
    ALCOHOL_KEPT,
    /** The same, where the recipe says how it was heated. */
    ALCOHOL_OFF_THE_HEAT,
    ALCOHOL_FLAMED,
    ALCOHOL_OVERNIGHT,
    ALCOHOL_BAKED,
    ALCOHOL_15_MINUTES,
    ALCOHOL_30_MINUTES,
    ALCOHOL_60_MINUTES,
    ALCOHOL_90_MINUTES,
    ALCOHOL_120_MINUTES,
    ALCOHOL_150_MINUTES,
    /** What goes through a cloth of a ground plant's fibre, and of its sugar and salt. */
    FIBRE_THROUGH,
    SOLUBLES_THROUGH
  }

  private static final double MOST = 10;

  /**
   * @throws IllegalArgumentException if a row is missing, or is not over 0 and up to 10
   */
  public Factors {
    rows = Map.copyOf(new EnumMap<>(rows));
    for (Factor factor : Factor.values()) {
      Double ratio = rows.get(factor);
      if (ratio == null || !(ratio > 0 && ratio <= MOST)) {
        throw new IllegalArgumentException(
            Say.of("A factor must be over 0, up to 10, not %s for %s", ratio, factor));
      }
    }
  }

  public double of(Factor factor) {
    return rows.get(factor);
  }
}
