package honeststack.core.wording;

import java.util.Objects;

/**
 * Why a text could not be used.
 *
 * @param offending the part of the text that is meant, as written
 * @param problem what is wrong, a sentence that quotes it
 * @param accepted what would be understood instead
 */
public record Refusal(Reason reason, String offending, String problem, String accepted) {

  /** What kind of trouble it is. */
  public enum Reason {
    NO_AMOUNT,
    BAD_AMOUNT,
    NO_FOOD,
    UNKNOWN_FOOD,
    NO_WEIGHT,
    /** The line leaves open which food it means. */
    OPEN_CHOICE,
    /** The line means several lines. */
    SEVERAL_FOODS,
    /** A preparation would hold itself, or go too deep. */
    CYCLE
  }

  public Refusal {
    Objects.requireNonNull(reason, "reason");
    Objects.requireNonNull(offending, "offending");
    Objects.requireNonNull(problem, "problem");
    Objects.requireNonNull(accepted, "accepted");
  }
}
