package honeststack.core.measure;

import java.util.EnumMap;
import java.util.Map;

/**
 * How far each way of measuring is off: data that the user can edit. Relative standard
 * uncertainties, except where {@link Way} says otherwise.
 */
public record DoubtTable(Map<Way, Doubt> rows) {

  /** A way of measuring. */
  public enum Way {
    /** Shared: calibration, relative. Per use: resolution of the display, g. */
    WEIGHED,
    LIQUID_JUG,
    CUP_SPOONED,
    CUP_PACKED,
    CUP_SCOOPED,
    /** Shared: what is left once spooned and scooped are both allowed for. */
    CUP_NOT_SAID,
    TABLESPOON,
    TEASPOON,
    COUNT_GRADED,
    COUNT_NATURAL,
    /** Per use: coefficient of variation of the pieces, nothing shared. */
    PIECES_LADLE,
    PIECES_SCOOP,
    PIECES_SPOON,
    PIECES_WEIGHED,
    /** Per use: of a share that stayed in the cloth, absolute. */
    STRAINED,
    /**
     * Shared: scooped weight over spooned weight, where a food has no scooped weight of its own.
     */
    SCOOPED_OVER_SPOONED
  }

  /** The part that all batches share, and the part of one use. Neither negative. */
  public record Doubt(double shared, double perUse) {
    public Doubt {
      if (!(shared >= 0 && perUse >= 0)) {
        throw new IllegalArgumentException(
            "Doubt must be 0 or more, not " + shared + ", " + perUse);
      }
    }
  }

  /**
   * @throws IllegalArgumentException if a way of measuring has no row
   */
  public DoubtTable {
    rows = Map.copyOf(rows);
    EnumMap<Way, Doubt> check = new EnumMap<>(Way.class);
    check.putAll(rows);
    for (Way way : Way.values()) {
      if (!check.containsKey(way)) {
        throw new IllegalArgumentException("The table of doubt has no row for " + way);
      }
    }
  }

  public Doubt of(Way way) {
    return rows.get(way);
  }
}
