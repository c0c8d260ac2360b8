package honeststack.core.serving;

import honeststack.core.batter.MeasuredFood;
import java.util.List;

/**
 * What is put before one person.
 *
 * @param pieces over 0; half a piece is 0.5
 * @param toppings for one serving
 * @param gaps a topping is not measured or not understood
 */
public record Plate(double pieces, List<MeasuredFood> toppings, boolean gaps) {
  public Plate {
    toppings = List.copyOf(toppings);
    if (!(pieces > 0 && Double.isFinite(pieces))) {
      throw new IllegalArgumentException("A serving needs more than 0 pieces, not " + pieces);
    }
  }
}
