package honeststack.core.figures;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Source;
import honeststack.core.food.Component;
import honeststack.core.recipe.Finished;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.PanFat;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * All figures of a reading: f·N + g·P + T for each component, where N is the batter's total and f a
 * serving's share of it, P the pan fat's and g its share, T the toppings'. Computed from one dense
 * matrix of foods × components with closed-form sensitivities. Immutable.
 */
public final class Figures {
  private final RecipeReading reading;
  private final List<Measurand> measurands;
  private final List<Component> components;
  private final Map<String, Integer> foods = new LinkedHashMap<>();
  private final List<String> foodIds = new ArrayList<>();
  private final Map<String, String> foodNames = new ConcurrentHashMap<>();
  private final Source[][] compositionSources = new Source[Component.values().length][];
  private final Leaves bowl;
  private final Leaves pan;
  private final Leaves plate;
  private final Leaves finished;
  private final Gaps gaps;
  private final Map<Basis, List<Taken>> taken = new EnumMap<>(Basis.class);
  private final Map<Basis, Figure[]> figures = new EnumMap<>(Basis.class);

  private Figures(RecipeReading reading, List<Measurand> measurands) {
    this.reading = reading;
    this.measurands = List.copyOf(measurands);
    Set<Component> needed = EnumSet.noneOf(Component.class);
    measurands.forEach(one -> needed.addAll(one.components()));
    this.components = List.copyOf(needed);
    this.gaps = new Gaps(reading.gaps());
    this.bowl = leaves(reading.batter());
    this.pan = leaves(reading.panFat().map(PanFat::taken).stream().toList());
    this.plate = leaves(reading.plate().map(Plate::toppings).orElse(List.of()));
    this.finished = leaves(reading.finished().map(Finished::parts).orElse(List.of()));
    foodIds.addAll(foods.keySet());
    compute();
  }

  /**
   * The figures that the stations allow: without pieces only those of 100 g of batter, without a
   * plate none as served.
   */
  public static Figures of(RecipeReading reading, List<Measurand> measurands) {
    return new Figures(reading, measurands);
  }

  private Leaves leaves(List<MeasuredFood> lines) {
    return new Leaves(lines, components, foods);
  }

  /**
   * What share of a place's foods is in a basis.
   *
   * @param pull how the share changes with each gram more in the bowl, 1/g
   */
  private record Taken(Station station, Leaves leaves, Estimate share, double pull) {}

  private void compute() {
    double mass = bowl.mass();
    Optional<Griddle> griddle = reading.griddle();
    if (mass > 0) {
      Estimate hundred = Estimate.exact(100).dividedBy(reading.batterMass());
      put(Basis.PER_100G_RAW, List.of(new Taken(Station.BOWL, bowl, hundred, -100 / mass / mass)));
    }
    reading
        .finished()
        .ifPresent(
            done -> {
              Estimate hundred = Estimate.exact(100).dividedBy(done.weight());
              put(Basis.PER_100G_FINISHED, List.of(new Taken(Station.BOWL, finished, hundred, 0)));
            });
    griddle.ifPresent(
        g -> put(Basis.PER_PIECE, List.of(batter(g, g.pieceShare(), 1), panFat(g, 1))));
    if (reading.isServed()) {
      Plate served = reading.plate().orElseThrow();
      Griddle g = griddle.orElseThrow();
      put(
          Basis.AS_SERVED,
          List.of(
              batter(g, served.batterShare().orElseThrow(), served.pieces()),
              panFat(g, served.pieces()),
              new Taken(Station.PLATE, plate, Estimate.exact(1), 0)));
    }
  }

  private Taken batter(Griddle griddle, Estimate share, double pieces) {
    double mass = bowl.mass();
    double pull = griddle.left().value() / mass / mass * pieces / griddle.pieces();
    return new Taken(Station.BOWL, bowl, share, pull);
  }

  private Taken panFat(Griddle griddle, double pieces) {
    return new Taken(Station.PAN, pan, Estimate.exact(griddle.panShare(pieces)), 0);
  }

  private void put(Basis basis, List<Taken> from) {
    taken.put(basis, from);
    Row[] rows = new Row[components.size()];
    for (int c = 0; c < rows.length; c++) {
      rows[c] = row(basis, from, c);
    }
    Figure[] row = new Figure[measurands.size()];
    for (int i = 0; i < row.length; i++) {
      row[i] = figure(basis, measurands.get(i), rows);
    }
    figures.put(basis, row);
  }

  /** A component on a basis: its value and its sensitivities. */
  private record Row(double value, Missing missing, double[] bySource, double[] byFood) {}

  private Row row(Basis basis, List<Taken> from, int c) {
    double[] bySource = new double[reading.book().size()];
    double[] byFood = new double[foods.size()];
    double value = 0;
    Missing missing = Missing.NOTHING;
    for (Taken one : from) {
      double share = one.share.value();
      double sum = one.leaves.sum(c);
      value += share * sum;
      one.leaves.addMassSensitivities(c, share, bySource);
      one.share.addTo(bySource, sum);
      one.leaves.addCompositionSensitivities(c, share, byFood);
      if (!one.leaves.knows(c)) {
        missing = missing.plus(Missing.ADDS);
      }
    }
    for (Taken one : reading.gaps().isEmpty() ? List.<Taken>of() : from) {
      double share = one.share.value();
      missing = missing.plus(gaps.of(basis, one.station, components.get(c), value, share));
    }
    return new Row(value, missing, bySource, byFood);
  }

