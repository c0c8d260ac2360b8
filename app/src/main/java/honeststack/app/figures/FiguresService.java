package honeststack.app.figures;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.goals.GoalService;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
import honeststack.core.food.Component;
import honeststack.core.goal.Goal;
import honeststack.core.promise.Promise;
import honeststack.core.recipe.Preparation;
import honeststack.core.recipe.RecipeReading;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Answers readings with their figures. Holds no state of any draft. */
@Service
public class FiguresService {
  /** What the tally shows, in its order. */
  public static final List<Measurand> TALLY =
      Measurand.of(
          Component.ENERC, Component.PROCNT, Component.CHOCDF, Component.FIBTG, Component.FAT);

  private final KitchenNow kitchens;
  private final GoalService goals;

  FiguresService(KitchenNow kitchens, GoalService goals) {
    this.kitchens = kitchens;
    this.goals = goals;
  }

  /**
   * A draft as the kitchen of now reads it.
   *
   * @param recipeId the recipe that it is the draft of; it must not be put into itself
   */
  public RecipeReading read(Draft draft, Optional<String> recipeId) {
    return kitchens
        .now()
        .read(draft.recipe(recipeId.map(Preparation::foodId), recipeId.flatMap(kitchens::habit)));
  }

  /** All that can be shown of a reading: the figures of every basis. */
  public FiguresAnswer answer(
      RecipeReading reading, Optional<String> goalSetId, List<String> also) {
    return answer(reading, goalSetId, also, EnumSet.allOf(Basis.class));
  }

  /**
   * What is shown of a reading.
   *
   * @param goalSetId the goals that it is judged by; those of an unknown set are none
   * @param also tags of figures to be shown beside those of the tally
   * @param bases whose figures are shown
   */
  public FiguresAnswer answer(
      RecipeReading reading, Optional<String> goalSetId, List<String> also, Set<Basis> bases) {
    List<Goal> judgedBy = goalSetId.map(goals::limits).orElse(List.of());
    List<Measurand> shown = shown(also);
    Set<Measurand> asked = new LinkedHashSet<>(shown);
    judgedBy.forEach(goal -> asked.add(goal.measurand()));
    Figures made = Figures.of(reading, List.copyOf(asked));
    List<Promise> promised = goalSetId.map(goals::promises).orElse(List.of());
    return AnswerWriter.write(made, shown, bases, judgedBy, promised);
  }

  /**
   * The tally's figures, and others behind them.
   *
   * @throws ProblemException if a tag is none
   */
  public static List<Measurand> shown(List<String> also) {
    Set<Measurand> shown = new LinkedHashSet<>(TALLY);
    also.forEach(tag -> shown.add(tagged("also", tag)));
    return List.copyOf(shown);
  }

  private static Measurand tagged(String field, String tag) {
    return Measurand.tagged(tag)
        .orElseThrow(
            () ->
                Problem.badInput(
                    field, tag, "“" + tag + "” is no figure.", "one of " + Measurand.values()));
  }

  /**
   * Where one figure of a reading comes from.
   *
   * @param tag the measurand's
   */
  public TrailAnswer trail(RecipeReading reading, Basis basis, String tag) {
    Measurand measurand = tagged("of", tag);
    Figures figures = Figures.of(reading, List.of(measurand));
    if (figures.on(basis).isEmpty()) {
      throw Problem.conflict("There is no such figure yet: pieces or a serving are not said.");
    }
    return TrailWriter.write(figures, basis, measurand);
  }
}
