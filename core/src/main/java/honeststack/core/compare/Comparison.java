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
  private record Shares(Estimate fA, Estimate fB, Estimate gA, Estimate gB) {
    Estimate meanF() {
      return fA.plus(fB).times(0.5);
    }

    Estimate meanG() {
      return gA.plus(gB).times(0.5);
    }
  }

  private Shares shares(Basis basis) {
    double kA = basis == Basis.AS_SERVED ? a.plate.pieces() : 1;
    double kB = basis == Basis.AS_SERVED ? b.plate.pieces() : 1;
    return new Shares(
        a.griddle.batterShare(a.made.batter(), kA, book),
        b.griddle.batterShare(b.made.batter(), kB, book),
        Estimate.exact(a.griddle.panShare(kA)),
        Estimate.exact(b.griddle.panShare(kB)));
  }

  private Difference difference(Basis basis, Shares shares, Component component) {
    boolean served = basis == Basis.AS_SERVED;
    List<Cause> causes = new ArrayList<>();
    lines.forEach(pair -> causes.addAll(line(pair, shares.meanF(), component)));
    Estimate pA = part(a.panFat(), component);
    Estimate pB = part(b.panFat(), component);
    causes.add(
        new Cause(
            Cause.Kind.PAN_FAT,
            Words.panFat(a.panFat(), b.panFat()),
            pB.minus(pA).times(shares.meanG())));
    Estimate nA = a.made.batter().total(component, book).estimate();
    Estimate nB = b.made.batter().total(component, book).estimate();
    Estimate portion =
        nA.plus(nB)
            .times(0.5)
            .times(shares.fB.minus(shares.fA))
            .plus(pA.plus(pB).times(0.5).times(shares.gB.minus(shares.gA)));
    causes.add(new Cause(Cause.Kind.PORTION, portionWords(served), portion));
    Estimate tA = Estimate.ZERO;
    Estimate tB = Estimate.ZERO;
    if (served) {
      for (Pair<MeasuredFood> pair : toppings) {
        Estimate before = part(pair.before(), component);
        Estimate after = part(pair.after(), component);
        causes.add(
            new Cause(Cause.Kind.TOPPING, "on top: " + Words.change(pair), after.minus(before)));
        tA = tA.plus(before);
        tB = tB.plus(after);
      }
    }
    Estimate value =
        nB.times(shares.fB)
            .plus(pB.times(shares.gB))
            .plus(tB)
            .minus(nA.times(shares.fA).plus(pA.times(shares.gA)).plus(tA));
    Bound bound = bound(b, served, component).plus(bound(a, served, component).negated());
    return new Difference(
        basis,
        component,
        value,
        bound,
        causes.stream().filter(cause -> cause.effect().value() != 0).toList());
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

  private List<Cause> line(Pair<MeasuredFood> pair, Estimate meanF, Component component) {
    if (pair.before().isPresent() && pair.after().isPresent()) {
      MeasuredFood before = pair.before().get();
      MeasuredFood after = pair.after().get();
      if (before.food().id().equals(after.food().id())
          && before.food().composition().knows(component)
          && after.food().composition().knows(component)) {
        return sameFood(before, after, meanF, component);
      }
    }
    Estimate effect =
        part(pair.after(), component).minus(part(pair.before(), component)).times(meanF);
    boolean swap = pair.before().isPresent() && pair.after().isPresent();
    Cause.Kind kind = swap ? Cause.Kind.SWAP : Cause.Kind.LINE;
    return List.of(new Cause(kind, Words.change(pair), effect));
  }

  /** Δ(m·c) = mean(c)·Δm, the amount, and mean(m)·Δc, the food's data. */
  private List<Cause> sameFood(
      MeasuredFood before, MeasuredFood after, Estimate meanF, Component component) {
    Estimate cA = before.food().composition().perGram(component, book);
    Estimate cB = after.food().composition().perGram(component, book);
    Estimate amount = cA.plus(cB).times(0.5).times(after.mass().minus(before.mass())).times(meanF);
    Estimate data = before.mass().plus(after.mass()).times(0.5).times(cB.minus(cA)).times(meanF);
    return List.of(
        new Cause(Cause.Kind.AMOUNT, Words.amount(before, after), amount),
        new Cause(Cause.Kind.DATA, after.food().name() + ": its composition was revised", data));
  }

  private Estimate part(Optional<MeasuredFood> food, Component component) {
    return food.map(f -> f.total(component, book)).map(Total::estimate).orElse(Estimate.ZERO);
  }
}
