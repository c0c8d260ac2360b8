package honeststack.bench;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks and prints ratios: a ratio within one run means more than a time. */
public final class Benchmarks {
  private static final List<String> ALL =
      List.of("compute", "search", "calls", "clicks", "saves", "scripts");

  private static final int SOAK_SECONDS = 300;

  private Benchmarks() {}

  /**
   * @param arguments which of them to run; none for all but the soak, which takes as many seconds
   *     as stand behind it
   */
  public static void main(String[] arguments) throws Exception {
    Locale.setDefault(Locale.ROOT);
    if (arguments.length > 0 && arguments[0].equals("soak")) {
      int seconds = arguments.length > 1 ? Integer.parseInt(arguments[1]) : SOAK_SECONDS;
      try (Served served = Served.start()) {
        Soak.run(served, Duration.ofSeconds(seconds));
      }
      return;
    }
    List<String> asked = arguments.length == 0 ? ALL : List.of(arguments);
    for (String one : asked) {
      if (!ALL.contains(one)) {
        throw new IllegalArgumentException("There is no benchmark “" + one + "”, only " + ALL);
      }
    }
    if (asked.contains("compute")) {
      compute();
    }
    if (asked.contains("search")) {
      SearchBenchmark.run();
    }
    if (asked.stream().anyMatch(List.of("calls", "clicks", "saves")::contains)) {
      served(asked);
    }
    if (asked.contains("scripts")) {
      FirstScript.print();
    }
  }

  private static void served(List<String> asked) throws Exception {
    try (Served served = Served.start()) {
      if (asked.contains("calls")) {
        HttpBenchmark.run(served);
      }
      if (asked.contains("clicks")) {
        ClickBenchmark.run(served);
      }
      if (asked.contains("saves")) {
        SaveBenchmark.run(served);
      }
    }
  }

  private static void compute() throws Exception {
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(FiguresBenchmark.class.getName()).build()).run();
    double read = score(results, "read");
    System.out.printf(
        "%nreading 27 lines: %.1f µs, %.2f µs a line (goal: at most 8)%n", read, read / 27);
    System.out.printf(
        "a pasted recipe of 30 lines: %.2f ms (goal: at most 5); 600 words: %.2f ms (goal: at most"
            + " 20)%n",
        score(results, "thirtyLinesTold") / 1000, score(results, "paragraphTold") / 1000);
    double bare = score(results, "bareSums");
    double values = score(results, "valuesAndUncertainties");
    System.out.printf(
        "25 lines × 5 components: %.2f µs; bare sums %.3f µs; ratio %.0f (goal: at most 30)%n",
        values, bare, values / bare);
    double bareOfTwelve = score(results, "bareSumsOfTwelve");
    double budgets = score(results, "withBudgets");
    System.out.printf(
        "30 lines × 12 components with all budgets: %.1f µs; bare sums %.3f µs; ratio %.0f"
            + " (goal: at most 150)%n",
        budgets, bareOfTwelve, budgets / bareOfTwelve);
    double more = score(results, "moreWithBudgets");
    System.out.printf(
        "30 lines × 25 figures with all budgets: %.1f µs; of 12 of them: %.2f times (goal: at most"
            + " 2)%n%n",
        more, more / budgets);
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
