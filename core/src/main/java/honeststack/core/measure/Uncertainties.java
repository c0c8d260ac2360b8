package honeststack.core.measure;

import honeststack.core.food.Composition.TableDoubt;
import honeststack.core.food.TableKind;
import honeststack.core.wording.Say;
import java.util.EnumMap;
import java.util.Map;

/**
 * How far each way of measuring is off: data that the user can edit. Relative standard
 * uncertainties, except where {@link Way} says otherwise.
 */
public record Uncertainties(Map<Way, Doubt> rows) {

  /** A way of measuring. */
  public enum Way {
    /** Shared: calibration. What the display resolves is a usual amount. */
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
    /** Per use: half the width of what a pinch or a splash may be, rectangular. */
    VAGUE,
    COUNT_GRADED,
    COUNT_NATURAL,
    /** Per use: coefficient of variation of the pieces, nothing shared. */
    PIECES_LADLE,
    PIECES_SCOOP,
    PIECES_SPOON,
    PIECES_WEIGHED,
    /** A topping for all, shared out by eye: per use, coefficient of variation of the shares. */
    SHARED_OUT,
    /** A portion in a vessel of a known size; of a ladle or a cake's size by eye. */
    PORTION_FILLED,
    PORTION_POURED,
    /** Shared: the density of a batter without its air. */
    BATTER_DENSITY,
    /** Per use: of the share of air in a batter, absolute. */
    BATTER_AIR,
    /** Shared: cooked over raw mass, where nobody weighed. */
    COOKED_PANCAKE,
    COOKED_WAFFLE,
    /** Per use: of a share that stayed in the cloth, absolute. */
    STRAINED,
    /** Per use: of what part of a tin stays when it is drained. */
    DRAINED,
    /** Shared: of what a second's spray weighs. */
    SPRAY,
    /** Shared: a value of a food table, of foods that are none of those below. */
    TABLE_VALUE,
    /** Shared: the same of what is refined, of milk, cream and butter, of fruit and vegetables. */
    TABLE_REFINED,
    TABLE_DAIRY,
    TABLE_PRODUCE,
    /**
     * Shared: fibre and sugars of a food table, where its other values are off by {@link
     * #TABLE_VALUE}; of other kinds of food in the same proportion.
     */
    TABLE_FIBRE_SUGARS,
    /** Shared: a value of a label, beside its rounding. */
    LABEL_VALUE
  }

  /** The part that all batches share, and the part of one use. Neither negative. */
  public record Doubt(double shared, double perUse) {
    public Doubt {
      if (!(shared >= 0 && perUse >= 0 && shared + perUse < Double.POSITIVE_INFINITY)) {
        throw new IllegalArgumentException(
            "Doubt must be 0 or more, not " + shared + ", " + perUse);
      }
    }
  }

  /**
   * @throws IllegalArgumentException if a way of measuring has no row
   */
  public Uncertainties {
    rows = Map.copyOf(new EnumMap<>(rows));
    for (Way way : Way.values()) {
      if (!rows.containsKey(way)) {
        throw new IllegalArgumentException(Say.of("There is no row of doubt for %s", way));
      }
    }
  }

  /** How far values of food tables are off for a kind of food. */
  public TableDoubt ofTables(TableKind kind) {
    double most =
        of(switch (kind) {
              case REFINED -> Way.TABLE_REFINED;
              case DAIRY -> Way.TABLE_DAIRY;
              case USUAL -> Way.TABLE_VALUE;
              case PRODUCE -> Way.TABLE_PRODUCE;
            })
            .shared();
    double usual = of(Way.TABLE_VALUE).shared();
    double lessKnown = of(Way.TABLE_FIBRE_SUGARS).shared();
    return new TableDoubt(most, usual > 0 ? lessKnown * most / usual : lessKnown);
  }

  public Doubt of(Way way) {
    return rows.get(way);
  }
}
