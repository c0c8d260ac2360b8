package honeststack.core.food;

/**
 * Where a food's composition is from.
 *
 * @param source the table or document
 * @param number the food's number in it; may be empty
 * @param mark how the values got here
 * @param remark what a reader should know; may be empty
 */
public record Provenance(String source, String number, Mark mark, String remark) {

  /** How a value got into the larder. */
  public enum Mark {
    /** Copied with the document in hand. */
    READ,
    /** Written down from memory; held to the table's own sums. */
    RECALLED,
    /** Rests on a standard of identity, a typical label or a mixture. */
    TYPICAL,
    /** Made up for a demonstration. */
    INVENTED,
    /** Entered by the user. */
    OWN
  }
}
