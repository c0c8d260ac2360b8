package honeststack.core.compare;

/** What two versions are taken to share when they are compared. */
public enum Mode {
  /**
   * Untouched lines are the same cups, eggs and spoons in both: what did the change do, all else
   * equal.
   */
  SAME_BOWL,
  /** Everything is measured anew: would it show on two mornings. */
  TWO_BATCHES
}
