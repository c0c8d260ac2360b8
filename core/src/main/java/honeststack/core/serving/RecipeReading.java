package honeststack.core.serving;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Food;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Refusal;
import honeststack.core.serving.Figures.Station;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A recipe read.
 *
 * @param made all that was understood, in grams
 * @param lines one for each line that is not blank, in the order of the work
 * @param problems what was wrong at the griddle and the plate
 * @param findings what a reader of the figures must know, in sentences
 */
public record RecipeReading(
    Made made, List<LineReading> lines, List<FieldProblem> problems, List<String> findings) {

  /** The same reading, with the foods and masses that were pinned when the recipe was kept. */
  public RecipeReading withPinned(Made pinned) {
    Map<String, MeasuredFood> byId = new HashMap<>();
    pinned.batter().lines().forEach(line -> byId.put(line.id(), line));
    pinned
        .griddle()
        .flatMap(Griddle::panFat)
        .map(PanFat::in)
        .ifPresent(fat -> byId.put(fat.id(), fat));
    pinned.plate().ifPresent(plate -> plate.toppings().forEach(line -> byId.put(line.id(), line)));
    List<LineReading> then = lines.stream().map(line -> pinned(line, byId.get(line.id()))).toList();
    return new RecipeReading(pinned, then, problems, findings);
  }

  /** The lines of a station that were understood. */
  public List<Understood> understood(Station station) {
    return lines.stream()
        .filter(line -> line.station() == station)
        .filter(Understood.class::isInstance)
        .map(Understood.class::cast)
        .toList();
  }

  private static LineReading pinned(LineReading now, MeasuredFood then) {
    if (then == null || !(now instanceof Understood read)) {
      return now;
    }
    return new Understood(
        read.id(), read.station(), read.measure(), then.food(), read.general(), then.mass());
  }

  /** A line, understood or refused. */
  public sealed interface LineReading {
    String id();

    Station station();
  }

  /**
   * @param general the name was a general one, taken for this food
   * @param mass g
   */
  public record Understood(
      String id, Station station, Measure measure, Food food, boolean general, Estimate mass)
      implements LineReading {}

  /**
   * @param nearest foods whose names come closest to what was not understood
   */
  public record NotUnderstood(String id, Station station, Refusal refusal, List<Food> nearest)
      implements LineReading {}

  /** Something wrong in a field that is not a line. */
  public record FieldProblem(String field, Refusal refusal) {}
}
