package honeststack.core.line;

import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Writes a volume so that a kitchen can measure it: one measure, or two. */
final class KitchenMeasures {
  private static final double EXACT = 0.005;

  /** Off by no more than this, one measure is good enough (common practice). */
  private static final double CLOSE = 0.05;

  private static final List<Unit> SMALLER =
      List.of(Unit.GALLON, Unit.QUART, Unit.PINT, Unit.CUP, Unit.TABLESPOON, Unit.TEASPOON);

  private final MeasuringSystem system;

  KitchenMeasures(MeasuringSystem system) {
    this.system = system;
  }

  /** Whether a unit is one of cups and spoons, that go over into each other. */
  static boolean isOne(Unit unit) {
    return SMALLER.contains(unit);
  }

  double millilitres(Measure measure) {
    return measure.amount() * measure.unit().millilitres(system);
  }

  /**
   * The measures that come close enough, in the largest unit that does: one, else a larger and a
   * smaller one; if none comes close, those that come closest.
   *
   * @param like whose unit is the largest to be used, and whose filling is kept
   */
  List<Measure> of(double millilitres, Measure like) {
    List<Unit> units = SMALLER.subList(SMALLER.indexOf(like.unit()), SMALLER.size());
    List<List<Measure>> ways = new ArrayList<>();
    for (Unit unit : units) {
      double amount = unit.rounded(millilitres / unit.millilitres(system));
      ways.add(amount > 0 ? List.of(in(unit, amount, like)) : List.of());
    }
    units.forEach(unit -> ways.add(two(millilitres, unit, like)));
    ways.removeIf(way -> way.isEmpty() || !isHandy(way));
    for (double close : new double[] {EXACT, CLOSE}) {
      for (List<Measure> way : ways) {
        if (off(way, millilitres) <= close) {
          return way;
        }
      }
    }
    return ways.stream()
        .min(Comparator.comparingDouble(way -> off(way, millilitres)))
        .orElse(List.of(in(like.unit(), millilitres / like.unit().millilitres(system), like)));
  }

  /** No long row of spoons (common practice). */
  private static boolean isHandy(List<Measure> way) {
    Measure first = way.get(0);
    double most = first.unit() == Unit.TABLESPOON ? 8 : first.unit() == Unit.TEASPOON ? 5 : 1e9;
    return first.amount() <= most;
  }

  /** As much as goes into a unit without going over, and the rest in spoons. */
  private List<Measure> two(double millilitres, Unit unit, Measure like) {
    double most = millilitres / unit.millilitres(system);
    double under = unit.rounded(most);
    if (under > most) {
      under = unit.rounded(Math.max(0, most - 0.25));
    }
    double rest = millilitres - under * unit.millilitres(system);
    List<Unit> spoons = List.of(Unit.TABLESPOON, Unit.TEASPOON);
    for (Unit spoon : spoons) {
      double amount = spoon.rounded(rest / spoon.millilitres(system));
      boolean close =
          Math.abs(amount * spoon.millilitres(system) - rest) <= 2 * CLOSE * millilitres;
      boolean smaller =
          SMALLER.indexOf(spoon) > SMALLER.indexOf(unit) || spoon == unit && unit == Unit.TEASPOON;
      if (under > 0 && under <= most && amount > 0 && close && smaller) {
        return List.of(in(unit, under, like), in(spoon, amount, like));
      }
    }
    return List.of();
  }

  private static Measure in(Unit unit, double amount, Measure like) {
    return new Measure(amount, 0, 0, unit, like.packing(), like.heap(), like.size());
  }

  private double off(List<Measure> way, double millilitres) {
    double all = way.stream().mapToDouble(this::millilitres).sum();
    return all <= 0 ? Double.MAX_VALUE : Math.abs(all / millilitres - 1);
  }
}
