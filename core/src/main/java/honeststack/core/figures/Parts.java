package honeststack.core.figures;

import honeststack.core.food.Component;
import honeststack.core.recipe.Contents;
import java.util.ArrayList;
import java.util.List;

/** What each line brings to a figure. */
final class Parts {
  private Parts() {}

  /** One part for each measured food of what is taken, in the order of the work. */
  static List<Part> of(List<Taken> from, List<Measurand> asked) {
    List<Part> parts = new ArrayList<>();
    for (Taken one : from) {
      Contents contents = one.of().contents();
      double share = one.share().value();
      for (int i = 0; i < contents.lines().size(); i++) {
        double[] values = new double[asked.size()];
        for (int m = 0; m < values.length; m++) {
          values[m] = share * brings(contents, i, asked.get(m));
        }
        parts.add(new Part(one.of().station(), contents.lines().get(i), share, values));
      }
    }
    return parts;
  }

  /** In the measurand's unit; NaN where it is unknown, or no sum. */
  private static double brings(Contents contents, int line, Measurand measurand) {
    if (!measurand.isAdditive()) {
      return Double.NaN;
    }
    double[] weights = measurand.weights();
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      Component component = measurand.components().get(i);
      boolean none = !measurand.isComponent() && Derived.isNoneUnlessSaid(component);
      if (!none && !contents.knows(component, line)) {
        return Double.NaN;
      }
      sum += weights[i] * contents.sumOfLine(component, line);
    }
    return sum;
  }
}
