package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicReferenceArray;

/**
 * The plain foods of one place, as a dense matrix of foods × components: a preparation stands as
 * its parts, and as the water that its parts lost or gained in weight. Laid out once when a recipe
 * is read; everything that is computed from it is a sum over a column. Immutable.
 */
public final class Contents {
  private static final Component[] COMPONENTS = Component.values();

  /** Up to so many foods, adding each of them is faster than adding a row of their sum. */
  private static final int FEW = 3;

  private final List<MeasuredFood> lines;
  private final int[] end;
  private final double whole;
  private final double[] mass;
  private final int[] food;

  /** By component and food; 0 where it is unknown. */
  private final double[][] perGram;

  /** By component and food; none for a component that every food knows. */
  private final boolean[][] unknown;

  /** By component and food: the standard uncertainty of all that the food brings. */
  private final double[][] doubt;

  /** For each sensitivity of a mass, the place of the food and of the source. */
  private final int[] of;

  private final int[] source;
  private final double[] sensitivity;
  private final int sources;

  /**
   * The sensitivities of each component's sum, made when they are first asked for. Two threads may
   * make the same row; either will do.
   */
  private final AtomicReferenceArray<double[]> rows = new AtomicReferenceArray<>(COMPONENTS.length);

  /** The plain foods of a reading, each once, in the order in which they are met. */
  static final class PlainFoods {
    private final List<Food> foods = new ArrayList<>();

    int place(Food food) {
      for (int i = 0; i < foods.size(); i++) {
        if (foods.get(i).id().equals(food.id())) {
          return i;
        }
      }
      foods.add(food);
      return foods.size() - 1;
    }

    List<Food> all() {
      return foods;
    }
  }

  /** A plain food of a line, or the water that a preparation lost or gained. */
  private record Leaf(Estimate mass, Food food) {}

  /**
   * @param sources how many sources the book of the reading has
   * @param foods those seen so far; those seen here are added
   */
  Contents(List<MeasuredFood> lines, int sources, PlainFoods foods) {
    this.lines = List.copyOf(lines);
    this.sources = sources;
    this.end = new int[lines.size()];
    List<Leaf> leaves = new ArrayList<>(lines.size() + 2);
    for (int i = 0; i < end.length; i++) {
      add(lines.get(i), leaves);
      end[i] = leaves.size();
    }
    this.whole = lines.stream().mapToDouble(line -> line.mass().value()).sum();
    int n = leaves.size();
    mass = new double[n];
    food = new int[n];
    perGram = new double[COMPONENTS.length][n];
    unknown = new boolean[COMPONENTS.length][];
    doubt = new double[COMPONENTS.length][n];
    for (int i = 0; i < n; i++) {
      Leaf leaf = leaves.get(i);
      mass[i] = leaf.mass.value();
      food[i] = leaf.food == null ? -1 : foods.place(leaf.food);
      fill(i, leaf.food == null ? null : leaf.food.composition());
    }
    int all = leaves.stream().mapToInt(leaf -> leaf.mass.sources()).sum();
    of = new int[all];
    source = new int[all];
    sensitivity = new double[all];
    int at = 0;
    for (int i = 0; i < n; i++) {
      Estimate each = leaves.get(i).mass;
      each.copyTo(source, sensitivity, at);
      Arrays.fill(of, at, at + each.sources(), i);
      at += each.sources();
    }
  }

  /** The same of other values: of its own where a row is none. */
  private Contents(Contents same, double[][] perGram, double[][] doubt) {
    this.lines = same.lines;
    this.end = same.end;
    this.whole = same.whole;
    this.mass = same.mass;
    this.food = same.food;
    this.perGram = perGram;
    this.unknown = same.unknown;
    this.doubt = doubt;
    this.of = same.of;
    this.source = same.source;
    this.sensitivity = same.sensitivity;
    this.sources = same.sources;
  }

