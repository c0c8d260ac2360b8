package honeststack.core.serving;

import honeststack.core.estimate.Estimate;
import honeststack.core.estimate.Source;
import honeststack.core.estimate.SourceBook;
import honeststack.core.measure.DoubtTable;
import honeststack.core.measure.DoubtTable.Doubt;
import honeststack.core.measure.DoubtTable.Way;
import honeststack.core.measure.Unit;
import honeststack.core.serving.Figures.Station;
import honeststack.core.serving.RecipeReading.LineReading;
import honeststack.core.serving.RecipeReading.Understood;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What measuring better would do to a figure. Weighing a food replaces what its cups, spoons or
 * pieces add to u² by what a scale adds; the composition of foods stays as doubtful as it is.
 */
public final class Narrowing {
  private static final String USE = "use:";
  private static final double LEAST = 1e-9;

  private final List<Step> steps = new ArrayList<>();
  private final Map<String, Integer> byLine = new HashMap<>();
  private final Map<String, Integer> byFood = new HashMap<>();
  private final List<Source> sources;
  private int[] stepOf = new int[0];

  /**
   * Something to measure better.
   *
   * @param words what to do: "weigh the rye flour"
   * @param stays part of its standard uncertainty that stays, 0 to 1
   */
  private record Step(String words, double stays) {}

  /**
   * The step that narrows a figure most.
   *
   * @param u standard uncertainty of the figure then, in its unit
   */
  public record Next(String words, double u) {}

  /**
   * How far a figure could be narrowed.
   *
   * @param next the single step that narrows it most; empty if none helps
   * @param best its standard uncertainty if everything were weighed, in its unit
   */
  public record Narrowed(Optional<Next> next, double best) {}

  private Narrowing(List<Source> sources) {
    this.sources = sources;
  }

  /**
   * All that could be measured better in a recipe.
   *
   * @param book of the reading's figures, which are all computed
   */
  public static Narrowing of(RecipeReading reading, DoubtTable doubt, SourceBook book) {
    Narrowing narrowing = new Narrowing(book.sources());
    Doubt scale = doubt.of(Way.WEIGHED);
    for (LineReading line : reading.lines()) {
      if (line instanceof Understood read && !read.remarks().off()) {
        narrowing.add(read, scale);
      }
    }
    reading.made().griddle().ifPresent(griddle -> narrowing.add(griddle, doubt));
    narrowing.stepOf =
        narrowing.sources.stream().mapToInt(source -> narrowing.step(source).orElse(-1)).toArray();
    return narrowing;
  }

  private void add(Understood line, Doubt scale) {
    double mass = line.mass().value();
    double now = mass > 0 ? line.mass().u() / mass : 0;
    double weighed =
        mass > 0 ? Math.hypot(scale.shared(), scale.perUse() / mass / Math.sqrt(12)) : 0;
    boolean onScale = line.amount().unit().kind() == Unit.Kind.MASS && now <= 2 * weighed;
    if (onScale || now <= weighed) {
      return;
    }
    String where = line.station() == Station.PAN ? " for the pan" : "";
    Integer known = byFood.get(line.food().id());
    if (known == null) {
      known = steps.size();
      steps.add(new Step("weigh the " + line.food().name() + where, weighed / now));
      byFood.put(line.food().id(), known);
    }
    byLine.put(line.id(), known);
  }

  private void add(Griddle griddle, DoubtTable doubt) {
    double weighed = doubt.of(Way.PIECES_WEIGHED).perUse();
    if (griddle.variation() > weighed) {
      byLine.put("griddle", steps.size());
      steps.add(new Step("weigh each portion of batter", weighed / griddle.variation()));
    }
    griddle
        .panFat()
        .ifPresent(
            fat -> {
              byLine.put(fat.in().id() + ":left", steps.size());
              steps.add(new Step("weigh the fat that stays in the pan", 0));
            });
  }

  /** The step that a source belongs to; empty where no measuring helps. */
  private Optional<Integer> step(Source source) {
    String key = source.key();
    if (key.startsWith(USE)) {
      String use = key.substring(USE.length());
      if (use.endsWith(":left")) {
        return Optional.ofNullable(byLine.get(use));
      }
      int colon = use.indexOf(':');
      return Optional.ofNullable(byLine.get(colon < 0 ? use : use.substring(0, colon)));
    }
    int first = key.indexOf(':');
    int second = key.indexOf(':', first + 1);
    return second > 0 && (key.startsWith("measure:") || key.startsWith("own:"))
        ? Optional.ofNullable(byFood.get(key.substring(first + 1, second)))
        : Optional.empty();
  }

  /** What measuring better would do to a figure of the same book. */
  public Narrowed of(Estimate figure) {
    double[] gains = new double[steps.size()];
    figure.squares(
        (place, square) -> {
          int at = stepOf[place];
          if (at >= 0) {
            double stays = steps.get(at).stays();
            gains[at] += square * (1 - stays * stays);
          }
        });
    int most = -1;
    double sum = 0;
    for (int i = 0; i < gains.length; i++) {
      sum += gains[i];
      if (gains[i] > LEAST && (most < 0 || gains[i] > gains[most])) {
        most = i;
      }
    }
    Optional<Next> next =
        most < 0
            ? Optional.empty()
            : Optional.of(new Next(steps.get(most).words(), left(figure, gains[most])));
    return new Narrowed(next, left(figure, sum));
  }

  private static double left(Estimate figure, double gain) {
    return Math.sqrt(Math.max(0, figure.u() * figure.u() - gain));
  }
}
