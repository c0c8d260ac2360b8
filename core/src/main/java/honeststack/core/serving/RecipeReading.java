package honeststack.core.serving;

import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.Estimate;
import honeststack.core.food.Food;
import honeststack.core.measure.Amount;
import honeststack.core.measure.Refusal;
import honeststack.core.serving.Figures.Station;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.PanFat;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A recipe read.
 *
 * @param made all that was understood, in grams
 * @param lines one for each line that is not blank, in the order of the work
 * @param problems what was wrong at the griddle and the plate
 * @param findings what a reader of the figures must know, in sentences
 * @param without what is not in the numbers, in a few words each
 */
public record RecipeReading(
    Made made,
    List<LineReading> lines,
    List<FieldProblem> problems,
    List<String> findings,
    List<String> without) {

  /** A reading in which nothing is missing. */
  public RecipeReading(
      Made made, List<LineReading> lines, List<FieldProblem> problems, List<String> findings) {
    this(made, lines, problems, findings, List.of());
  }

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
    return new RecipeReading(pinned, then, problems, findings, without);
  }

  /** The lines of a station that were understood. */
  public List<Understood> understood(Station station) {
    return lines.stream()
        .filter(line -> line.station() == station)
        .filter(Understood.class::isInstance)
        .map(Understood.class::cast)
        .filter(line -> !line.remarks().off())
        .toList();
  }

  private static LineReading pinned(LineReading now, MeasuredFood then) {
    if (then == null || !(now instanceof Understood read)) {
      return now;
    }
    return new Understood(
        read.id(),
        read.station(),
        read.amount(),
        then.food(),
        read.general(),
        then.mass(),
        read.adjusted(),
        read.remarks());
  }

  /** A line, understood or refused. */
  public sealed interface LineReading {
    String id();

    Station station();
  }

  /**
   * A line in grams.
   *
   * @param general the name was a general one, taken for this food
   * @param mass g as made, adjustments included
   * @param adjusted what was changed while cooking
   */
  public record Understood(
      String id,
      Station station,
      Amount amount,
      Food food,
      boolean general,
      Estimate mass,
      List<Adjusted> adjusted,
      Remarks remarks)
      implements LineReading {

    /** As written and as made: "305 g + 2 tbsp". */
    public String words() {
      StringBuilder words = new StringBuilder(amount.words());
      adjusted.forEach(a -> words.append(' ').append(a.words()));
      return words.toString();
    }
  }

  /**
   * A change of a line while cooking.
   *
   * @param words "+ 2 tbsp"
   * @param mass g, below 0 where less was taken
   */
  public record Adjusted(String words, Estimate mass) {}

  /**
   * What else a line says.
   *
   * @param optional it may be left out
   * @param off it is left out this time, and not in the numbers
   * @param unused words that were not used
   * @param check where another amount that the line states disagrees, a sentence; empty for none
   * @param rest the line without its amount, as written
   */
  public record Remarks(
      boolean optional, boolean off, List<String> unused, String check, String rest) {}

  /**
   * A line that names a food and measures nothing of it.
   *
   * @param tablespoon what a tablespoon of it weighs, g; empty if not known
   */
  public record NotMeasured(
      String id,
      Station station,
      Food food,
      boolean general,
      Optional<Estimate> tablespoon,
      Remarks remarks)
      implements LineReading {}

  /**
   * @param nearest foods whose names come closest to what was not understood
   */
  public record NotUnderstood(String id, Station station, Refusal refusal, List<Food> nearest)
      implements LineReading {}

  /** Something wrong in a field that is not a line. */
  public record FieldProblem(String field, Refusal refusal) {}
}
