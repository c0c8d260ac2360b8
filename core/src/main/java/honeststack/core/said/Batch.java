package honeststack.core.said;

/**
 * How much of a told recipe was made.
 *
 * @param times as much as is told
 * @param ahead of what is told behind it, otherwise of what was told before
 * @param base what is told is said to be the usual recipe; for how many it was made is not part of
 *     it
 */
record Batch(double times, boolean ahead, boolean base) {
  Batch(double times, boolean ahead) {
    this(times, ahead, false);
  }
}
