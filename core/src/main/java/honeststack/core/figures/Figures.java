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
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReferenceArray;
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

  /** Where each component stands among those asked for; -1 if it does not. */
  private final int[] places = new int[Component.values().length];

  private final Source[][] compositionSources = new Source[Component.values().length][];

  /** Sources of the reading's book, then its plain foods. */
  private final int width;

  private final Totals bowl;
  private final Totals pan;
  private final Totals plate;
  private final Gaps gaps;
  private final Map<Basis, Supplier<List<Taken>>> offered;

  /**
   * By the ordinal of their basis, made when they are first asked for. Two threads may make the
   * same ones; the first to be done is taken.
   */
  private final AtomicReferenceArray<List<Figure>> figures =
      new AtomicReferenceArray<>(Basis.values().length);

  private Figures(RecipeReading reading, List<Measurand> measurands) {
    this.reading = reading;
    this.measurands = List.copyOf(measurands);
    this.components = lay(measurands);
    this.width = reading.book().size() + reading.plainFoods().size();
    this.gaps = new Gaps(reading.gaps());
    this.bowl = totals(Station.BOWL, reading.contents(Station.BOWL));
    this.pan = totals(Station.PAN, reading.contents(Station.PAN));
    this.plate = totals(Station.PLATE, reading.contents(Station.PLATE));
    Totals cooked =
        reading.cookedContents() == reading.contents(Station.BOWL)
            ? bowl
            : totals(Station.BOWL, reading.cookedContents());
    Supplier<Totals> finished = () -> totals(Station.BOWL, reading.finishedContents());
    this.offered = new Bases(reading, bowl, cooked, pan, plate, finished).offered();
  }

  /**
   * The figures that the stations allow: without pieces only those of 100 g of batter, without a
   * plate none as served.
   */
  public static Figures of(RecipeReading reading, List<Measurand> measurands) {
    return new Figures(reading, measurands);
  }

  /** The components that are needed, each given its place. */
  private List<Component> lay(List<Measurand> asked) {
    List<Component> needed = new ArrayList<>();
    Arrays.fill(places, -1);
    for (Measurand one : asked) {
      for (Component component : one.components()) {
        if (at(component) < 0) {
          places[component.ordinal()] = needed.size();
          needed.add(component);
        }
      }
    }
    return needed;
  }

  private Totals totals(Station station, Contents contents) {
    return Totals.of(station, contents, components);
  }

  private List<Figure> figures(Basis basis, List<Taken> from) {
    Rows rows = rows(basis, from);
    List<Figure> row = new ArrayList<>(measurands.size());
    for (Measurand measurand : measurands) {
      row.add(figure(basis, measurand, rows));
    }
    return Collections.unmodifiableList(row);
  }

  private int at(Component component) {
    return places[component.ordinal()];
  }

  /**
   * The components on a basis.
   *
   * @param missing what each lacks
   * @param gaps what each lacks where an unknown value of a table is none
   * @param sensitivities a row of each, one after the other
   */
  private record Rows(double[] values, Missing[] missing, Missing[] gaps, double[] sensitivities) {}

  private Rows rows(Basis basis, List<Taken> from) {
    int n = components.size();
    double[] values = new double[n];
    Missing[] missing = new Missing[n];
    Missing[] left = new Missing[n];
    Arrays.fill(missing, Missing.NOTHING);
    Arrays.fill(left, Missing.NOTHING);
    double[] block = new double[n * width];
    for (Taken one : from) {
      if (one.of().contents().lines().isEmpty()) {
        continue;
      }
      one.addSensitivities(block, width);
      for (int c = 0; c < n; c++) {
        values[c] += one.share().value() * one.of().sums()[c];
        if (!one.of().known()[c]) {
          missing[c] = missing[c].plus(Missing.ADDS);
        }
      }
    }
    if (!reading.gaps().isEmpty()) {
      for (int c = 0; c < n; c++) {
        left[c] = gaps(basis, from, c, values[c]);
        missing[c] = missing[c].plus(left[c]);
      }
    }
    return new Rows(values, missing, left, block);
  }

  private Missing gaps(Basis basis, List<Taken> from, int c, double value) {
    Missing left = Missing.NOTHING;
    for (Taken one : from) {
      double share = one.share().value();
      left = left.plus(gaps.of(basis, one.of().station(), components.get(c), value, share));
    }
    return left;
  }

  private Figure figure(Basis basis, Measurand measurand, Rows rows) {
    List<Component> needs = measurand.components();
    if (measurand.isComponent()) {
      int c = at(needs.get(0));
      double[] all = rows.sensitivities;
      return new Figure(
          this, basis, measurand, rows.values[c], rows.missing[c], all, c * width, width);
    }
    double[] amounts = new double[needs.size()];
    for (int i = 0; i < amounts.length; i++) {
      amounts[i] = rows.values[at(needs.get(i))];
    }
    double[] slopes = measurand.slopes(amounts);
    int sources = reading.book().size();
    int foods = width - sources;
    double[] all = new double[sources + foods * needs.size()];
    Missing missing = Missing.NOTHING;
    for (int i = 0; i < slopes.length; i++) {
      int c = at(needs.get(i));
      int start = c * width;
      for (int s = 0; s < sources; s++) {
        all[s] += slopes[i] * rows.sensitivities[start + s];
      }
      for (int f = 0; f < foods; f++) {
        all[sources + i * foods + f] = slopes[i] * rows.sensitivities[start + sources + f];
      }
      Missing[] lacks = Derived.isNoneUnlessSaid(needs.get(i)) ? rows.gaps : rows.missing;
      missing = missing.plus(lacks[c].times(slopes[i]));
    }
    return new Figure(
        this, basis, measurand, measurand.value(amounts), missing, all, 0, all.length);
  }

  public RecipeReading reading() {
    return reading;
  }

  public List<Measurand> measurands() {
    return measurands;
  }

  /** What a basis takes of each place; nothing if the reading does not allow it. */
  private List<Taken> taken(Basis basis) {
    Supplier<List<Taken>> how = offered.get(basis);
    return how == null ? List.of() : how.get();
  }

  /** The bases that have figures. */
  public Set<Basis> bases() {
    return Collections.unmodifiableSet(offered.keySet());
  }

  /** The figures of a basis, in the order of the measurands; none if it has none yet. */
  public List<Figure> on(Basis basis) {
    List<Figure> made = figures.get(basis.ordinal());
    if (made != null || !offered.containsKey(basis)) {
      return made == null ? List.of() : made;
    }
    List<Figure> now = figures(basis, taken(basis));
    return figures.compareAndSet(basis.ordinal(), null, now) ? now : figures.get(basis.ordinal());
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
    if (from.isEmpty() || c < 0) {
      throw new NoSuchElementException("There is no figure " + basis + " of " + component);
    }
    double slope = 0;
    boolean fills = bowl.contents().lines().contains(line);
    for (Taken one : from) {
      Contents contents = one.of().contents();
      int at = contents.lines().indexOf(line);
      if (at >= 0 && line.mass().value() > 0) {
        slope += one.share().value() * contents.sumOfLine(component, at) / line.mass().value();
      }
      if (fills) {
        slope += one.of().sums()[c] * one.pull();
      }
    }
    return slope;
  }

  /** The basis that parts are of: a serving, or 100 g of a preparation. */
  public Optional<Basis> partsBasis() {
    return offered.containsKey(Basis.AS_SERVED)
        ? Optional.of(Basis.AS_SERVED)
        : Optional.of(Basis.PER_100G_FINISHED).filter(offered::containsKey);
  }

  /** One part per measured food, in the order of the work; none while there is no serving. */
  public List<Part> parts(List<Component> asked) {
    return partsOf(asked.stream().map(Measurand::of).toList());
  }

  /** The same of measurands. */
  public List<Part> partsOf(List<Measurand> asked) {
    return Parts.of(partsBasis().map(this::taken).orElse(List.of()), asked);
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
