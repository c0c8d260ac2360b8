package honeststack.core.serving;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import java.util.List;

/**
 * A preparation when it is done.
 *
 * @param parts what stayed in it, g as it went in, less what was strained out; its pan fat too
 * @param weight of all of it, g
 */
public record Finished(List<MeasuredFood> parts, Estimate weight) {
  public Finished {
    parts = List.copyOf(parts);
  }

  /** What all of it holds of a component, in the component's unit. */
  Total total(Component component, SourceBook book) {
    return Total.sum(parts, part -> part.total(component, book));
  }
}
