package honeststack.core.said.clause;

/**
 * How much of a told recipe was made.
 *
 * @param times as much as is told
 * @param ahead of what is told behind it, otherwise of what was told before
 * @param base for how many is said beside it is for how many it was made, not part of the usual
 *     recipe
 */
public record Batch(double times, boolean ahead, boolean base) {
  /** Of a recipe that is not the base of others. */
  public Batch(double times, boolean ahead) {
    this(times, ahead, false);
  }
}
