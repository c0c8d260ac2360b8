package honeststack.core.compare;

import honeststack.core.compare.Pairing.Pair;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Two readings compared, figure by figure, with what caused each difference.
 *
 * <p>A figure is Σ f·N_i + g·P + Σ T_j. Its difference splits exactly, and whatever the order, by
 * the midpoint rule on every product: xy_B − xy_A = ½(x_A + x_B)(y_B − y_A) + ½(y_A + y_B)(x_B −
 * x_A).
 */
public final class Comparison {
  private static final List<Basis> BASES = List.of(Basis.AS_SERVED, Basis.PER_PIECE);

  private final Side a;
  private final Side b;
  private final int[] places;
  private final List<Pair<MeasuredFood>> lines;
  private final List<Pair<MeasuredFood>> panFats;
  private final List<Pair<MeasuredFood>> toppings;

  private record Side(Figures figures, RecipeReading reading, Griddle griddle, Plate plate) {
    static Side of(Figures figures) {
      RecipeReading reading = figures.reading();
      return new Side(
          figures,
          reading,
          reading.griddle().orElseThrow(() -> unfinished("how many pieces came out")),
          reading.plate().orElseThrow(() -> unfinished("how many pieces make a serving")));
    }

    private static IllegalArgumentException unfinished(String what) {
      return new IllegalArgumentException("A version cannot be compared until it says " + what);
    }

    double inPan(Component component) {
      return reading.takenFromPan().stream().mapToDouble(food -> food.value(component)).sum();
    }

    double pieces(Basis basis) {
      return basis == Basis.AS_SERVED ? plate.pieces() : 1;
    }

    double batterShare(Basis basis) {
      Estimate share =
          basis == Basis.AS_SERVED ? plate.batterShare().orElseThrow() : griddle.pieceShare();
      return share.value();
    }

    double panShare(Basis basis) {
      return basis == Basis.AS_SERVED
          ? plate.panShare().map(Estimate::value).orElse(griddle.panShare(plate.pieces()).value())
          : griddle.panShare().value();
    }
  }

  private Comparison(Figures a, Figures b, Mode mode) {
    this.a = Side.of(a);
    this.b = Side.of(b);
    this.places = Uses.places(a.reading(), b.reading(), mode);
    this.lines = Pairing.of(a.reading().batter(), b.reading().batter());
    this.panFats = Pairing.of(a.reading().takenFromPan(), b.reading().takenFromPan());
    this.toppings = Pairing.of(this.a.plate.toppings(), this.b.plate.toppings());
  }

  /**
   * The differences B − A, as served and per piece, of each measurand that both were asked for.
   *
   * @throws IllegalArgumentException if a version has no pieces or no serving yet
   */
  public static List<Difference> of(Figures a, Figures b, Mode mode) {
    Comparison comparison = new Comparison(a, b, mode);
    List<Difference> differences = new ArrayList<>();
    for (Basis basis : BASES) {
      for (Measurand measurand : b.measurands()) {
        if (a.measurands().contains(measurand)) {
          differences.add(comparison.difference(basis, measurand));
        }
      }
    }
    return differences;
  }

  private Difference difference(Basis basis, Measurand measurand) {
    Figure before = a.figures.figure(basis, measurand);
    Figure after = b.figures.figure(basis, measurand);
    double rounding =
        Difference.ROUNDING * Math.max(Math.abs(before.value()), Math.abs(after.value()));
    List<Cause> causes = measurand.isAdditive() ? causes(basis, measurand) : List.of();
    return new Difference(
        basis,
        measurand,
        after.value() - before.value(),
        u(before, after),
        rounding,
        after.missing().plus(before.missing().negated()).bound(),
        causes.stream().filter(cause -> Math.abs(cause.effect()) > rounding).toList());
  }

  /** u² = Σ (s_B − s_A)² over the sources that both share, and Σ s² over the others. */
  private double u(Figure before, Figure after) {
    double[] left = new double[a.reading.book().size()];
    for (int i = 0; i < left.length; i++) {
      left[i] = -before.sensitivity(i);
    }
    double variance = 0;
    for (int i = 0; i < places.length; i++) {
      double s = after.sensitivity(i);
      if (places[i] >= 0) {
        left[places[i]] += s;
      } else {
        variance += s * s;
      }
    }
    for (double s : left) {
      variance += s * s;
    }
    Map<Composition, Double> tables = new LinkedHashMap<>();
    after.compositions((value, s) -> tables.merge(value, s, Double::sum));
    before.compositions((value, s) -> tables.merge(value, -s, Double::sum));
    for (double s : tables.values()) {
      variance += s * s;
    }
    return Math.sqrt(variance);
  }

