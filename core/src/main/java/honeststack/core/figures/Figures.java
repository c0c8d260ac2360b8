package honeststack.core.figures;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Source;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.recipe.Contents;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;

/**
 * All figures of a reading: f·N + g·P + T for each component, where N is the batter's total and f a
 * serving's share of it, P the pan fat's and g its share, T the toppings'. Computed from one dense
 * matrix of foods × components with closed-form sensitivities. Immutable to all who look.
 */
public final class Figures {
  private final RecipeReading reading;
  private final List<Measurand> measurands;
  private final List<Component> components;
  private final Source[][] compositionSources = new Source[Component.values().length][];

  /** Sources of the reading's book, then its plain foods. */
  private final int width;

  private final Totals bowl;
  private final Totals pan;
  private final Totals plate;
  private final Totals finished;
  private final Gaps gaps;
  private final Map<Basis, List<Taken>> taken = new EnumMap<>(Basis.class);

  /** Made when they are first asked for; guarded by itself. */
  private final Map<Basis, List<Figure>> figures = new EnumMap<>(Basis.class);

  private Figures(RecipeReading reading, List<Measurand> measurands) {
    this.reading = reading;
    this.measurands = List.copyOf(measurands);
    Set<Component> needed = EnumSet.noneOf(Component.class);
    measurands.forEach(one -> needed.addAll(one.components()));
    this.components = List.copyOf(needed);
    this.width = reading.book().size() + reading.plainFoods().size();
    this.gaps = new Gaps(reading.gaps());
    this.bowl = totals(Station.BOWL, reading.contents(Station.BOWL));
    this.pan = totals(Station.PAN, reading.contents(Station.PAN));
    this.plate = totals(Station.PLATE, reading.contents(Station.PLATE));
    this.finished = totals(Station.BOWL, reading.finishedContents());
    compute();
  }

  /**
   * The figures that the stations allow: without pieces only those of 100 g of batter, without a
   * plate none as served.
   */
  public static Figures of(RecipeReading reading, List<Measurand> measurands) {
    return new Figures(reading, measurands);
  }

  private Totals totals(Station station, Contents contents) {
    return Totals.of(station, contents, components, width);
  }

  /**
   * What share of a place's foods is in a basis.
   *
   * @param doubt the share's sensitivities; empty if it is exact
   * @param pull how the share changes with each gram more in the bowl, 1/g
   */
  private record Taken(Totals of, double share, double[] doubt, double pull) {}

  private Taken taken(Totals of, Estimate share, double pull) {
    double[] doubt = new double[share.sources() == 0 ? 0 : width];
    share.addTo(doubt, 1);
    return new Taken(of, share.value(), doubt, pull);
  }

  private void compute() {
    double mass = bowl.contents().mass();
    if (mass > 0) {
      Estimate hundred = Estimate.exact(100).dividedBy(reading.batterMass());
      taken.put(Basis.PER_100G_RAW, List.of(taken(bowl, hundred, -100 / mass / mass)));
    }
    reading
        .finished()
        .ifPresent(
            done -> {
              Estimate hundred = Estimate.exact(100).dividedBy(done.weight());
              taken.put(Basis.PER_100G_FINISHED, List.of(taken(finished, hundred, 0)));
            });
    reading.griddle().ifPresent(this::compute);
  }

  private void compute(Griddle griddle) {
    Estimate one = Estimate.exact(1);
    taken.put(
        Basis.PER_PIECE,
        List.of(batter(griddle, griddle.pieceShare()), taken(pan, griddle.panShare(), 0)));
    taken.put(Basis.WHOLE_BATCH, List.of(taken(bowl, one, 0), taken(pan, one, 0)));
    griddle.cookedPiece().ifPresent(piece -> cooked(griddle, piece));
    if (reading.isServed()) {
      Plate served = reading.plate().orElseThrow();
      Estimate fat = served.panShare().orElseGet(() -> griddle.panShare(served.pieces()));
      taken.put(
          Basis.AS_SERVED,
          List.of(
              batter(griddle, served.batterShare().orElseThrow()),
              taken(pan, fat, 0),
              taken(plate, one, 0)));
    }
  }

