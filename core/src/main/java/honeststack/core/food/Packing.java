package honeststack.core.food;

import java.util.Locale;

/** How a food got into its cup, or in what form it did. */
public enum Packing {
  NOT_SAID,
  SPOONED,
  SIFTED,
  SCOOPED,
  PACKED,
  WHOLE,
  SLICED,
  CHOPPED,
  GRATED,
  MASHED,
  GROUND;

  /** Whether it is the food's form, whatever the filling. */
  public boolean isForm() {
    return compareTo(WHOLE) >= 0;
  }

  /** For a reader; empty if not said. */
  public String words() {
    return this == NOT_SAID ? "" : name().toLowerCase(Locale.ROOT);
  }
}
