package honeststack.core.compare;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.compare.Pairing.Pair;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Made;
import honeststack.core.serving.Plate;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Two versions compared, figure by figure, with what caused each difference.
 *
 * <p>A figure is Σ f·N_i + g·P + Σ T_j. Its difference splits exactly, and whatever the order, by
 * the midpoint rule on every product: xy_B − xy_A = ½(x_A + x_B)(y_B − y_A) + ½(y_A + y_B)(x_B −
 * x_A).
 */
public final class Comparison {
  private final Side a;
  private final Side b;
  private final List<Pair<MeasuredFood>> lines;
  private final List<Pair<MeasuredFood>> toppings;
  private final SourceBook book;

  /** One version in the common book. */
  private record Side(Made made, Griddle griddle, Plate plate) {
    static Side of(Made made) {
      return new Side(
          made,
          made.griddle().orElseThrow(() -> unfinished("how many pieces came out")),
          made.plate().orElseThrow(() -> unfinished("how many pieces make a serving")));
    }

    private static IllegalArgumentException unfinished(String what) {
      return new IllegalArgumentException("A version cannot be compared until it says " + what);
    }

    Optional<MeasuredFood> panFat() {
      return griddle.panFat().map(PanFat::taken);
    }
  }

  private Comparison(Side a, Side b, SourceBook book) {
    this.a = a;
    this.b = b;
    this.book = book;
    this.lines = Pairing.of(a.made.batter().lines(), b.made.batter().lines());
    this.toppings = Pairing.of(a.plate.toppings(), b.plate.toppings());
  }

  /**
   * The differences B − A, as served and per piece, of each component.
   *
   * @throws IllegalArgumentException if a version has no pieces or no serving yet
   */
  public static List<Difference> of(Made a, Made b, Mode mode, List<Component> components) {
    SourceBook book = SourceBook.firstOrder();
    Uses uses = Uses.of(a, b, mode);
    Comparison comparison =
        new Comparison(
            Side.of(a.rebased(book, uses::before)), Side.of(b.rebased(book, uses::after)), book);
    List<Difference> differences = new ArrayList<>();
    for (Basis basis : List.of(Basis.AS_SERVED, Basis.PER_PIECE)) {
      Shares shares = comparison.shares(basis);
      components.forEach(c -> differences.add(comparison.difference(basis, shares, c)));
    }
    return differences;
  }

  /** Shares of batter and pan fat in both versions. */
  private record Shares(Estimate fA, Estimate fB, double gA, double gB) {
    double meanF() {
      return (fA.value() + fB.value()) / 2;
    }
  }

  private Shares shares(Basis basis) {
    double kA = basis == Basis.AS_SERVED ? a.plate.pieces() : 1;
    double kB = basis == Basis.AS_SERVED ? b.plate.pieces() : 1;
    return new Shares(
        a.griddle.batterShare(a.made.batter(), kA, book),
        b.griddle.batterShare(b.made.batter(), kB, book),
        a.griddle.panShare(kA),
        b.griddle.panShare(kB));
  }

  private Difference difference(Basis basis, Shares shares, Component component) {
    boolean served = basis == Basis.AS_SERVED;
    List<Pair<MeasuredFood>> onTop = served ? toppings : List.of();
    Estimate nA = a.made.batter().total(component, book).estimate();
    Estimate nB = b.made.batter().total(component, book).estimate();
    Estimate pA = part(a.panFat(), component);
    Estimate pB = part(b.panFat(), component);
    Estimate value =
        nB.times(shares.fB)
            .plus(pB.times(shares.gB))
            .minus(nA.times(shares.fA))
            .minus(pA.times(shares.gA));
    for (Pair<MeasuredFood> pair : onTop) {
      value = value.plus(part(pair.after(), component)).minus(part(pair.before(), component));
    }
    List<Cause> causes = new ArrayList<>();
    lines.forEach(pair -> causes.addAll(line(pair, shares.meanF(), component)));
    causes.add(
        new Cause(
            Cause.Kind.PAN_FAT,
            Words.panFat(a.panFat(), b.panFat()),
            (pB.value() - pA.value()) * (shares.gA + shares.gB) / 2));
    causes.add(
        new Cause(
            Cause.Kind.PORTION,
            portionWords(served),
            (nA.value() + nB.value()) / 2 * (shares.fB.value() - shares.fA.value())
                + (pA.value() + pB.value()) / 2 * (shares.gB - shares.gA)));
    for (Pair<MeasuredFood> pair : onTop) {
      causes.add(
          new Cause(
              Cause.Kind.TOPPING,
              "on top: " + Words.change(pair),
              value(pair.after(), component) - value(pair.before(), component)));
    }
    Bound bound = bound(b, served, component).plus(bound(a, served, component).negated());
    return new Difference(
        basis,
        component,
        value,
        bound,
        causes.stream().filter(cause -> cause.effect() != 0).toList());
  }

  private String portionWords(boolean served) {
    return served
        ? Words.portion(a.plate.pieces(), a.griddle.pieces(), b.plate.pieces(), b.griddle.pieces())
        : Words.portion(1, a.griddle.pieces(), 1, b.griddle.pieces());
  }

  private Bound bound(Side side, boolean served, Component component) {
    boolean gaps =
        side.made.batter().gaps() || side.griddle.gaps() || (served && side.plate.gaps());
    Bound bound = gaps ? Bound.AT_LEAST : Bound.COMPLETE;
    List<MeasuredFood> foods = new ArrayList<>(side.made.batter().lines());
    side.panFat().ifPresent(foods::add);
    if (served) {
      foods.addAll(side.plate.toppings());
    }
    for (MeasuredFood food : foods) {
      bound = bound.plus(food.total(component, book).bound());
    }
    return bound;
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
    return List.of(
        new Cause(
            Cause.Kind.AMOUNT, Words.amount(before, after), (cA + cB) / 2 * (mB - mA) * meanF),
        new Cause(
            Cause.Kind.DATA,
            after.food().name()
                + (after.parts().isEmpty()
                    ? ": its composition was revised"
                    : ": it was prepared otherwise"),
            (mA + mB) / 2 * (cB - cA) * meanF));
  }

  private Estimate part(Optional<MeasuredFood> food, Component component) {
    return food.map(f -> f.total(component, book)).map(Total::estimate).orElse(Estimate.ZERO);
  }

  /** Best value of what a food holds; nothing where there is none or it is unknown. */
  private static double value(Optional<MeasuredFood> food, Component component) {
    return food.map(f -> f.value(component)).orElse(0.0);
  }
}
