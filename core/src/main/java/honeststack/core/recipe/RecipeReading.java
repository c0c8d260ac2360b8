package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.wording.Refusal;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A recipe as it was read at one moment: all that its figures depend on, and all that is to be said
 * of them. Immutable; its book is frozen, so it is safe to share between threads. Everything after
 * reading takes this and nothing else.
 *
 * @param book the sources of all its estimates, frozen
 * @param lines one for each line that is not blank, in the order of the work
 * @param batter what is in the bowl, measured, in the order of the recipe
 * @param panFat what was in the pan
 * @param griddle what came out; empty until pieces are counted
 * @param plate what is served; empty if not said
 * @param finished where it is a preparation, what became of it
 * @param gaps what went in and is not in the numbers
 * @param steps what could be measured better
 * @param problems what was wrong at the griddle and the plate
 * @param findings what a reader of the figures must know, in sentences
 * @param without what is not in the numbers, in a few words each
 */
public record RecipeReading(
    SourceBook book,
    List<LineReading> lines,
    List<MeasuredFood> batter,
    Optional<PanFat> panFat,
    Optional<Griddle> griddle,
    Optional<Plate> plate,
    Optional<Finished> finished,
    List<Gap> gaps,
    List<Step> steps,
    List<FieldProblem> problems,
    List<String> findings,
    List<String> without) {

  public RecipeReading {
    book.freeze();
    lines = List.copyOf(lines);
    batter = List.copyOf(batter);
    gaps = List.copyOf(gaps);
    steps = List.copyOf(steps);
    problems = List.copyOf(problems);
    findings = List.copyOf(findings);
    without = List.copyOf(without);
  }

  /** Something wrong in a field that is not a line. */
  public record FieldProblem(String field, Refusal refusal) {}

  /**
   * Something to measure better.
   *
   * @param words what to do: "weigh the rye flour"
   * @param stays part of its standard uncertainty that stays, 0 to 1
   * @param sources places in the book, of what it would replace
   */
  public record Step(String words, double stays, List<Integer> sources) {
    public Step {
      sources = List.copyOf(sources);
    }
  }

  /** Sum of the masses in the bowl, g. */
  public Estimate batterMass() {
    return mass(batter);
  }

  static Estimate mass(List<MeasuredFood> foods) {
    Estimate.Sum sum = new Estimate.Sum();
    foods.forEach(line -> sum.add(line.mass(), 1));
    return sum.total();
  }

  /** Whether something went in at a station that is not in the numbers. */
  public boolean hasGaps(Station station) {
    return gaps.stream().anyMatch(gap -> gap.station() == station);
  }

  /** All that was measured: bowl, pan and plate. */
  public List<MeasuredFood> foods() {
    List<MeasuredFood> foods = new ArrayList<>(batter);
    panFat.ifPresent(fat -> foods.add(fat.in()));
    plate.ifPresent(served -> foods.addAll(served.toppings()));
    return foods;
  }

  /** The lines of a station that were read and are not left out this time, in their order. */
  public List<LineReading> counting(Station station) {
    return lines.stream().filter(line -> line.station() == station && !isOff(line)).toList();
  }

  /** Whether a line is left out this time. */
  public static boolean isOff(LineReading line) {
    if (line instanceof Understood read) {
      return read.remarks().off();
    }
    if (line instanceof LineReading.NotMeasured open) {
      return open.remarks().off();
    }
    return line instanceof LineReading.NotUnderstood refused && refused.off();
  }

  /** The lines of a station that were understood and count. */
  public List<Understood> understood(Station station) {
    return counting(station).stream()
        .filter(Understood.class::isInstance)
        .map(Understood.class::cast)
        .toList();
  }

  /** Whether a serving has figures. */
  public boolean isServed() {
    return griddle.isPresent() && plate.flatMap(Plate::batterShare).isPresent();
  }
}
