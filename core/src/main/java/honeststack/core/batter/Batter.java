package honeststack.core.batter;

import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import java.util.List;

/**
 * What is in the bowl.
 *
 * @param lines measured, in the order of the recipe
 * @param gaps something was put in that is not measured or not understood
 */
public record Batter(List<MeasuredFood> lines, boolean gaps) {
  public Batter {
    lines = List.copyOf(lines);
  }

  /** Sum of the line masses, g. */
  public Estimate mass() {
    Estimate.Sum sum = new Estimate.Sum();
    lines.forEach(line -> sum.add(line.mass(), 1));
    return sum.total();
  }

  /** Σ m_i c_i / 100, in the component's unit. */
  public Total total(Component component, SourceBook book) {
    Total sum = Total.sum(lines, line -> line.total(component, book));
    return gaps ? sum.withBound(Bound.AT_LEAST) : sum;
  }
}
