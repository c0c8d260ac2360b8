package honeststack.app.runs;

import honeststack.app.runs.RunAnswers.RunAnswer;
import honeststack.app.runs.RunAnswers.RunFigure;
import honeststack.app.runs.RunAnswers.Spread;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;

/** How much several mornings differ: mean and standard deviation of what they came to. */
final class Spreads {
  private Spreads() {}

  static List<Spread> of(List<RunAnswer> runs) {
    List<RunAnswer> counted =
        runs.stream().filter(run -> run.finished() && run.pieces() != null).toList();
    List<Spread> spreads = new ArrayList<>();
    add(spreads, "pieces", "", counted, run -> Double.valueOf(run.pieces()));
    add(
        spreads,
        "counted over predicted",
        "",
        counted,
        run -> run.predicted() == null ? null : run.pieces() / run.predicted());
    add(spreads, "a cooked piece", "g", counted, RunAnswer::cookedPiece);
    add(spreads, "cooked over raw", "", counted, RunAnswer::yieldFactor);
    Map<String, RunFigure> tags = new LinkedHashMap<>();
    counted.forEach(run -> run.figures().forEach(f -> tags.putIfAbsent(f.tag(), f)));
    tags.forEach(
        (tag, figure) ->
            add(spreads, figure.words(), figure.unit(), counted, run -> value(run, tag)));
    return spreads;
  }

  private static Double value(RunAnswer run, String tag) {
    return run.figures().stream()
        .filter(figure -> figure.tag().equals(tag))
        .findFirst()
        .map(RunFigure::value)
        .orElse(null);
  }

  private static void add(
      List<Spread> spreads,
      String words,
      String unit,
      List<RunAnswer> runs,
      Function<RunAnswer, Double> of) {
    List<Double> values = runs.stream().map(of).filter(Objects::nonNull).toList();
    if (values.size() >= 2) {
      double mean = values.stream().mapToDouble(x -> x).average().orElse(0);
      double squares = values.stream().mapToDouble(x -> (x - mean) * (x - mean)).sum();
      double deviation = Math.sqrt(squares / (values.size() - 1));
      spreads.add(new Spread(words, unit, mean, deviation, values));
    }
  }
}
