package honeststack.core.line;

/** Where a line's words say that it goes; most say nothing. */
public enum Place {
  NOT_SAID,
  PAN,
  PLATE
}
