package honeststack.core.compare;

/**
 * One part of a difference.
 *
 * @param words "rye flour, medium: 30 g more"
 * @param effect in the component's unit; the effects of all causes sum to the difference
 */
public record Cause(Kind kind, String words, double effect) {

  /** What kind of change it is. */
  public enum Kind {
    /** More or less of the same food in the batter. */
    AMOUNT,
    /** The food's composition was revised. */
    DATA,
    /** One food for another of the same role. */
    SWAP,
    /** A food that only one version has. */
    LINE,
    PAN_FAT,
    /** A serving is another share of the batter. */
    PORTION,
    TOPPING
  }
}
