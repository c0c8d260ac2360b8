package honeststack.bench;

import honeststack.app.doubt.ShippedTables;
import honeststack.app.larder.Larder;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.School;
import honeststack.core.food.Component;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Kitchen;
import honeststack.core.recipe.Recipe;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.said.told.Told;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A recipe read, and its figures computed from the reading, against the bare double-precision sums
 * of the same size: lines × components on three bases.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 8, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FiguresBenchmark {
  /** The columns of the tally as it opens; the others are made when they are asked for. */
  private static final List<Basis> SHOWN =
      List.of(Basis.AS_SERVED, Basis.PER_PIECE, Basis.PER_100G_RAW);

  private static final List<Measurand> TWELVE =
      Arrays.stream(Component.values()).limit(12).map(Measurand::of).toList();

  /** Components and what follows from them. */
  private static final List<Measurand> TWENTY_FIVE = Measurand.values().stream().limit(25).toList();

  /** Read one behind the other: what was read last is no help. */
  private static final int TEXTS = 32;

  private static final int PAGE = 100_000;
  private static final Pattern WHOLE = Pattern.compile("(?<![\\d./])\\d+(?![\\d./])");

  private Kitchen kitchen;
  private Recipe recipe;
  private RecipeReading reading;
  private RecipeReading readingOfThirty;
  private List<String> texts;
  private List<String> paragraphs;
  private List<String> pages;
  private int turn;
  private BareSums bare;
  private BareSums bareOfTwelve;

  /** Reads the larder and lays the same numbers out bare. */
  @Setup
  public void prepare() {
    kitchen = Kitchen.of(Larder.reference(), ShippedTables.read());
    recipe = SampleDraft.draft().recipe();
    reading = kitchen.read(recipe);
    readingOfThirty = kitchen.read(SampleDraft.draft(30, 20).recipe());
    String text =
        SampleDraft.draft(30, 20).bowl().stream()
            .map(line -> line.text())
            .collect(Collectors.joining("\n"));
    texts = IntStream.range(0, TEXTS).mapToObj(more -> varied(text, more)).toList();
    paragraphs = texts.stream().map(FiguresBenchmark::paragraph).toList();
    pages = List.of(String.join("\n", paragraphs).substring(0, PAGE));
    bare = new BareSums(reading.batter(), components(School.USUAL.tally()));
    bareOfTwelve = new BareSums(readingOfThirty.batter(), components(TWELVE));
  }

  /** With so many more in place of each whole number. */
  private static String varied(String text, int more) {
    return WHOLE.matcher(text).replaceAll(n -> String.valueOf(Integer.parseInt(n.group()) + more));
  }

  private static String paragraph(String text) {
    return text.lines()
        .map(line -> "Then I measure " + line + ", which goes into the large bowl with the")
        .map(half -> half + " rest, and I give it all a gentle stir.")
        .collect(Collectors.joining(" "));
  }

  private Told told(List<String> some) {
    return kitchen.telling(MeasuringSystem.US).read(some.get(turn++ % some.size()));
  }

  private static List<Component> components(List<Measurand> measurands) {
    return measurands.stream().map(one -> one.component().orElseThrow()).toList();
  }

  @Benchmark
  public RecipeReading read() {
    return kitchen.read(recipe);
  }

  @Benchmark
  @Warmup(iterations = 30, time = 1)
  public Told thirtyLinesTold() {
    return told(texts);
  }

  /** About 600 words. */
  @Benchmark
  @Warmup(iterations = 40, time = 1)
  public Told paragraphTold() {
    return told(paragraphs);
  }

  /** 100,000 characters. */
  @Benchmark
  @Warmup(iterations = 40, time = 1)
  public Told pageTold() {
    return told(pages);
  }

  @Benchmark
  public double valuesAndUncertainties() {
    Figures figures = Figures.of(reading, School.USUAL.tally());
    double sum = 0;
    for (Basis basis : SHOWN) {
      for (Figure figure : figures.on(basis)) {
        sum += figure.value() + figure.u();
      }
    }
    return sum;
  }

  @Benchmark
  public double[] bareSums() {
    return bare.compute();
  }

  @Benchmark
  public double withBudgets() {
    return budgets(TWELVE);
  }

  @Benchmark
  public double moreWithBudgets() {
    return budgets(TWENTY_FIVE);
  }

  private double budgets(List<Measurand> of) {
    Figures figures = Figures.of(readingOfThirty, of);
    double sum = 0;
    for (Basis basis : SHOWN) {
      for (Figure figure : figures.on(basis)) {
        sum += figure.budget(Figure.LEAST_SHARE).size() + figure.narrowed().best();
      }
    }
    return sum;
  }

  @Benchmark
  public double[] bareSumsOfTwelve() {
    return bareOfTwelve.compute();
  }
}