  /** 100 g of cooked pieces hold 100/w of a mean piece, w being what one weighs. */
  private void cooked(Griddle griddle, Estimate piece) {
    Estimate pieces = Estimate.exact(100).dividedBy(piece);
    Estimate batter = reading.batterMass();
    Estimate inPieces =
        griddle.left().value() > 0
            ? batter.minus(griddle.left()).dividedBy(batter)
            : Estimate.exact(1);
    Estimate share = inPieces.times(griddle.panShare()).times(pieces);
    double mass = bowl.contents().mass();
    double pull =
        griddle.weighed()
            ? griddle.left().value() / mass / mass * griddle.panShare().value() * pieces.value()
            : -share.value() / mass;
    Estimate fat = griddle.panShare().times(pieces);
    double baked = mass - griddle.left().value();
    double fatPull = griddle.weighed() || griddle.predicted() ? 0 : -fat.value() / baked;
    taken.put(Basis.PER_100G_COOKED, List.of(taken(bowl, share, pull), taken(pan, fat, fatPull)));
  }

  /**
   * Counted pieces take all but what was left, however much there is; of a prediction each piece
   * takes the same amount.
   */
  private Taken batter(Griddle griddle, Estimate share) {
    double mass = bowl.contents().mass();
    double left = griddle.left().value();
    double pull =
        griddle.predicted()
            ? -share.value() / mass
            : share.value() * left / mass / Math.max(1e-9, mass - left);
    return taken(bowl, share, pull);
  }

  private List<Figure> figures(Basis basis, List<Taken> from) {
    Row[] rows = new Row[components.size()];
    for (int c = 0; c < rows.length; c++) {
      rows[c] = row(basis, from, c);
    }
    List<Figure> row = new ArrayList<>(measurands.size());
    for (Measurand measurand : measurands) {
      row.add(figure(basis, measurand, rows));
    }
    return Collections.unmodifiableList(row);
  }

  /** Where a component stands among those asked for; -1 if it does not. */
  private int at(Component component) {
    return components.indexOf(component);
  }

  /** A component on a basis: its value and its sensitivities. */
  private record Row(double value, Missing missing, double[] sensitivities) {}

  private Row row(Basis basis, List<Taken> from, int c) {
    double[] row = new double[width];
    double value = 0;
    Missing missing = Missing.NOTHING;
    for (Taken one : from) {
      if (one.of.contents().lines().isEmpty()) {
        continue;
      }
      double share = one.share;
      double sum = one.of.sums()[c];
      value += share * sum;
      one.of.addSensitivities(c, share, one.doubt, row);
      if (!one.of.known()[c]) {
        missing = missing.plus(Missing.ADDS);
      }
    }
    for (Taken one : reading.gaps().isEmpty() ? List.<Taken>of() : from) {
      double share = one.share;
      missing = missing.plus(gaps.of(basis, one.of.station(), components.get(c), value, share));
    }
    return new Row(value, missing, row);
  }

  private Figure figure(Basis basis, Measurand measurand, Row[] rows) {
    List<Component> needs = measurand.components();
    if (measurand.component().isPresent()) {
      Row row = rows[at(needs.get(0))];
      return new Figure(this, basis, measurand, row.value, row.missing, row.sensitivities);
    }
    double[] amounts = new double[needs.size()];
    for (int i = 0; i < amounts.length; i++) {
      amounts[i] = rows[at(needs.get(i))].value;
    }
    double[] slopes = measurand.slopes(amounts);
    int sources = reading.book().size();
    int foods = width - sources;
    double[] all = new double[sources + foods * needs.size()];
    Missing missing = Missing.NOTHING;
    for (int i = 0; i < slopes.length; i++) {
      Row row = rows[at(needs.get(i))];
      for (int s = 0; s < sources; s++) {
        all[s] += slopes[i] * row.sensitivities[s];
      }
      for (int f = 0; f < foods; f++) {
        all[sources + i * foods + f] = slopes[i] * row.sensitivities[sources + f];
      }
      missing = missing.plus(row.missing.times(slopes[i]));
    }
    return new Figure(this, basis, measurand, measurand.value(amounts), missing, all);
  }

  public RecipeReading reading() {
    return reading;
  }

  public List<Measurand> measurands() {
    return measurands;
  }

  /** The bases that have figures. */
  public Set<Basis> bases() {
    return Collections.unmodifiableSet(taken.keySet());
  }

