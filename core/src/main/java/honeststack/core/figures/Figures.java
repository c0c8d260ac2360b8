package honeststack.core.figures;

import honeststack.core.estimate.Identity.Composition;
import honeststack.core.estimate.Source;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.recipe.Contents;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

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
  private final Map<Basis, Supplier<List<Taken>>> offered;

  /** Worked out when they are first asked for, as the figures are; guarded by them. */
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
    this.offered = new Bases(reading, bowl, pan, plate, finished, width).offered();
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
  private record Row(double value, Missing missing, Missing gaps, double[] sensitivities) {
    /** What it lacks where something follows from it. */
    Missing missingFor(Component component) {
      return Derived.isNoneUnlessSaid(component) ? gaps : missing;
    }
  }

  private Row row(Basis basis, List<Taken> from, int c) {
    double[] row = new double[width];
    double value = 0;
    Missing missing = Missing.NOTHING;
    for (Taken one : from) {
      if (one.of().contents().lines().isEmpty()) {
        continue;
      }
      double share = one.share();
      double sum = one.of().sums()[c];
      value += share * sum;
      one.of().addSensitivities(c, share, one.doubt(), row);
      if (!one.of().known()[c]) {
        missing = missing.plus(Missing.ADDS);
      }
    }
    Missing left = Missing.NOTHING;
    for (Taken one : reading.gaps().isEmpty() ? List.<Taken>of() : from) {
      double share = one.share();
      left = left.plus(gaps.of(basis, one.of().station(), components.get(c), value, share));
    }
    return new Row(value, missing.plus(left), left, row);
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
      missing = missing.plus(row.missingFor(needs.get(i)).times(slopes[i]));
    }
    return new Figure(this, basis, measurand, measurand.value(amounts), missing, all);
  }

  public RecipeReading reading() {
    return reading;
  }

  public List<Measurand> measurands() {
    return measurands;
  }

  /** What a basis takes of each place; null if the reading does not allow it. */
  private List<Taken> taken(Basis basis) {
    Supplier<List<Taken>> how = offered.get(basis);
    if (how == null) {
      return null;
    }
    synchronized (figures) {
      return taken.computeIfAbsent(basis, b -> how.get());
    }
  }

  /** The bases that have figures. */
  public Set<Basis> bases() {
    return Collections.unmodifiableSet(offered.keySet());
  }

  /** The figures of a basis, in the order of the measurands; none if it has none yet. */
  public List<Figure> on(Basis basis) {
    List<Taken> from = taken(basis);
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
    List<Taken> from = taken(basis);
    if (from == null || c < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + component);
    }
    double slope = 0;
    boolean fills = bowl.contents().lines().contains(line);
    for (Taken one : from) {
      Contents contents = one.of().contents();
      int at = contents.lines().indexOf(line);
      if (at >= 0 && line.mass().value() > 0) {
        slope += one.share() * contents.sumOfLine(component, at) / line.mass().value();
      }
      if (fills) {
        slope += one.of().sums()[c] * one.pull();
      }
    }
    return slope;
  }

  /**
   * What one line brings to a serving, or to 100 g of a preparation.
   *
   * @param share of what was measured that is in it
   * @param values one for each measurand asked for, in its unit; NaN where it is unknown, or no sum
   */
  public record Part(Station station, MeasuredFood measured, double share, double[] values) {
    /** g in it, as measured: batter raw. */
    public double grams() {
      return measured.mass().value() * share;
    }
  }

  /** The basis that parts are of: a serving, or 100 g of a preparation. */
  public Optional<Basis> partsBasis() {
    return offered.containsKey(Basis.AS_SERVED)
        ? Optional.of(Basis.AS_SERVED)
        : Optional.of(Basis.PER_100G_FINISHED).filter(figures::containsKey);
  }

  /** One part per measured food, in the order of the work; none while there is no serving. */
  public List<Part> parts(List<Component> asked) {
    return partsOf(asked.stream().map(Measurand::of).toList());
  }

  /** The same of measurands. */
  public List<Part> partsOf(List<Measurand> asked) {
    List<Part> parts = new ArrayList<>();
    for (Taken one : partsBasis().map(this::taken).orElse(List.of())) {
      Contents contents = one.of().contents();
      for (int i = 0; i < contents.lines().size(); i++) {
        double[] values = new double[asked.size()];
        for (int m = 0; m < values.length; m++) {
          values[m] = one.share() * brings(contents, i, asked.get(m));
        }
        parts.add(new Part(one.of().station(), contents.lines().get(i), one.share(), values));
      }
    }
    return parts;
  }

  private static double brings(Contents contents, int line, Measurand measurand) {
    if (!measurand.isAdditive()) {
      return Double.NaN;
    }
    double[] weights = measurand.weights();
    boolean derived = measurand.component().isEmpty();
    double sum = 0;
    for (int i = 0; i < weights.length; i++) {
      Component component = measurand.components().get(i);
      boolean none = derived && Derived.isNoneUnlessSaid(component);
      if (!none && !contents.knows(component, line)) {
        return Double.NaN;
      }
      sum += weights[i] * contents.sumOfLine(component, line);
    }
    return sum;
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
