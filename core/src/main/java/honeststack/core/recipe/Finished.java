package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
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
}
