package honeststack.core.recipe;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.food.Food;
import honeststack.core.recipe.Contents.PlainFoods;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.wording.Refusal;
import honeststack.core.yield.Griddle;
import honeststack.core.yield.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * A recipe as it was read at one moment: all that its figures depend on, and all that is to be said
 * of them. Immutable; its book is frozen, so it is safe to share between threads. Everything after
 * reading takes this and nothing else.
 *
 * @see Kitchen#read
 */
public final class RecipeReading {
  /** g in all of the batter. */
  private static final double SOME_ALCOHOL = 3;

  private final SourceBook book;
  private final List<LineReading> lines;
  private final List<MeasuredFood> batter;
  private final List<PanFat> panFats;
  private final Optional<Griddle> griddle;
  private final Outcome outcome;
  private final Optional<Plate> plate;
  private final List<Helping> others;
  private final Optional<Finished> finished;
  private final List<Gap> gaps;
  private final List<Step> steps;
  private final Said said;
  private final PlainFoods plainFoods = new PlainFoods();
  private final Estimate batterMass;
  private final AlcoholKept alcoholKept;
  private final Contents inBowl;
  private final Contents cooked;
  private final Contents inPan;
  private final Contents onPlate;
  private final Contents inFinished;

  /**
   * What is to be said of a reading.
   *
   * @param problems what was wrong at the griddle and the plate
   * @param findings what a reader of the figures must know, in sentences
   * @param without what is not in the numbers, in a few words each
   */
  public record Said(List<FieldProblem> problems, List<String> findings, List<String> without) {
    public Said {
      problems = List.copyOf(problems);
      findings = List.copyOf(findings);
      without = List.copyOf(without);
    }
  }

  /**
   * @param book the sources of all its estimates; it is frozen here
   * @param lines one for each line that is not blank, in the order of the work
   * @param batter what is in the bowl, measured, in the order of the recipe
   * @param panFats what was in the pan
   * @param griddle what came out, or is going to; empty until pieces are counted or predicted
   * @param outcome what is known of the yield beside the count
   * @param plate what is served; empty if not said
   * @param others further kinds of serving
   * @param finished where it is a preparation, what became of it
   * @param alcoholKept what part of the batter's alcohol stays at the griddle
   * @param gaps what went in and is not in the numbers
   * @param steps what could be measured better
   */
  public RecipeReading(
      SourceBook book,
      List<LineReading> lines,
      List<MeasuredFood> batter,
      List<PanFat> panFats,
      Optional<Griddle> griddle,
      Outcome outcome,
      Optional<Plate> plate,
      List<Helping> others,
      Optional<Finished> finished,
      AlcoholKept alcoholKept,
      List<Gap> gaps,
      List<Step> steps,
      Said said) {
    this.book = book.freeze();
    this.lines = List.copyOf(lines);
    this.batter = List.copyOf(batter);
    this.panFats = List.copyOf(panFats);
    this.griddle = griddle;
    this.outcome = outcome;
    this.plate = plate;
    this.others = List.copyOf(others);
    this.finished = finished;
    this.gaps = List.copyOf(gaps);
    this.steps = List.copyOf(steps);
    this.said = said;
    this.batterMass = mass(batter);
    this.alcoholKept = alcoholKept;
    this.inBowl = contents(batter);
    this.cooked = inBowl.keeping(alcoholKept);
    this.inPan = contents(panFats.stream().map(PanFat::taken).toList());
    this.onPlate = contents(plate.map(Plate::toppings).orElse(List.of()));
    this.inFinished = contents(finished.map(Finished::parts).orElse(List.of()));
  }

  private Contents contents(List<MeasuredFood> measured) {
    return new Contents(measured, book.size(), plainFoods);
  }

  /** The sources of all its estimates, frozen. */
  public SourceBook book() {
    return book;
  }

  /** One for each line that is not blank, in the order of the work. */
  public List<LineReading> lines() {
    return lines;
  }

  /** What is in the bowl, measured, in the order of the recipe. */
  public List<MeasuredFood> batter() {
    return batter;
  }

  /** What was in the pan, in the order of the recipe. */
  public List<PanFat> panFats() {
    return panFats;
  }

  /** What the pieces took up of it. */
  public List<MeasuredFood> takenFromPan() {
    return panFats.stream().map(PanFat::taken).toList();
  }

  /** What came out, or is going to; empty until pieces are counted or predicted. */
  public Optional<Griddle> griddle() {
    return griddle;
  }

  /** What is known of the yield beside the count. */
  public Outcome outcome() {
    return outcome;
  }

  /** Further kinds of serving of the same batch. */
  public List<Helping> others() {
    return others;
  }

  /** The same reading with one of its further kinds of serving before it. */
  public RecipeReading serving(Helping other) {
    List<Gap> left =
        other
            .missing()
            .map(
                own ->
                    Stream.concat(
                            gaps.stream().filter(gap -> gap.station() != Station.PLATE),
                            own.stream())
                        .toList())
            .orElse(gaps);
    return new RecipeReading(
        book,
        lines,
        batter,
        panFats,
        griddle,
        outcome,
        Optional.of(other.plate()),
        List.of(),
        finished,
        alcoholKept,
        left,
        steps,
        said);
  }

  /** g of alcohol in all that went into the bowl; empty where it is no more than vanilla brings. */
  public OptionalDouble alcohol() {
    return alcohol(batter);
  }

  static OptionalDouble alcohol(List<MeasuredFood> batter) {
    double all = batter.stream().mapToDouble(food -> food.value(Component.ALC)).sum();
    return all < SOME_ALCOHOL ? OptionalDouble.empty() : OptionalDouble.of(all);
  }

  /** What part of the batter's alcohol stays at the griddle. */
  public AlcoholKept alcoholKept() {
    return alcoholKept;
  }

  /** What is served; empty if not said. */
  public Optional<Plate> plate() {
    return plate;
  }

  /** Where it is a preparation, what became of it. */
  public Optional<Finished> finished() {
    return finished;
  }

  /** What went in and is not in the numbers. */
  public List<Gap> gaps() {
    return gaps;
  }

  /** What could be measured better. */
  public List<Step> steps() {
    return steps;
  }

  public List<FieldProblem> problems() {
    return said.problems();
  }

  public List<String> findings() {
    return said.findings();
  }

  public List<String> without() {
    return said.without();
  }

  /** The plain foods of a station as a matrix; of the pan, what the pieces took up. */
  public Contents contents(Station station) {
    return switch (station) {
      case BOWL -> inBowl;
      case PAN -> inPan;
      case PLATE -> onPlate;
    };
  }

  /** The batter as it is once it is cooked, without the alcohol that is gone. */
  public Contents cookedContents() {
    return cooked;
  }

  /** What stayed in a preparation, as a matrix; empty where it is none. */
  public Contents finishedContents() {
    return inFinished;
  }

  /** The plain foods of all stations, as in {@link Contents#addSensitivities}. */
  public List<Food> plainFoods() {
    return plainFoods.all();
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
    return batterMass;
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
    panFats.forEach(fat -> foods.add(fat.in()));
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
