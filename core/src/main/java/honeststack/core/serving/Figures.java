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
import java.util.function.BiFunction;

/**
 * All figures of a serving: f·N + g·P + T for each component, where N is the batter's total and f
 * the serving's share of it, P the pan fat's and g its share, T the toppings'.
 */
public final class Figures {
  private static final Estimate HUNDRED = Estimate.exact(100);

  private final Estimate batterMass;
  private final Estimate batterShare;
  private final double panShare;
  private final List<Row> rows;
  private final Map<Basis, Map<Component, Total>> totals;
  private final Map<Component, Parts> parts;

  private Figures(
      Estimate batterMass,
      Estimate batterShare,
      double panShare,
      List<Row> rows,
      Map<Basis, Map<Component, Total>> totals,
      Map<Component, Parts> parts) {
    this.parts = parts;
    this.batterMass = batterMass;
    this.batterShare = batterShare;
    this.panShare = panShare;
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
    Matrix bowl = Matrix.of(batter.lines(), components, book);
    Map<Component, Total> whole = bowl.sums(batter.gaps());
    Map<Basis, Map<Component, Total>> totals = new EnumMap<>(Basis.class);
    totals.put(Basis.PER_100G_RAW, each(whole, (c, n) -> per100g(n, mass, batter.gaps())));
    made.finished()
        .ifPresent(
            done ->
                totals.put(
                    Basis.PER_100G_FINISHED,
                    each(
                        whole,
                        (c, n) -> per100g(done.total(c, book), done.weight(), batter.gaps()))));
    if (made.griddle().isEmpty()) {
      List<Row> parts =
          made.finished().map(done -> finished(done, components, book)).orElse(List.of());
      return new Figures(mass, Estimate.ZERO, 0, parts, totals, Map.of());
    }
    Griddle griddle = made.griddle().get();
    List<MeasuredFood> fats = griddle.panFat().map(PanFat::taken).stream().toList();
    Matrix pan = Matrix.of(fats, components, book);
    Map<Component, Total> panFat = pan.sums(griddle.gaps());
    Estimate piece = griddle.batterShare(batter, 1, book);
    Estimate panPiece = Estimate.exact(griddle.panShare(1));
    totals.put(
        Basis.PER_PIECE, each(whole, (c, n) -> n.times(piece).plus(panFat.get(c).times(panPiece))));
    if (made.plate().isEmpty()) {
      return new Figures(mass, Estimate.ZERO, 0, List.of(), totals, Map.of());
    }
    Plate plate = made.plate().get();
    Estimate share = griddle.batterShare(batter, plate.pieces(), book);
    Estimate panShare = Estimate.exact(griddle.panShare(plate.pieces()));
    Matrix top = Matrix.of(plate.toppings(), components, book);
    Map<Component, Total> toppings = top.sums(plate.gaps());
    totals.put(
        Basis.AS_SERVED,
        each(
            whole,
            (c, n) -> n.times(share).plus(panFat.get(c).times(panShare)).plus(toppings.get(c))));
    List<Row> rows = new ArrayList<>();
    rows.addAll(bowl.rows(Station.BOWL, share));
    rows.addAll(pan.rows(Station.PAN, panShare));
    rows.addAll(top.rows(Station.PLATE, Estimate.exact(1)));
    Map<Component, Parts> parts = new EnumMap<>(Component.class);
    whole.forEach(
        (c, n) ->
            parts.put(
                c,
                new Parts(
                    n.estimate().value(),
                    panFat.get(c).estimate().value(),
                    toppings.get(c).estimate().value())));
    return new Figures(mass, share, panShare.value(), List.copyOf(rows), totals, parts);
  }

  /** What 100 g of a preparation get from each of its parts. */
  private static List<Row> finished(Finished done, List<Component> components, SourceBook book) {
    return Matrix.of(done.parts(), components, book)
        .rows(Station.BOWL, HUNDRED.dividedBy(done.weight()));
  }

  private static Map<Component, Total> each(
      Map<Component, Total> totals, BiFunction<Component, Total, Total> change) {
    Map<Component, Total> changed = new EnumMap<>(Component.class);
    totals.forEach((component, total) -> changed.put(component, change.apply(component, total)));
    return changed;
  }

  /** Foods × components, computed once and shared by all bases. */
  private record Matrix(
      List<MeasuredFood> foods, List<Component> components, List<Map<Component, Total>> cells) {

    static Matrix of(List<MeasuredFood> foods, List<Component> components, SourceBook book) {
      List<Map<Component, Total>> cells = new ArrayList<>(foods.size());
      for (MeasuredFood food : foods) {
        Map<Component, Total> row = new EnumMap<>(Component.class);
        for (Component component : components) {
          row.put(component, food.total(component, book));
        }
        cells.add(row);
      }
      return new Matrix(foods, components, cells);
    }

    Map<Component, Total> sums(boolean gaps) {
      Map<Component, Total> sums = new EnumMap<>(Component.class);
      for (Component component : components) {
        Total sum = Total.sum(cells, row -> row.get(component));
        sums.put(component, gaps ? sum.withBound(Bound.AT_LEAST) : sum);
      }
      return sums;
    }

    List<Row> rows(Station station, Estimate share) {
      List<Row> rows = new ArrayList<>(foods.size());
      for (int i = 0; i < foods.size(); i++) {
        Map<Component, Total> served = each(cells.get(i), (c, total) -> total.times(share));
        rows.add(new Row(station, foods.get(i), share, served));
      }
      return rows;
    }
  }

  /**
   * What is missing from the bowl adds to both sides of the ratio, so nothing is known of it then.
   */
  static Total per100g(Total n, Estimate mass, boolean gaps) {
    if (mass.value() == 0) {
      return new Total(Estimate.ZERO, Bound.NOT_KNOWN);
    }
    Estimate ratio = n.estimate().dividedBy(mass).times(HUNDRED);
    return new Total(ratio, gaps ? Bound.NOT_KNOWN : n.bound());
  }

  /** Batter mass, g. */
  public Estimate batterMass() {
    return batterMass;
  }

  /** Share of the whole batter that is in a serving, 0 to 1; 0 while there is no serving. */
  public Estimate batterShare() {
    return batterShare;
  }

  /** Share of what is put in at a station that is in a serving; 0 while there is no serving. */
  public double shareOf(Station station) {
    return switch (station) {
      case BOWL -> batterShare.value();
      case PAN -> panShare;
      case PLATE -> batterShare.value() > 0 ? 1 : 0;
    };
  }

  /**
   * One row per measured food, in the order of the work, for a serving or for 100 g of a
   * preparation; none while there is neither.
   */
  public List<Row> rows() {
    return rows;
  }

  /** The batch's parts of a component: all the batter, all the pan fat, one serving's toppings. */
  public record Parts(double batter, double panFat, double toppings) {}

  /** What a component's figures are made of, in its unit. */
  public Parts parts(Component component) {
    return parts.get(component);
  }

  /** What part of a serving's figure a row brings, 0 to 1; 0 where the figure itself is 0. */
  public double shareOfServing(Row row, Component component) {
    Basis basis = totals.containsKey(Basis.AS_SERVED) ? Basis.AS_SERVED : Basis.PER_100G_FINISHED;
    double whole = total(basis, component).estimate().value();
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