  /** The figures of a basis, in the order of the measurands; none if it has none yet. */
  public List<Figure> on(Basis basis) {
    List<Taken> from = taken.get(basis);
    if (from == null) {
      return List.of();
    }
    synchronized (figures) {
      return figures.computeIfAbsent(basis, b -> figures(b, from));
    }
  }

  /**
   * A figure.
   *
   * @throws NoSuchElementException if the basis has no figures, or the measurand was not asked for
   */
  public Figure figure(Basis basis, Measurand measurand) {
    int at = measurands.indexOf(measurand);
    List<Figure> row = on(basis);
    if (row.isEmpty() || at < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + measurand);
    }
    return row.get(at);
  }

  public Figure figure(Basis basis, Component component) {
    return figure(basis, Measurand.of(component));
  }

  /** What everything in the bowl holds of a component, in its unit. */
  public double inBowl(Component component) {
    return total(bowl, component);
  }

  /** What the pieces of a batch took from the pan of a component, in its unit. */
  public double inPan(Component component) {
    return total(pan, component);
  }

  /** What the toppings of a serving hold of a component, in its unit. */
  public double onTop(Component component) {
    return total(plate, component);
  }

  private double total(Totals of, Component component) {
    return of.sums()[at(component)];
  }

  /**
   * What one gram more of a line would add to a figure, in its unit: the derivative by the line's
   * mass, its share of the batter's loss included.
   *
   * @throws NoSuchElementException if the basis has no figures
   */
  public double perGram(Basis basis, Component component, MeasuredFood line) {
    int c = at(component);
    List<Taken> from = taken.get(basis);
    if (from == null || c < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + component);
    }
    double slope = 0;
    boolean fills = bowl.contents().lines().contains(line);
    for (Taken one : from) {
      Contents contents = one.of.contents();
      int at = contents.lines().indexOf(line);
      if (at >= 0 && line.mass().value() > 0) {
        slope += one.share * contents.sumOfLine(component, at) / line.mass().value();
      }
      if (fills) {
        slope += one.of.sums()[c] * one.pull;
      }
    }
    return slope;
  }

  /**
   * What one line brings to a serving, or to 100 g of a preparation.
   *
   * @param share of what was measured that is in it
   * @param values one for each component asked for, in its unit; NaN where it is unknown
   */
  public record Part(Station station, MeasuredFood measured, double share, double[] values) {
    /** g in it, as measured: batter raw. */
    public double grams() {
      return measured.mass().value() * share;
    }
  }

  /** The basis that parts are of: a serving, or 100 g of a preparation. */
  public Optional<Basis> partsBasis() {
    return taken.containsKey(Basis.AS_SERVED)
        ? Optional.of(Basis.AS_SERVED)
        : Optional.of(Basis.PER_100G_FINISHED).filter(figures::containsKey);
  }

  /** One part per measured food, in the order of the work; none while there is no serving. */
  public List<Part> parts(List<Component> asked) {
    List<Part> parts = new ArrayList<>();
    for (Taken one : partsBasis().map(taken::get).orElse(List.of())) {
      double share = one.share;
      Contents contents = one.of.contents();
      for (int i = 0; i < contents.lines().size(); i++) {
        double[] values = new double[asked.size()];
        for (int c = 0; c < values.length; c++) {
          Component component = asked.get(c);
          values[c] =
              contents.knows(component, i) ? share * contents.sumOfLine(component, i) : Double.NaN;
        }
        parts.add(new Part(one.of.station(), contents.lines().get(i), share, values));
      }
    }
    return parts;
  }

  /** The value of a food table behind a place of a figure's composition sensitivities. */
  Composition composition(Measurand measurand, int place) {
    List<Food> foods = reading.plainFoods();
    Component component = measurand.components().get(place / foods.size());
    return new Composition(foods.get(place % foods.size()).id(), component.name());
  }

  /** The same on every basis, so it is told once. */
  Source compositionSource(Measurand measurand, int place) {
    List<Food> foods = reading.plainFoods();
    Component component = measurand.components().get(place / foods.size());
    Source[] row = compositionSources[component.ordinal()];
    if (row == null) {
      row = new Source[foods.size()];
      compositionSources[component.ordinal()] = row;
    }
    int at = place % foods.size();
    if (row[at] == null) {
      row[at] =
          Source.of(
              composition(measurand, place),
              "the " + component.words() + " of " + foods.get(at).name() + " in the food table");
    }
    return row[at];
  }
}
