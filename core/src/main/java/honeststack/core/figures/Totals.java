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
 * @param rows for each component the sensitivities of its sum; none where so few foods are that
 *     adding each of them is faster
 */
record Totals(
    Station station,
    Contents contents,
    List<Component> components,
    double[] sums,
    boolean[] known,
    double[][] rows) {
  private static final int FEW = 3;

  /**
   * @param width of a row of sensitivities
   */
  static Totals of(Station station, Contents contents, List<Component> components, int width) {
    double[] sums = new double[components.size()];
    boolean[] known = new boolean[sums.length];
    double[][] rows = new double[contents.lines().size() > FEW ? sums.length : 0][width];
    for (int c = 0; c < sums.length; c++) {
      sums[c] = contents.sum(components.get(c));
      known[c] = contents.knows(components.get(c));
      if (rows.length > 0) {
        contents.addSensitivities(components.get(c), 1, rows[c]);
      }
    }
    return new Totals(station, contents, components, sums, known, rows);
  }

  /**
   * Adds the sensitivities of a share of a component's sum to a row.
   *
   * @param doubt the share's own sensitivities; empty if it is exact
   */
  void addSensitivities(int c, double share, double[] doubt, double[] row) {
    if (rows.length == 0) {
      contents.addSensitivities(components.get(c), share, row);
      for (int i = 0; i < doubt.length; i++) {
        row[i] += sums[c] * doubt[i];
      }
      return;
    }
    double sum = sums[c];
    double[] from = rows[c];
    if (doubt.length == 0) {
      for (int i = 0; i < from.length; i++) {
        row[i] += share * from[i];
      }
    } else {
      for (int i = 0; i < from.length; i++) {
        row[i] += share * from[i] + sum * doubt[i];
      }
    }
  }
}
