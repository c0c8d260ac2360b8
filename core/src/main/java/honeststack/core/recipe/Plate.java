package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import java.util.List;
import java.util.Optional;

/**
 * What is put before one person.
 *
 * @param pieces over 0; half a piece is 0.5; where a serving is a weight or a share, about so many
 * @param toppings for one serving
 * @param batterShare share of the whole batter that is in a serving, 0 to 1; empty until pieces are
 *     counted or predicted
 * @param panShare share of the pan fat that is in it; empty likewise
 */
public record Plate(
    double pieces,
    List<MeasuredFood> toppings,
    Optional<Estimate> batterShare,
    Optional<Estimate> panShare) {
  public Plate {
    toppings = List.copyOf(toppings);
    if (!(pieces > 0 && Double.isFinite(pieces))) {
      throw new IllegalArgumentException("A serving needs more than 0 pieces, not " + pieces);
    }
  }

  /** A serving by pieces of an exact count. */
  public Plate(double pieces, List<MeasuredFood> toppings, Optional<Estimate> batterShare) {
    this(pieces, toppings, batterShare, Optional.empty());
  }
}