  /** Those of its components, each as much as the component counts. */
  private List<Cause> causes(Basis basis, Measurand measurand) {
    double[] weights = measurand.weights();
    if (measurand.component().isPresent()) {
      return causes(basis, measurand.component().get());
    }
    Map<List<Object>, Double> effects = new LinkedHashMap<>();
    for (int i = 0; i < weights.length; i++) {
      for (Cause cause : causes(basis, measurand.components().get(i))) {
        effects.merge(
            List.of(cause.kind(), cause.words()), weights[i] * cause.effect(), Double::sum);
      }
    }
    return effects.entrySet().stream()
        .map(
            one ->
                new Cause(
                    (Cause.Kind) one.getKey().get(0), (String) one.getKey().get(1), one.getValue()))
        .toList();
  }

  private List<Cause> causes(Basis basis, Component component) {
    boolean served = basis == Basis.AS_SERVED;
    double fA = a.batterShare(basis);
    double fB = b.batterShare(basis);
    double gA = a.panShare(basis);
    double gB = b.panShare(basis);
    double pA = a.inPan(component);
    double pB = b.inPan(component);
    double batter = (a.figures.inBowl(component) + b.figures.inBowl(component)) / 2;
    List<Cause> causes = new ArrayList<>();
    lines.forEach(pair -> causes.addAll(line(pair, (fA + fB) / 2, component)));
    for (Pair<MeasuredFood> pair : panFats) {
      double effect = value(pair.after(), component) - value(pair.before(), component);
      causes.add(
          new Cause(Cause.Kind.PAN_FAT, "pan fat: " + Words.change(pair), effect * (gA + gB) / 2));
    }
    causes.add(
        new Cause(
            Cause.Kind.PORTION,
            Words.portion(a.pieces(basis), a.griddle.pieces(), b.pieces(basis), b.griddle.pieces()),
            batter * (fB - fA) + (pA + pB) / 2 * (gB - gA)));
    for (Pair<MeasuredFood> pair : served ? toppings : List.<Pair<MeasuredFood>>of()) {
      causes.add(
          new Cause(
              Cause.Kind.TOPPING,
              "on top: " + Words.change(pair),
              value(pair.after(), component) - value(pair.before(), component)));
    }
    return causes;
  }

  private static List<Cause> line(Pair<MeasuredFood> pair, double meanF, Component component) {
    boolean both = pair.before().isPresent() && pair.after().isPresent();
    if (both && sameKnownFood(pair.before().get(), pair.after().get(), component)) {
      return sameFood(pair.before().get(), pair.after().get(), meanF, component);
    }
    double effect = (value(pair.after(), component) - value(pair.before(), component)) * meanF;
    return List.of(new Cause(both ? Cause.Kind.SWAP : Cause.Kind.LINE, Words.change(pair), effect));
  }

  private static boolean sameKnownFood(MeasuredFood a, MeasuredFood b, Component component) {
    return a.food().id().equals(b.food().id()) && a.knows(component) && b.knows(component);
  }

  /** Δ(m·c) = mean(c)·Δm, the amount, and mean(m)·Δc, the food's data. */
  private static List<Cause> sameFood(
      MeasuredFood before, MeasuredFood after, double meanF, Component component) {
    double cA = before.per100g(component).orElse(0) / 100;
    double cB = after.per100g(component).orElse(0) / 100;
    double mA = before.mass().value();
    double mB = after.mass().value();
    String revised =
        after.parts().isEmpty() ? ": its composition was revised" : ": it was prepared otherwise";
    return List.of(
        new Cause(
            Cause.Kind.AMOUNT, Words.amount(before, after), (cA + cB) / 2 * (mB - mA) * meanF),
        new Cause(
            Cause.Kind.DATA, after.food().name() + revised, (mA + mB) / 2 * (cB - cA) * meanF));
  }

  /** Best value of what a food holds; nothing where there is none or it is unknown. */
  private static double value(Optional<MeasuredFood> food, Component component) {
    return food.map(f -> f.value(component)).orElse(0.0);
  }
}
