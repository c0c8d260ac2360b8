package honeststack.core.goal;

import honeststack.core.figures.Basis;
import honeststack.core.figures.Figure;
import honeststack.core.figures.Figures;
import honeststack.core.food.Component;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Numbers;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The smallest single change that would meet a goal that is missed: another number of pieces, or
 * more or less of one line.
 *
 * @param pieces in a serving instead; empty if no number of them would do
 * @param line of which more or less would do; empty if none would
 * @param grams of it instead, to a serving or in the whole bowl, where the line stands
 */
public record Change(OptionalDouble pieces, Optional<MeasuredFood> line, double grams) {
  /** So many standard uncertainties inside of a limit, a goal is met 95 in 100. */
  private static final double SURE = 1.645;

  private static final double PIECE_STEP = 0.5;

  /** More of a line than so many times is another recipe. */
  private static final double MOST = 3;

  /** Empty for a goal that is not missed, or is no component's. */
  public static Optional<Change> of(Judgement judgement, Figures figures) {
    Goal goal = judgement.goal();
    boolean missed =
        judgement.verdict() == Verdict.MISSED || judgement.verdict() == Verdict.LIKELY_MISSED;
    if (!missed || goal.measurand().component().isEmpty()) {
      return Optional.empty();
    }
    Component component = goal.measurand().component().get();
    Figure now = figures.figure(goal.basis(), goal.measurand());
    double target = target(goal, now);
    // A piece, or 100 g, stays what it is however many are served.
    OptionalDouble pieces =
        goal.basis() == Basis.AS_SERVED
            ? pieces(figures, component, now.value(), target)
            : OptionalDouble.empty();
    MeasuredFood best = null;
    double least = Double.MAX_VALUE;
    double grams = 0;
    for (MeasuredFood line : lines(figures.reading())) {
      double slope = figures.perGram(goal.basis(), component, line);
      double mass = line.mass().value();
      double then = mass + (target - now.value()) / slope;
      double moved = Math.abs(then - mass) / mass;
      if (mass > 0 && then >= 0 && then <= MOST * mass && moved < least) {
        best = line;
        least = moved;
        grams = then;
      }
    }
    return pieces.isEmpty() && best == null
        ? Optional.empty()
        : Optional.of(new Change(pieces, Optional.ofNullable(best), grams));
  }

  private static double target(Goal goal, Figure now) {
    double inside = SURE * now.u();
    boolean over = goal.upper().isPresent() && now.value() > goal.upper().getAsDouble() - inside;
    double target = over ? goal.upper().getAsDouble() - inside : goal.lower().orElse(0) + inside;
    boolean band = goal.lower().isPresent() && goal.upper().isPresent();
    double middle = band ? (goal.lower().getAsDouble() + goal.upper().getAsDouble()) / 2 : target;
    return band && Math.abs(target - middle) > Math.abs(goal.upper().getAsDouble() - middle)
        ? middle
        : Math.max(0, target);
  }

  private static List<MeasuredFood> lines(RecipeReading reading) {
    List<MeasuredFood> lines = new ArrayList<>(reading.batter());
    reading.plate().ifPresent(plate -> lines.addAll(plate.toppings()));
    return lines;
  }

  /** Half a piece more or less at a time, at least half a piece, at most all that are kept. */
  private static OptionalDouble pieces(
      Figures figures, Component component, double now, double target) {
    double toppings = figures.onTop(component);
    Optional<Plate> plate = figures.reading().plate();
    Optional<Griddle> griddle = figures.reading().griddle();
    if (plate.isEmpty() || griddle.isEmpty() || now <= toppings || target <= toppings) {
      return OptionalDouble.empty();
    }
    double exact = plate.get().pieces() * (target - toppings) / (now - toppings);
    double steps = exact / PIECE_STEP;
    double pieces = (target < now ? Math.floor(steps) : Math.ceil(steps)) * PIECE_STEP;
    return pieces >= PIECE_STEP && pieces <= griddle.get().kept()
        ? OptionalDouble.of(pieces)
        : OptionalDouble.empty();
  }

  /** One sentence. */
  public String words(RecipeReading reading) {
    List<String> ways = new ArrayList<>();
    if (pieces.isPresent()) {
      ways.add(Numbers.pieces(pieces.getAsDouble()) + " in a serving");
    }
    line.ifPresent(
        food -> {
          boolean top = !reading.batter().contains(food);
          ways.add(
              Say.of(
                  "%s of %s %s instead of %s",
                  grams(grams),
                  food.food().name(),
                  top ? Station.PLATE.where().strip() : "in the bowl",
                  grams(food.mass().value())));
        });
    return "It would be met with " + String.join(", or with ", ways) + ".";
  }

  private static String grams(double grams) {
    return Numbers.grams(grams) + " g";
  }
}
