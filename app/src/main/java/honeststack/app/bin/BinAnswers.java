package honeststack.app.bin;

import java.time.Instant;

/** What the page of the bin reads. */
public final class BinAnswers {
  private BinAnswers() {}

  /** What can lie in the bin. */
  public enum Kind {
    RECIPE,
    VERSION,
    FOOD,
    GOALS
  }

  /** A thing in the bin. */
  public record BinEntry(String id, Kind kind, String name, Instant removedAt) {}
}
