package honeststack.bench;

import java.util.Collection;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs all benchmarks and prints ratios: a ratio within one run means more than a time. */
public final class Benchmarks {
  private Benchmarks() {}

  public static void main(String[] arguments) throws Exception {
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(FiguresBenchmark.class.getName()).build()).run();
    double figures = score(results, "readAndCompute");
    double bare = score(results, "bareSums");
    System.out.printf(
        "%nfigures of 25 lines, read and computed with all sources: %.1f µs%n", figures);
    System.out.printf("bare sums of the same size: %.3f µs%nratio: %.0f%n%n", bare, figures / bare);
    SearchBenchmark.run();
    HttpBenchmark.run();
  }

  private static double score(Collection<RunResult> results, String method) {
    return results.stream()
        .filter(result -> result.getParams().getBenchmark().endsWith("." + method))
        .findFirst()
        .orElseThrow()
        .getPrimaryResult()
        .getScore();
  }
}
