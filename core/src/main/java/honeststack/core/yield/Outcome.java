package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import java.util.Objects;
import java.util.Optional;

/**
 * What can be said of a batter's yield beside the count.
 *
 * @param volume mL of batter with its air; empty while there is none
 * @param portion what goes into one piece; empty if not said
 * @param predicted how many pieces the batter makes of that portion
 * @param balance where the batter went; empty until pieces of a known portion are counted
 */
public record Outcome(
    Optional<Estimate> volume,
    Optional<Portion> portion,
    Optional<Estimate> predicted,
    Optional<Balance> balance) {

  /** Nothing is known. */
  public static final Outcome UNKNOWN =
      new Outcome(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  public Outcome {
    Objects.requireNonNull(volume, "volume");
    Objects.requireNonNull(portion, "portion");
    Objects.requireNonNull(predicted, "predicted");
    Objects.requireNonNull(balance, "balance");
  }
}
