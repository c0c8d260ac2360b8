package honeststack.core.measure;

import honeststack.core.food.Packing;
import honeststack.core.wording.Numbers;
import java.util.Locale;
import java.util.Objects;

/**
 * An amount in one unit, as the cook stated it.
 *
 * @param amount in the unit, 0 or more; the middle of a stated range
 * @param halfRange half the width of a stated range, in the unit; 0 for none
 * @param decimals digits after the point as written; they tell the resolution of a scale
 * @param packing how a food got into its cup, or in what form
 * @param heap how full a spoon or a cup was
 * @param size "large", "slice" and the like for counts; empty if not said
 */
public record Measure(
    double amount,
    double halfRange,
    int decimals,
    Unit unit,
    Packing packing,
    Heap heap,
    String size) {

  /** Nothing in a kitchen is measured beyond this, g. */
  public static final double MOST_GRAMS = 100_000;

  /** How full a spoon or a cup was. */
  public enum Heap {
    LEVEL,
    SCANT,
    ROUNDED,
    HEAPED
  }

  public Measure {
    Objects.requireNonNull(unit, "unit");
    Objects.requireNonNull(packing, "packing");
    Objects.requireNonNull(heap, "heap");
    Objects.requireNonNull(size, "size");
    if (!(amount >= 0 && Double.isFinite(amount))) {
      throw new IllegalArgumentException("An amount must be 0 or more, not " + amount);
    }
    if (!(halfRange >= 0 && halfRange <= amount)) {
      throw new IllegalArgumentException(
          "A range of ±" + halfRange + " does not go with an amount of " + amount);
    }
  }

  /** A level amount without a range. */
  public Measure(double amount, int decimals, Unit unit, Packing packing, String size) {
    this(amount, 0, decimals, unit, packing, Heap.LEVEL, size);
  }

  /** The same, so many times. */
  public Measure times(double factor) {
    return new Measure(amount * factor, halfRange * factor, decimals, unit, packing, heap, size);
  }

  /** The same number of another unit. */
  public Measure in(Unit other) {
    return new Measure(amount, halfRange, decimals, other, packing, heap, size);
  }

  /** The same of another packing. */
  public Measure packed(Packing other) {
    return new Measure(amount, halfRange, decimals, unit, other, heap, size);
  }

  /** Amount and unit for a reader, kitchen fractions where they fit: "1¼ cups", "160 g". */
  public String words() {
    String number =
        halfRange == 0
            ? number(amount)
            : number(amount - halfRange) + "–" + number(amount + halfRange);
    String full = heap == Heap.LEVEL ? "" : heap.name().toLowerCase(Locale.ROOT) + " ";
    boolean several = amount + halfRange > 1;
    if (unit == Unit.COUNT) {
      boolean counted = !Containers.counted(size).isEmpty();
      return size.isEmpty() ? number : number + " " + size + (several && counted ? "s" : "");
    }
    return number + " " + full + (several ? unit.plural() : unit.symbol());
  }

  /** As a line would write it, with how it was packed where it says so. */
  public String text() {
    if (packing == Packing.NOT_SAID) {
      return words();
    }
    String words = words();
    int space = words.indexOf(' ');
    return space < 0
        ? words
        : words.substring(0, space) + " " + packing.words() + words.substring(space);
  }

  private String number(double value) {
    return unit == Unit.GRAM && decimals > 0 || unit == Unit.KILOGRAM
        ? Numbers.plain(value)
        : Numbers.kitchen(value);
  }

  /**
   * The step of the scale that it was read from, g: the last digit in the unit shown.
   *
   * @param usual step of a scale where no decimals are shown, g
   */
  double step(double usual) {
    return decimals == 0 ? usual : Math.pow(10, -decimals) * unit.grams();
  }
}
