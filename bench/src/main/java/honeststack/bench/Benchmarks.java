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
    Collection<RunResult> reading =
        new Runner(new OptionsBuilder().include(ReadingBenchmark.class.getName()).build()).run();
    double withBudgets = score(reading, "withBudgets");
    double bareOfTwelve = score(reading, "bareSums");
    System.out.printf(
        "%na pasted recipe of 30 lines: %.2f ms (goal: under 20)%n",
        score(reading, "pasted") / 1000);
    System.out.printf(
        "figures of 30 lines × 12 components with budgets: %.1f µs; bare sums: %.3f µs%n"
            + "ratio: %.0f (goal: at most 2190)%n%n",
        withBudgets, bareOfTwelve, withBudgets / bareOfTwelve);
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
