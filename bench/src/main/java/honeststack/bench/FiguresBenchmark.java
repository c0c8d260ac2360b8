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
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class FiguresBenchmark {
  private static final List<Component> COMPONENTS = FiguresService.TALLY;

  private RecipeReader reader;
  private Recipe recipe;
  private double[] masses;
  private double[][] compositions;

  /** Reads the larder and lays the same numbers out bare. */
  @Setup
  public void prepare() {
    reader = new RecipeReader(Larder.reference(), LarderFiles.doubt());
    recipe = SampleDraft.draft().recipe();
    Made made = reader.read(recipe, SourceBook.firstOrder()).made();
    List<MeasuredFood> lines = made.batter().lines();
    masses = lines.stream().mapToDouble(line -> line.mass().value()).toArray();
    compositions =
        lines.stream()
            .map(
                line ->
                    COMPONENTS.stream()
                        .mapToDouble(c -> line.food().composition().value(c).orElse(0))
                        .toArray())
            .toArray(double[][]::new);
  }

  @Benchmark
  public Figures readAndCompute() {
    SourceBook book = SourceBook.firstOrder();
    return Figures.of(reader.read(recipe, book).made(), COMPONENTS, book);
  }

  @Benchmark
  public double[] bareSums() {
    double mass = 0;
    double[] sums = new double[3 * COMPONENTS.size()];
    for (int i = 0; i < masses.length; i++) {
      mass += masses[i];
      for (int c = 0; c < COMPONENTS.size(); c++) {
        sums[c] += masses[i] * compositions[i][c] / 100;
      }
    }
    double share = (mass - 40) / mass;
    for (int c = 0; c < COMPONENTS.size(); c++) {
      sums[COMPONENTS.size() + c] = sums[c] * share * 3 / 20;
      sums[2 * COMPONENTS.size() + c] = 100 * sums[c] / mass;
    }
    return sums;
  }
}
