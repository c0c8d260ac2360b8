package honeststack.core.figures;

import honeststack.core.estimate.Estimate;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.recipe.MeasuredFood;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The plain foods of one place, as a dense matrix of foods × components: a preparation stands as
 * its parts, and as the water that its parts lost or gained in weight.
 */
final class Leaves {
  private final List<MeasuredFood> lines;
  private final List<Component> components;
  private final List<Estimate> masses = new ArrayList<>();
  private final List<Composition> compositions = new ArrayList<>();
  private final int[] end;
  private final int[] food;
  private final double[] mass;
  private final double[][] perGram;
  private final double[][] doubt;
  private final boolean[][] unknown;
  private final double[] sums;
  private final boolean[] known;
  private final double[][] bySource;

  /**
   * @param foods places of the foods seen so far, by identity; those seen here are added
   */
  Leaves(List<MeasuredFood> lines, List<Component> components, Map<String, Integer> foods) {
    this.lines = lines;
    this.components = components;
    this.end = new int[lines.size()];
    for (int i = 0; i < lines.size(); i++) {
      add(lines.get(i));
      end[i] = masses.size();
    }
    int n = masses.size();
    mass = new double[n];
    food = new int[n];
    perGram = new double[components.size()][n];
    doubt = new double[components.size()][n];
    unknown = new boolean[components.size()][n];
    for (int i = 0; i < n; i++) {
      mass[i] = masses.get(i).value();
      Composition composition = compositions.get(i);
      food[i] =
          composition == null
              ? -1
              : foods.computeIfAbsent(composition.foodId(), id -> foods.size());
      for (int c = 0; c < components.size(); c++) {
        fill(c, i, composition);
      }
    }
    sums = new double[components.size()];
    known = new boolean[components.size()];
    bySource = new double[components.size()][];
    for (int c = 0; c < components.size(); c++) {
      sums[c] = sum(c, 0, n);
      known[c] = knows(c, 0, n);
    }
  }

  static Leaves of(List<MeasuredFood> lines, List<Component> components) {
    return new Leaves(lines, components, new HashMap<>());
  }

  private void fill(int c, int i, Composition composition) {
    Component component = components.get(c);
    if (composition == null) {
      perGram[c][i] = component == Component.WATER ? 1 : 0;
    } else if (composition.knows(component)) {
      perGram[c][i] = composition.value(component).getAsDouble() / 100;
      doubt[c][i] = mass[i] * composition.u(component) / 100;
    } else {
      unknown[c][i] = true;
    }
  }

  private void add(MeasuredFood line) {
    if (line.parts().isEmpty()) {
      masses.add(line.mass());
      compositions.add(line.food().composition());
      return;
    }
    Estimate.Sum change = new Estimate.Sum().add(line.mass(), 1);
    for (MeasuredFood part : line.parts()) {
      add(part);
      change.add(part.mass(), -1);
    }
    masses.add(change.total());
    compositions.add(null);
  }

  List<MeasuredFood> lines() {
    return lines;
  }

  /** Σ m_i c_i of a component, in its unit. */
  double sum(int c) {
    return sums[c];
  }

  /** What a line brings of a component, in its unit. */
  double sumOfLine(int c, int line) {
    return sum(c, line == 0 ? 0 : end[line - 1], end[line]);
  }

  private double sum(int c, int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += mass[i] * perGram[c][i];
    }
    return sum;
  }

  /** Whether every food of a line knows a component. */
  boolean knows(int c, int line) {
    return knows(c, line == 0 ? 0 : end[line - 1], end[line]);
  }

  boolean knows(int c) {
    return known[c];
  }

  private boolean knows(int c, int from, int to) {
    for (int i = from; i < to; i++) {
      if (unknown[c][i]) {
        return false;
      }
    }
    return true;
  }

  /** Adds factor × Σ c_i ∂m_i to a row of sources. */
  void addMassSensitivities(int c, double factor, double[] row) {
    if (mass.length == 0) {
      return;
    }
    double[] all = bySource[c];
    if (all == null) {
      all = new double[row.length];
      double[] values = perGram[c];
      for (int i = 0; i < values.length; i++) {
        if (values[i] != 0) {
          masses.get(i).addTo(all, values[i]);
        }
      }
      bySource[c] = all;
    }
    for (int s = 0; s < row.length; s++) {
      row[s] += factor * all[s];
    }
  }

  /** Adds factor × m_i u(c_i) to a row of foods. */
  void addCompositionSensitivities(int c, double factor, double[] row) {
    double[] doubts = doubt[c];
    for (int i = 0; i < doubts.length; i++) {
      if (doubts[i] != 0) {
        row[food[i]] += factor * doubts[i];
      }
    }
  }

  /** Mass of all lines, g. */
  double mass() {
    double sum = 0;
    for (MeasuredFood line : lines) {
      sum += line.mass().value();
    }
    return sum;
  }

  @Override
  public String toString() {
    return lines + " × " + components + " = " + Arrays.deepToString(perGram);
  }
}
