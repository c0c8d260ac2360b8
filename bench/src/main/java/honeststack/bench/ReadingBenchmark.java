package honeststack.bench;

import honeststack.app.figures.Draft;
import honeststack.app.larder.Larder;
import honeststack.app.larder.LarderFiles;
import honeststack.core.adjust.LineWriter;
import honeststack.core.adjust.Paste;
import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.LineReader;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Weights;
import honeststack.core.serving.Basis;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Narrowing;
import honeststack.core.serving.Recipe;
import honeststack.core.serving.RecipeReader;
import honeststack.core.serving.RecipeReading;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
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
 * A pasted recipe of 30 lines taken apart, and the figures of 30 lines × 12 components with all
 * budgets and what to weigh next, against the bare sums of the same size.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 12, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ReadingBenchmark {
  private static final int LINES = 30;
  private static final List<Component> TWELVE = Arrays.asList(Component.values()).subList(0, 12);

  private Larder larder;
  private DoubtTable doubt;
  private RecipeReader reader;
  private Recipe recipe;
  private String text;
  private BareSums bare;

  /** Reads the larder and lays the same numbers out bare. */
  @Setup
  public void prepare() {
    larder = Larder.reference();
    doubt = LarderFiles.doubt();
    reader = new RecipeReader(larder, doubt);
    Draft draft = SampleDraft.draft(LINES, 20);
    recipe = draft.recipe();
    text = draft.bowl().stream().map(Draft.DraftLine::text).collect(Collectors.joining("\n"));
    var lines = reader.read(recipe, SourceBook.firstOrder()).made().batter().lines();
    bare = new BareSums(lines, TWELVE);
  }

  @Benchmark
  public List<Paste.Proposed> pasted() {
    LineReader lines = new LineReader(larder);
    Weights weights = new Weights(doubt, MeasuringSystem.US, SourceBook.firstOrder());
    return new Paste(lines, new LineWriter(lines, weights)).lines(text);
  }

  @Benchmark
  public double withBudgets() {
    SourceBook book = SourceBook.firstOrder();
    RecipeReading reading = reader.read(recipe, book);
    Figures figures = Figures.of(reading.made(), TWELVE, book);
    Narrowing narrowing = Narrowing.of(reading, doubt, book);
    double sum = 0;
    for (Basis basis : figures.bases()) {
      for (Component component : TWELVE) {
        Estimate figure = figures.total(basis, component).estimate();
        sum += narrowing.of(figure).best() + figure.budget().size();
      }
    }
    return sum;
  }

  @Benchmark
  public double[] bareSums() {
    return bare.compute();
  }
}
