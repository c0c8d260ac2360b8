package honeststack.bench;

import honeststack.core.food.Component;
import honeststack.core.recipe.MeasuredFood;
import java.util.List;

/** The same numbers without any doubt: lines × components on three bases, in plain doubles. */
final class BareSums {
  private final double[] masses;
  private final double[][] compositions;
  private final int components;

  BareSums(List<MeasuredFood> lines, List<Component> components) {
    this.components = components.size();
    masses = lines.stream().mapToDouble(line -> line.mass().value()).toArray();
    compositions =
        lines.stream()
            .map(line -> components.stream().mapToDouble(c -> line.per100g(c).orElse(0)).toArray())
            .toArray(double[][]::new);
  }

  double[] compute() {
    double mass = 0;
    double[] sums = new double[3 * components];
    for (int i = 0; i < masses.length; i++) {
      mass += masses[i];
      for (int c = 0; c < components; c++) {
        sums[c] += masses[i] * compositions[i][c] / 100;
      }
    }
    double share = (mass - 40) / mass;
    for (int c = 0; c < components; c++) {
      sums[components + c] = sums[c] * share * 3 / 20;
      sums[2 * components + c] = 100 * sums[c] / mass;
    }
    return sums;
  }
}
