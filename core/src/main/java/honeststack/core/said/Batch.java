package honeststack.core.said;

/**
 * How much of a told recipe was made.
 *
 * @param times as much as is told
 * @param ahead of what is told behind it, otherwise of what was told before
 */
record Batch(double times, boolean ahead) {}
