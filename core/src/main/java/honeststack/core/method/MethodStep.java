package honeststack.core.method;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One step of the work, with what its words say.
 *
 * @param text as the cook said it
 * @param lasts how long, minutes; empty if not said
 * @param perSide the time is that of one side
 * @param celsius how hot; empty if not said
 * @param cue until what, in the cook's words: "the steam stops"; empty if not said
 * @param lines identities of the lines whose food it names
 */
public record MethodStep(
    String text,
    Stage stage,
    Optional<Span> lasts,
    boolean perSide,
    Optional<Integer> celsius,
    String cue,
    List<String> lines) {

  /** Where a step happens. */
  public enum Stage {
    BOWL,
    /** The batter stands, and nobody works. */
    REST,
    /** Pan, griddle or iron get hot. */
    HEAT,
    GRIDDLE,
    PLATE,
    /** Put away for later. */
    STORE
  }

  /**
   * A length of time, minutes.
   *
   * @param low at least
   * @param high at most; the same where one number was said
   */
  public record Span(double low, double high) {
    public Span {
      if (!(low >= 0 && high >= low)) {
        throw new IllegalArgumentException("No time lasts " + low + " to " + high + " minutes");
      }
    }

    public double middle() {
      return (low + high) / 2;
    }
  }

  public MethodStep {
    Objects.requireNonNull(text, "text");
    Objects.requireNonNull(stage, "stage");
    Objects.requireNonNull(cue, "cue");
    lines = List.copyOf(lines);
  }

  /** Whether the cook has to be there. */
  public boolean isAttended() {
    return stage != Stage.REST && stage != Stage.HEAT;
  }
}
