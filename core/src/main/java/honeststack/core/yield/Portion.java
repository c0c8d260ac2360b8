package honeststack.core.yield;

import honeststack.core.estimate.Estimate;
import java.util.Objects;

/**
 * What goes into one piece.
 *
 * @param grams of batter
 * @param millilitres of it, with its air
 * @param words what it was measured with: "¼ cup"
 */
public record Portion(Estimate grams, Estimate millilitres, String words) {
  public Portion {
    Objects.requireNonNull(grams, "grams");
    Objects.requireNonNull(millilitres, "millilitres");
    Objects.requireNonNull(words, "words");
  }

  /** The cake that it makes where it is poured as thick as cakes are. */
  public Round round() {
    return Round.of(millilitres.value(), Round.POURED);
  }
}
