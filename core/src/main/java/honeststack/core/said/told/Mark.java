package honeststack.core.said.told;

/**
 * A stretch of a text and what it was taken for.
 *
 * @param start place of its first character
 * @param end behind its last one
 * @param line the proposed line that it belongs to; {@link #NO_LINE} for none
 */
public record Mark(int start, int end, Part part, int line) {
  /** For what belongs to no line. */
  public static final int NO_LINE = -1;
}
