package honeststack.core.method;

import honeststack.core.food.Role;
import honeststack.core.method.MethodStep.Stage;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.recipe.Station;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * What a cook would heed in the order of the work. All of it is common practice, and none of it
 * stands in the way.
 */
public final class Advice {
  /** Longer than this, a leavened batter loses its gas, minutes (common practice). */
  private static final double LONG_REST = 30;

  /** Longer than this, a batter belongs in the fridge, minutes (common practice). */
  private static final double OUT_OF_THE_FRIDGE = 120;

  private static final Pattern GELS =
      Pattern.compile("\\b(?:chia|flax|linseed|psyllium|basil seed)");
  private static final Pattern THICKENS =
      Pattern.compile("\\b(?:chia|flax|linseed|psyllium|oats?|coconut flour|bran)\\b");
  private static final Pattern WHIPPED =
      Pattern.compile("whip|stiff|snow|peaks", Pattern.CASE_INSENSITIVE);
  private static final Pattern COLD =
      Pattern.compile("fridge|refrigerat|cold|chill", Pattern.CASE_INSENSITIVE);

  private final List<MethodStep> steps;
  private final RecipeReading reading;
  private final boolean waffles;
  private final List<String> said = new ArrayList<>();

  private Advice(List<MethodStep> steps, RecipeReading reading, boolean waffles) {
    this.steps = steps;
    this.reading = reading;
    this.waffles = waffles;
  }

  /** Sentences, the most urgent first; none for a recipe without a batter. */
  public static List<String> of(List<MethodStep> steps, RecipeReading reading, boolean waffles) {
    Advice advice = new Advice(steps, reading, waffles);
    if (!reading.batter().isEmpty()) {
      advice.order();
      advice.times();
      advice.cues();
    }
    return List.copyOf(advice.said);
  }

  private void order() {
    boolean gels = has(GELS);
    int soaked = first(step -> GELS.matcher(low(step)).find() || low(step).contains("soak"));
    if (gels && soaked != 0) {
      said.add(
          "Seeds that gel go into their water first: they need 10 to 20 minutes before the rest"
              + " is mixed.");
    }
    int whipped = first(step -> WHIPPED.matcher(step.text()).find());
    if (isWhipped() || whipped >= 0) {
      boolean rests =
          whipped >= 0
              && steps.subList(whipped + 1, steps.size()).stream()
                  .anyMatch(step -> step.stage() == Stage.REST);
      said.add(
          rests
              ? "The batter rests after the whites are folded in, which lets their air go: fold"
                  + " them in last, and cook at once."
              : "Fold whipped whites in last, and cook at once.");
    }
  }

  private void times() {
    boolean leavened = reading.batter().stream().anyMatch(f -> f.food().role() == Role.LEAVENING);
    MethodStep rest =
        steps.stream()
            .filter(step -> step.stage() == Stage.REST && step.lasts().isPresent())
            .max(Comparator.comparingDouble(step -> step.lasts().get().middle()))
            .orElse(null);
    double longest = rest == null ? 0 : rest.lasts().get().middle();
    boolean yeast = has(Pattern.compile("\\b(?:yeast|sourdough)"));
    if (leavened && !yeast && longest > LONG_REST) {
      said.add(
          "In so long a rest baking powder and soda lose their gas: stir them in just before"
              + " cooking.");
    }
    if (longest > OUT_OF_THE_FRIDGE && !COLD.matcher(rest.text()).find()) {
      said.add("A batter with egg or milk that stands for hours stands in the fridge.");
    }
    if (has(THICKENS)) {
      said.add(
          "This batter thickens as it stands: keep a few spoons of liquid by, and write down what"
              + " goes in.");
    }
    if (!steps.isEmpty() && steps.stream().noneMatch(step -> step.stage() == Stage.HEAT)) {
      said.add(
          waffles
              ? "The iron wants 5 to 10 minutes to get hot: switch it on while the batter rests."
              : "Griddle or pan want 5 to 10 minutes to get hot, to 150 to 175 °C: start while the"
                  + " batter rests.");
    }
  }

  private void cues() {
    boolean told = steps.stream().anyMatch(s -> s.stage() == Stage.GRIDDLE && !s.cue().isEmpty());
    if (!told) {
      said.add(
          waffles
              ? "A waffle is done when the steam stops and the lid lifts without pulling: 3 to 5"
                  + " minutes."
              : "Turn when bubbles stay open and the rim looks dull: 2 to 3 minutes, then 1 to 2"
                  + " on the other side.");
    }
  }

  private boolean isWhipped() {
    return reading.understood(Station.BOWL).stream()
        .filter(line -> line.food().role() == Role.EGG)
        .map(Understood::remarks)
        .anyMatch(remarks -> WHIPPED.matcher(remarks.text()).find());
  }

  private boolean has(Pattern name) {
    return reading.batter().stream()
        .map(MeasuredFood::food)
        .anyMatch(food -> name.matcher(food.name().toLowerCase(Locale.ROOT)).find());
  }

  private interface Which {
    boolean is(MethodStep step);
  }

  private int first(Which which) {
    for (int i = 0; i < steps.size(); i++) {
      if (which.is(steps.get(i))) {
        return i;
      }
    }
    return -1;
  }

  private static String low(MethodStep step) {
    return step.text().toLowerCase(Locale.ROOT);
  }
}