  /** The same without what boils off of its alcohol, and of the energy that comes from it. */
  Contents keeping(AlcoholKept kept) {
    if (kept.share() == 1 || sum(Component.ALC) == 0) {
      return this;
    }
    int alcohol = Component.ALC.ordinal();
    int energy = Component.ENERC.ordinal();
    double[][] values = perGram.clone();
    double[][] doubts = doubt.clone();
    values[alcohol] = new double[mass.length];
    values[energy] = new double[mass.length];
    doubts[alcohol] = new double[mass.length];
    doubts[energy] = new double[mass.length];
    for (int i = 0; i < mass.length; i++) {
      double held = perGram[alcohol][i];
      double off = kept.u() * held * mass[i];
      values[alcohol][i] = kept.share() * held;
      values[energy][i] = perGram[energy][i] - (1 - kept.share()) * AlcoholKept.ENERGY * held;
      doubts[alcohol][i] = Math.hypot(kept.share() * doubt[alcohol][i], off);
      doubts[energy][i] = Math.hypot(doubt[energy][i], AlcoholKept.ENERGY * off);
    }
    return new Contents(this, values, doubts);
  }

  private static void add(MeasuredFood line, List<Leaf> leaves) {
    if (line.parts().isEmpty()) {
      leaves.add(new Leaf(line.mass(), line.food()));
      return;
    }
    Estimate.Sum change = new Estimate.Sum().add(line.mass(), 1);
    for (MeasuredFood part : line.parts()) {
      add(part, leaves);
      change.add(part.mass(), -1);
    }
    leaves.add(new Leaf(change.total(), null));
  }

  private void fill(int i, Composition composition) {
    for (int c = 0; c < COMPONENTS.length; c++) {
      Component component = COMPONENTS[c];
      if (composition == null) {
        perGram[c][i] = component == Component.WATER ? 1 : 0;
      } else if (composition.knows(component)) {
        perGram[c][i] = composition.value(component).getAsDouble() / 100;
        doubt[c][i] = mass[i] * composition.u(component) / 100;
      } else {
        unknown[c] = unknown[c] == null ? new boolean[mass.length] : unknown[c];
        unknown[c][i] = true;
      }
    }
  }

  /** What was measured here, in the order of the recipe. */
  public List<MeasuredFood> lines() {
    return lines;
  }

  /** Mass of all lines, g. */
  public double mass() {
    return whole;
  }

  /** Σ m c of the foods that know a component, in its unit. */
  public double sum(Component component) {
    return sum(perGram[component.ordinal()], 0, mass.length);
  }

  /** Whether every food here knows a component. */
  public boolean knows(Component component) {
    return knows(unknown[component.ordinal()], 0, mass.length);
  }

  /**
   * Adds a multiple of the sensitivities of {@link #sum} to a row that starts there: c ∂m for each
   * source of the reading's book, then m u(c) for each of its plain foods.
   */
  public void addSensitivities(Component component, double factor, double[] block, int start) {
    if (mass.length <= FEW) {
      addEach(component, factor, block, start);
      return;
    }
    double[] row = row(component);
    for (int i = 0; i < row.length; i++) {
      block[start + i] += factor * row[i];
    }
  }

  private double[] row(Component component) {
    double[] made = rows.get(component.ordinal());
    if (made == null) {
      made = new double[sources + 1 + Arrays.stream(food).max().orElse(0)];
      addEach(component, 1, made, 0);
      rows.set(component.ordinal(), made);
    }
    return made;
  }

  private void addEach(Component component, double factor, double[] block, int start) {
    double[] values = perGram[component.ordinal()];
    double[] doubts = doubt[component.ordinal()];
    for (int k = 0; k < of.length; k++) {
      block[start + source[k]] += factor * values[of[k]] * sensitivity[k];
    }
    for (int i = 0; i < mass.length; i++) {
      if (doubts[i] != 0) {
        block[start + sources + food[i]] += factor * doubts[i];
      }
    }
  }

  /** What a line brings of a component, in its unit; nothing of foods that do not know it. */
  public double sumOfLine(Component component, int line) {
    return sum(perGram[component.ordinal()], start(line), end[line]);
  }

  /** Whether every food of a line knows a component. */
  public boolean knows(Component component, int line) {
    return knows(unknown[component.ordinal()], start(line), end[line]);
  }

  private double sum(double[] values, int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += mass[i] * values[i];
    }
    return sum;
  }

  private static boolean knows(boolean[] unknown, int from, int to) {
    for (int i = from; unknown != null && i < to; i++) {
      if (unknown[i]) {
        return false;
      }
    }
    return true;
  }

  private int start(int line) {
    return line == 0 ? 0 : end[line - 1];
  }

  @Override
  public String toString() {
    return lines + " = " + Arrays.deepToString(perGram);
  }
}
