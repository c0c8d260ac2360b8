package honeststack.core.said.words;

/** For what an amount is said, where it is not for all. */
public enum Per {
  PIECE,
  EATER,
  /** Of several that cook by themselves. */
  GROUP,
  /** Each time that the pan is filled. */
  ROUND,
  /** Of pieces or eaters, whichever the text counts. */
  EITHER
}
