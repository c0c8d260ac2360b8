package honeststack.core.food;

/** How a dry food got into its cup. */
public enum Packing {
  NOT_SAID,
  SPOONED,
  SIFTED,
  SCOOPED,
  PACKED
}
