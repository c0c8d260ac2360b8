package honeststack.core.figures;

import honeststack.core.food.Component;
import honeststack.core.recipe.Contents;
import honeststack.core.recipe.Station;
import java.util.List;

/**
 * What is at a station, with the sum of each component asked for.
 *
 * @param sums in each component's unit; nothing of foods that do not know it
 * @param known whether every food there knows it
 */
record Totals(
    Station station,
    Contents contents,
    List<Component> components,
    double[] sums,
    boolean[] known) {
  static Totals of(Station station, Contents contents, List<Component> components) {
    double[] sums = new double[components.size()];
    boolean[] known = new boolean[sums.length];
    for (int c = 0; c < sums.length; c++) {
      sums[c] = contents.sum(components.get(c));
      known[c] = contents.knows(components.get(c));
    }
    return new Totals(station, contents, components, sums, known);
  }
}
