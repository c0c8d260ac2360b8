package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import java.util.List;
import java.util.Optional;

/**
 * What is put before one person.
 *
 * @param pieces over 0; half a piece is 0.5
 * @param toppings for one serving
 * @param batterShare share of the whole batter that is in a serving, 0 to 1; empty until pieces are
 *     counted
 */
public record Plate(double pieces, List<MeasuredFood> toppings, Optional<Estimate> batterShare) {
  public Plate {
    toppings = List.copyOf(toppings);
    if (!(pieces > 0 && Double.isFinite(pieces))) {
      throw new IllegalArgumentException("A serving needs more than 0 pieces, not " + pieces);
    }
  }
}
