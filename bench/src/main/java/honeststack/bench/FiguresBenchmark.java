package honeststack.bench;

import honeststack.app.figures.FiguresService;
import honeststack.app.larder.Larder;
import honeststack.app.larder.LarderFiles;
import honeststack.core.batter.MeasuredFood;
import honeststack.core.estimate.SourceBook;
import honeststack.core.food.Component;
import honeststack.core.serving.Figures;
import honeststack.core.serving.Made;
import honeststack.core.serving.Recipe;
import honeststack.core.serving.RecipeReader;
import java.util.List;
import java.util.concurrent.TimeUnit;
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
 * Figures of a 25-line recipe with all their sources, against the bare double-precision sums of the
 * same size: lines × components on three bases.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 12, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FiguresBenchmark {
  private static final List<Component> COMPONENTS = FiguresService.TALLY;

  private RecipeReader reader;
  private Recipe recipe;
  private BareSums bare;

  /** Reads the larder and lays the same numbers out bare. */
  @Setup
  public void prepare() {
    reader = new RecipeReader(Larder.reference(), LarderFiles.doubt());
    recipe = SampleDraft.draft().recipe();
    Made made = reader.read(recipe, SourceBook.firstOrder()).made();
    List<MeasuredFood> lines = made.batter().lines();
    bare = new BareSums(lines, COMPONENTS);
  }

  @Benchmark
  public Figures readAndCompute() {
    SourceBook book = SourceBook.firstOrder();
    return Figures.of(reader.read(recipe, book).made(), COMPONENTS, book);
  }

  @Benchmark
  public double[] bareSums() {
    return bare.compute();
  }
}
