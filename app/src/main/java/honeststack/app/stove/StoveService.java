package honeststack.app.stove;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer.CautionAnswer;
import honeststack.app.figures.FiguresService;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.app.stove.StoveAnswers.BlockAnswer;
import honeststack.app.stove.StoveAnswers.MethodAnswer;
import honeststack.app.stove.StoveAnswers.PlanAnswer;
import honeststack.app.stove.StoveAnswers.StepAnswer;
import honeststack.app.stove.StoveController.PlanRequest;
import honeststack.core.keeping.Caution;
import honeststack.core.keeping.Keeping;
import honeststack.core.method.Advice;
import honeststack.core.method.MethodReader;
import honeststack.core.method.MethodStep;
import honeststack.core.method.MethodStep.Span;
import honeststack.core.method.MethodStep.Stage;
import honeststack.core.plan.Pan;
import honeststack.core.plan.Plan;
import honeststack.core.plan.Plan.Asked;
import honeststack.core.plan.Plan.Task;
import honeststack.core.recipe.Plate;
import honeststack.core.recipe.RecipeReading;
import honeststack.core.wording.Say;
import honeststack.core.yield.Griddle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Reads the steps of drafts and plans mornings with them. */
@Service
public class StoveService {
  /** A step that does not say how long it takes, minutes (common practice). */
  private static final double STEP = 3;

  /** Measuring and mixing, where no steps are written, minutes (common practice). */
  private static final double MIXING = 10;

  /** A round of pancakes, both sides, and of waffles, minutes (common practice). */
  private static final double PANCAKE_ROUND = 5;

  private static final double WAFFLE_ROUND = 4.5;
  private static final int MOST_PIECES = 1000;
  private static final int HOUR = 60;
  private static final int DAY = 24 * HOUR;

  private final FiguresService figures;

  StoveService(FiguresService figures) {
    this.figures = figures;
  }

  MethodAnswer method(Draft draft, Optional<String> recipeId) {
    RecipeReading reading = figures.read(draft, recipeId);
    List<MethodStep> steps = steps(draft, reading);
    boolean waffles = draft.kind() == Draft.Kind.WAFFLE;
    return new MethodAnswer(
        steps.stream().map(StoveService::answer).toList(),
        Advice.of(steps, reading, waffles),
        Caution.of(reading).stream().map(CautionAnswer::of).toList(),
        round(steps, waffles));
  }

  private static List<MethodStep> steps(Draft draft, RecipeReading reading) {
    return MethodReader.read(draft.method() == null ? List.of() : draft.method(), reading);
  }

  private static StepAnswer answer(MethodStep step) {
    return new StepAnswer(
        step.text(),
        step.stage(),
        step.lasts().map(Span::low).orElse(null),
        step.lasts().map(Span::high).orElse(null),
        step.perSide(),
        step.celsius().orElse(null),
        step.cue().isEmpty() ? null : step.cue(),
        step.lines());
  }

  private static double round(List<MethodStep> steps, boolean waffles) {
    return steps.stream()
        .filter(step -> step.stage() == Stage.GRIDDLE && step.lasts().isPresent())
        .findFirst()
        .map(step -> step.lasts().get().middle() * (step.perSide() ? 2 : 1))
        .orElse(waffles ? WAFFLE_ROUND : PANCAKE_ROUND);
  }

  /**
   * @throws ProblemException if it is not known how many pieces there are to be
   */
  PlanAnswer plan(PlanRequest request, Optional<String> recipeId) {
    Draft draft = request.draft();
    RecipeReading reading = figures.read(draft, recipeId);
    Griddle griddle =
        reading
            .griddle()
            .orElseThrow(
                () ->
                    Problem.conflict(
                        "There is nothing to plan yet: say how many pieces come out, or how much"
                            + " batter goes into one."));
    int batch = griddle.kept();
    int all = request.eaters() == null ? batch : pieces(request.eaters(), reading);
    int rest = Math.max(0, all - request.done());
    List<MethodStep> steps = steps(draft, reading);
    boolean mixed = request.mixed() || request.done() > 0;
    Plan plan =
        Plan.of(
            new Asked(
                mixed ? List.of() : tasks(steps),
                mixed && request.done() > 0 ? 0 : heating(steps, request.heating()),
                rest,
                request.pans().stream()
                    .map(pan -> new Pan(pan.name(), pan.pieces(), pan.minutes()))
                    .toList(),
                request.serving(),
                request.now() == null ? Double.NEGATIVE_INFINITY : request.now()));
    return new PlanAnswer(
        words(plan, rest, draft.kind() == Draft.Kind.WAFFLE, request),
        plan.blocks().stream()
            .map(b -> new BlockAnswer(b.kind(), b.lane(), b.name(), b.from(), b.to(), b.pieces()))
            .toList(),
        Stream.concat(Stream.of("cook"), request.pans().stream().map(p -> p.name())).toList(),
        plan.start(),
        plan.ready(),
        plan.late(),
        all,
        plan.rounds(),
        plan.cooking(),
        plan.waits(),
        plan.saved(),
        Math.rint(all / Math.max(1.0, batch) * 100) / 100);
  }

  private static int pieces(int eaters, RecipeReading reading) {
    double each = reading.plate().map(Plate::pieces).orElse(1.0);
    double pieces = Math.ceil(eaters * each - 1e-9);
    if (pieces > MOST_PIECES) {
      throw Problem.badInput(
          "eaters",
          String.valueOf(eaters),
          Say.of("“%d” eaters would want %.0f pieces.", eaters, pieces),
          "up to " + MOST_PIECES + " pieces");
    }
    return (int) pieces;
  }

  private static List<Task> tasks(List<MethodStep> steps) {
    List<Task> tasks = new ArrayList<>();
    for (MethodStep step : steps) {
      if (step.stage() == Stage.BOWL || step.stage() == Stage.REST) {
        double minutes = step.lasts().map(Span::middle).orElse(STEP);
        tasks.add(new Task(step.text(), minutes, step.isAttended()));
      }
    }
    return tasks.isEmpty() ? List.of(new Task("measure and mix", MIXING, true)) : tasks;
  }

  private static double heating(List<MethodStep> steps, double asked) {
    return steps.stream()
        .filter(step -> step.stage() == Stage.HEAT && step.lasts().isPresent())
        .findFirst()
        .map(step -> Math.max(asked, step.lasts().get().middle()))
        .orElse(asked);
  }

  private static List<String> words(Plan plan, int pieces, boolean waffles, PlanRequest request) {
    List<String> words = new ArrayList<>();
    String late =
        plan.late() > 0.5 ? Say.of(", %.0f minutes later than asked", Math.ceil(plan.late())) : "";
    words.add(
        Say.of(
            "Begin at %s: %d pieces in %d rounds are ready at %s%s.",
            clock(plan.start()), pieces, plan.rounds(), clock(plan.ready()), late));
    if (plan.rounds() > 1) {
      words.add(Keeping.waiting(plan.waits(), waffles));
    }
    if (plan.saved() > 0.5) {
      words.add(
          Say.of(
              "One more “%s” would save %.0f minutes.",
              request.pans().get(0).name(), plan.saved()));
    }
    return words;
  }

  private static String clock(double minutes) {
    int at = (int) Math.floorMod((long) Math.floor(minutes), (long) DAY);
    return Say.of("%d:%02d", at / HOUR, at % HOUR);
  }
}