  private Figure figure(Basis basis, Measurand measurand, Row[] rows) {
    List<Component> needs = measurand.components();
    if (measurand.component().isPresent()) {
      Row row = rows[components.indexOf(needs.get(0))];
      return new Figure(this, basis, measurand, row.value, row.missing, row.bySource, row.byFood);
    }
    double[] amounts = new double[needs.size()];
    for (int i = 0; i < amounts.length; i++) {
      amounts[i] = rows[components.indexOf(needs.get(i))].value;
    }
    double[] slopes = measurand.slopes(amounts);
    double[] bySource = new double[reading.book().size()];
    double[] byFood = new double[foods.size() * needs.size()];
    Missing missing = Missing.NOTHING;
    for (int i = 0; i < slopes.length; i++) {
      Row row = rows[components.indexOf(needs.get(i))];
      for (int s = 0; s < bySource.length; s++) {
        bySource[s] += slopes[i] * row.bySource[s];
      }
      for (int f = 0; f < row.byFood.length; f++) {
        byFood[i * foods.size() + f] = slopes[i] * row.byFood[f];
      }
      missing = missing.plus(row.missing.times(slopes[i]));
    }
    return new Figure(this, basis, measurand, measurand.value(amounts), missing, bySource, byFood);
  }

  public RecipeReading reading() {
    return reading;
  }

  public List<Measurand> measurands() {
    return measurands;
  }

  /** The bases that have figures. */
  public Set<Basis> bases() {
    return figures.keySet();
  }

  /** The figures of a basis, in the order of the measurands; none if it has none yet. */
  public List<Figure> on(Basis basis) {
    Figure[] row = figures.get(basis);
    return row == null ? List.of() : List.of(row);
  }

  /**
   * A figure.
   *
   * @throws NoSuchElementException if the basis has no figures, or the measurand was not asked for
   */
  public Figure figure(Basis basis, Measurand measurand) {
    int at = measurands.indexOf(measurand);
    Figure[] row = figures.get(basis);
    if (row == null || at < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + measurand);
    }
    return row[at];
  }

  public Figure figure(Basis basis, Component component) {
    return figure(basis, Measurand.of(component));
  }

  /** What everything in the bowl holds of a component, in its unit. */
  public double inBowl(Component component) {
    return bowl.sum(components.indexOf(component));
  }

  /** What the pieces of a batch took from the pan of a component, in its unit. */
  public double inPan(Component component) {
    return pan.sum(components.indexOf(component));
  }

  /** What the toppings of a serving hold of a component, in its unit. */
  public double onTop(Component component) {
    return plate.sum(components.indexOf(component));
  }

  /**
   * What one gram more of a line would add to a figure, in its unit: the derivative by the line's
   * mass, its share of the batter's loss included.
   *
   * @throws NoSuchElementException if the basis has no figures
   */
  public double perGram(Basis basis, Component component, MeasuredFood line) {
    int c = components.indexOf(component);
    List<Taken> from = taken.get(basis);
    if (from == null || c < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + component);
    }
    double slope = 0;
    for (Taken one : from) {
      int at = one.leaves.lines().indexOf(line);
      if (at >= 0 && line.mass().value() > 0) {
        slope += one.share.value() * one.leaves.sumOfLine(c, at) / line.mass().value();
        slope += one.leaves.sum(c) * one.pull;
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
    return figures.containsKey(Basis.AS_SERVED)
        ? Optional.of(Basis.AS_SERVED)
        : Optional.of(Basis.PER_100G_FINISHED).filter(figures::containsKey);
  }

  /** One part per measured food, in the order of the work; none while there is no serving. */
  public List<Part> parts(List<Component> asked) {
    List<Part> parts = new ArrayList<>();
    int[] at = asked.stream().mapToInt(components::indexOf).toArray();
    for (Taken one : partsBasis().map(taken::get).orElse(List.of())) {
      double share = one.share.value();
      List<MeasuredFood> lines = one.leaves.lines();
      for (int i = 0; i < lines.size(); i++) {
        double[] values = new double[at.length];
        for (int c = 0; c < at.length; c++) {
          values[c] =
              one.leaves.knows(at[c], i) ? share * one.leaves.sumOfLine(at[c], i) : Double.NaN;
        }
        parts.add(new Part(one.station, lines.get(i), share, values));
      }
    }
    return parts;
  }

  /** The value of a food table behind a place of a figure's composition sensitivities. */
  Composition composition(Measurand measurand, int place) {
    Component component = measurand.components().get(place / foods.size());
    return new Composition(foodIds.get(place % foods.size()), component.name());
  }

  /** What foods are called; nobody asks as long as no budget is told. */
  private String nameOf(String foodId) {
    if (foodNames.isEmpty()) {
      Stream.of(bowl, pan, plate, finished)
          .flatMap(leaves -> leaves.lines().stream())
          .forEach(this::name);
    }
    return foodNames.get(foodId);
  }

  private void name(MeasuredFood line) {
    foodNames.putIfAbsent(line.food().id(), line.food().name());
    line.parts().forEach(this::name);
  }

  /** The same on every basis, so it is told once. */
  Source compositionSource(Measurand measurand, int place) {
    Component component = measurand.components().get(place / foods.size());
    int food = place % foods.size();
    Source[] row = compositionSources[component.ordinal()];
    if (row == null) {
      row = new Source[foods.size()];
      compositionSources[component.ordinal()] = row;
    }
    if (row[food] == null) {
      row[food] =
          Source.of(
              new Composition(foodIds.get(food), component.name()),
              "the "
                  + component.words()
                  + " of "
                  + nameOf(foodIds.get(food))
                  + " in the food table");
    }
    return row[food];
  }
}
