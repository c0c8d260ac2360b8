package honeststack.core.measure;

import honeststack.core.food.Composition.TableDoubt;
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
    /** A heaped spoon or cup, whatever it holds level. */
    HEAPED,
    ROUNDED,
    /** A ladle or a scoop of no known size. */
    LADLE,
    /** Per use: half the width of what a pinch or a splash may be, relative, rectangular. */
    VAGUE,
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
    SCOOPED_OVER_SPOONED,
    /** Shared: how many level ones a heaped one holds. */
    HEAPED_OVER_LEVEL,
    ROUNDED_OVER_LEVEL,
    SCANT_OVER_LEVEL,
    /**
     * Shared: what part of a tin's weight stays when it is drained. Per use: how far that is off.
     */
    DRAINED_OF_TIN,
    /** Shared: oil sprayed in a second, g. Per use: how far that is off, of all sprays alike. */
    SPRAY,
    /** Shared: fat in the pan that nobody measured, g; anything between nothing and twice that. */
    PAN_FAT_NOT_MEASURED,
    /** Shared: a value of a food table. */
    TABLE_VALUE,
    /** Shared: fibre and sugars of a food table. */
    TABLE_FIBRE_SUGARS,
    /** Shared: a value of a label, beside its rounding. */
    LABEL_VALUE
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

  /** How far values of food tables are off. */
  public TableDoubt ofTables() {
    return new TableDoubt(of(Way.TABLE_VALUE).shared(), of(Way.TABLE_FIBRE_SUGARS).shared());
  }

  public Doubt of(Way way) {
    return rows.get(way);
  }
}
