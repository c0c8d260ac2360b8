package honeststack.core.serving;

import honeststack.core.batter.Batter;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Bound;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.estimate.Total;
import honeststack.core.food.Component;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * All figures of a serving: f·N + g·P + T for each component, where N is the batter's total and f
 * the serving's share of it, P the pan fat's and g its share, T the toppings'.
 */
public final class Figures {
  private static final Estimate HUNDRED = Estimate.exact(100);

  private final Estimate batterMass;
  private final Estimate batterShare;
  private final List<Row> rows;
  private final Map<Basis, Map<Component, Total>> totals;

  private Figures(
      Estimate batterMass,
      Estimate batterShare,
      List<Row> rows,
      Map<Basis, Map<Component, Total>> totals) {
    this.batterMass = batterMass;
    this.batterShare = batterShare;
    this.rows = rows;
    this.totals = totals;
  }

  /** Which station a row comes from. */
  public enum Station {
    BOWL,
    PAN,
    PLATE
  }

  /**
   * What one measured food brings to a serving.
   *
   * @param measured as measured, the whole batch or the serving's topping
   * @param share of the measured mass that is in a serving
   * @param served in each component's unit
   */
  public record Row(
      Station station, MeasuredFood measured, Estimate share, Map<Component, Total> served) {
    /** g in a serving, as measured: batter raw. */
    public Estimate servedMass() {
      return measured.mass().times(share);
    }
  }

  /**
   * The figures that the stations allow: without pieces only those of 100 g of batter, without a
   * plate none as served.
   *
   * @throws IllegalArgumentException if more batter was left than there was
   */
  public static Figures of(Made made, List<Component> components, SourceBook book) {
    Batter batter = made.batter();
    Estimate mass = batter.mass();
    Map<Basis, Map<Component, Total>> totals = new EnumMap<>(Basis.class);
    Map<Component, Total> whole = new EnumMap<>(Component.class);
    for (Component component : components) {
      whole.put(component, batter.total(component, book));
    }
    totals.put(Basis.PER_100G_RAW, each(whole, n -> per100g(n, mass, batter)));
    if (made.griddle().isEmpty()) {
      return new Figures(mass, Estimate.ZERO, List.of(), totals);
    }
    Griddle griddle = made.griddle().get();
    Estimate piece = griddle.batterShare(batter, 1, book);
    Estimate panPiece = Estimate.exact(griddle.panShare(1));
    Map<Component, Total> cakes = new EnumMap<>(Component.class);
    whole.forEach(
        (component, n) ->
            cakes.put(
                component, n.times(piece).plus(panFat(griddle, component, book).times(panPiece))));
    totals.put(Basis.PER_PIECE, cakes);
    if (made.plate().isEmpty()) {
      return new Figures(mass, Estimate.ZERO, List.of(), totals);
    }
    Estimate share = griddle.batterShare(batter, made.plate().get().pieces(), book);
    List<Row> rows = rows(batter, griddle, made.plate().get(), share, components, book);
    boolean gaps = batter.gaps() || griddle.gaps() || made.plate().get().gaps();
    totals.put(Basis.AS_SERVED, asServed(rows, gaps, components));
    return new Figures(mass, share, rows, totals);
  }

  private static Map<Component, Total> each(
      Map<Component, Total> totals, UnaryOperator<Total> change) {
    Map<Component, Total> changed = new EnumMap<>(Component.class);
    totals.forEach((component, total) -> changed.put(component, change.apply(total)));
    return changed;
  }

  private static List<Row> rows(
      Batter batter,
      Griddle griddle,
      Plate plate,
      Estimate share,
      List<Component> components,
      SourceBook book) {
    List<Row> rows = new ArrayList<>();
    for (MeasuredFood line : batter.lines()) {
      rows.add(row(Station.BOWL, line, share, components, book));
    }
    Estimate panShare = Estimate.exact(griddle.panShare(plate.pieces()));
    griddle
        .panFat()
        .map(PanFat::taken)
        .ifPresent(fat -> rows.add(row(Station.PAN, fat, panShare, components, book)));
    for (MeasuredFood topping : plate.toppings()) {
      rows.add(row(Station.PLATE, topping, Estimate.exact(1), components, book));
    }
    return List.copyOf(rows);
  }

  private static Total panFat(Griddle griddle, Component component, SourceBook book) {
    Total taken =
        griddle.panFat().map(fat -> fat.taken().total(component, book)).orElse(Total.NOTHING);
    return griddle.gaps() ? taken.withBound(Bound.AT_LEAST) : taken;
  }

  private static Row row(
      Station station,
      MeasuredFood line,
      Estimate share,
      List<Component> components,
      SourceBook book) {
    Map<Component, Total> served = new EnumMap<>(Component.class);
    for (Component component : components) {
      served.put(component, line.total(component, book).times(share));
    }
    return new Row(station, line, share, served);
  }

  private static Map<Component, Total> asServed(
      List<Row> rows, boolean gaps, List<Component> components) {
    Map<Component, Total> totals = new EnumMap<>(Component.class);
    for (Component component : components) {
      Bound bound = gaps ? Bound.AT_LEAST : Bound.COMPLETE;
      Estimate.Sum sum = new Estimate.Sum();
      for (Row row : rows) {
        Total part = row.served().get(component);
        sum.add(part.estimate(), 1);
        bound = bound.plus(part.bound());
      }
      totals.put(component, new Total(sum.total(), bound));
    }
    return totals;
  }

  /**
   * What is missing from the bowl adds to both sides of the ratio, so nothing is known of it then.
   */
  private static Total per100g(Total n, Estimate mass, Batter batter) {
    if (mass.value() == 0) {
      return new Total(Estimate.ZERO, Bound.NOT_KNOWN);
    }
    Estimate ratio = n.estimate().dividedBy(mass).times(HUNDRED);
    return new Total(ratio, batter.gaps() ? Bound.NOT_KNOWN : n.bound());
  }

  /** Batter mass, g. */
  public Estimate batterMass() {
    return batterMass;
  }

  /** Share of the whole batter that is in a serving, 0 to 1; 0 while there is no serving. */
  public Estimate batterShare() {
    return batterShare;
  }

  /** One row per measured food, in the order of the work; none while there is no serving. */
  public List<Row> rows() {
    return rows;
  }

  /** What part of a serving's figure a row brings, 0 to 1; 0 where the figure itself is 0. */
  public double shareOfServing(Row row, Component component) {
    double whole = total(Basis.AS_SERVED, component).estimate().value();
    return whole == 0 ? 0 : row.served().get(component).estimate().value() / whole;
  }

  /** The bases that have figures. */
  public Set<Basis> bases() {
    return totals.keySet();
  }

  /**
   * A figure, in the component's unit.
   *
   * @throws IllegalArgumentException if the basis has no figures
   */
  public Total total(Basis basis, Component component) {
    Map<Component, Total> known = totals.get(basis);
    if (known == null) {
      throw new IllegalArgumentException("There are no figures " + basis + " yet");
    }
    return known.get(component);
  }
}
