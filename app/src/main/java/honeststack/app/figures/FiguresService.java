package honeststack.app.figures;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.goals.GoalService;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.problem.Problem;
import honeststack.core.figures.Basis;
import honeststack.core.figures.Figures;
import honeststack.core.figures.Measurand;
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
  public FiguresAnswer answer(RecipeReading reading, Optional<String> goalSetId, Shown shown) {
    return answer(reading, goalSetId, shown, EnumSet.allOf(Basis.class));
  }

  /**
   * What is shown of a reading.
   *
   * @param goalSetId the goals that it is judged by; those of an unknown set are none
   * @param bases whose figures are shown
   */
  public FiguresAnswer answer(
      RecipeReading reading, Optional<String> goalSetId, Shown shown, Set<Basis> bases) {
    List<Goal> judgedBy = goalSetId.map(goals::limits).orElse(List.of());
    Set<Measurand> asked = new LinkedHashSet<>(shown.measurands());
    judgedBy.forEach(goal -> asked.add(goal.measurand()));
    Figures made = Figures.of(reading, List.copyOf(asked));
    List<Promise> promised = goalSetId.map(goals::promises).orElse(List.of());
    return AnswerWriter.write(made, shown, bases, judgedBy, promised);
  }

  /**
   * Where one figure of a reading comes from.
   *
   * @param tag the measurand's
   */
  public TrailAnswer trail(RecipeReading reading, Basis basis, String tag) {
    Measurand measurand = Shown.tagged("of", tag);
    Figures figures = Figures.of(reading, List.of(measurand));
    if (figures.on(basis).isEmpty()) {
      throw Problem.conflict("There is no such figure yet: pieces or a serving are not said.");
    }
    return TrailWriter.write(figures, basis, measurand);
  }
}
