package honeststack.core.figures;

import honeststack.core.food.Component;
import honeststack.core.recipe.Gap;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Station;
import java.util.List;

/** How far what is not in the numbers could move them, component by component. */
final class Gaps {
  private final List<Gap> gaps;

  Gaps(List<Gap> gaps) {
    this.gaps = gaps;
  }

  /**
   * What a plausible amount of everything missing at a station could do to a figure.
   *
   * @param value of the figure, in the component's unit
   * @param share of the station that is in it
   */
  Missing of(Basis basis, Station station, Component component, double value, double share) {
    Missing all = Missing.NOTHING;
    for (Gap gap : gaps) {
      if (gap.station() == station) {
        all = all.plus(of(basis, gap, component, value, share));
      }
    }
    return all;
  }

  private Missing of(Basis basis, Gap gap, Component component, double value, double share) {
    if (gap.most().isEmpty()) {
      return isRatio(basis) ? Missing.ANYTHING : Missing.ADDS;
    }
    MeasuredFood most = gap.most().get();
    boolean known = most.knows(component);
    double adds = most.value(component);
    if (!isRatio(basis)) {
      return known ? new Missing(adds * share, 0) : Missing.ADDS;
    }
    double whole = 100 / share;
    double then = (value * whole / 100 + adds) / (whole + most.mass().value()) * 100;
    return known
        ? new Missing(Math.max(0, then - value), Math.max(0, value - then))
        : Missing.ANYTHING;
  }

  /** What is missing adds to both sides of a ratio. */
  private static boolean isRatio(Basis basis) {
    return switch (basis) {
      case PER_100G_RAW, PER_100G_FINISHED, PER_100G_COOKED -> true;
      case AS_SERVED, PER_PIECE, WHOLE_BATCH -> false;
    };
  }
}
