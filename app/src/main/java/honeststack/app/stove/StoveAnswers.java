package honeststack.app.stove;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.figures.FiguresAnswer.CautionAnswer;
import honeststack.core.method.MethodStep.Stage;
import honeststack.core.plan.Plan.Kind;
import jakarta.annotation.Nullable;
import java.util.List;

/** What is answered about the work at the stove. */
final class StoveAnswers {
  private StoveAnswers() {}

  /**
   * The steps of a draft, read.
   *
   * @param advice what to heed, in sentences
   * @param roundMinutes what a round takes, from the steps or as is common
   */
  record MethodAnswer(
      List<StepAnswer> steps,
      List<String> advice,
      List<CautionAnswer> cautions,
      double roundMinutes) {}

  /**
   * One step.
   *
   * @param low at least so many minutes; absent if not said
   * @param cue until what; absent if not said
   * @param lines identities of the lines whose food it names
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record StepAnswer(
      String text,
      Stage stage,
      @Nullable Double low,
      @Nullable Double high,
      boolean perSide,
      @Nullable Integer celsius,
      @Nullable String cue,
      List<String> lines) {}

  /**
   * A morning planned; times are minutes after midnight.
   *
   * @param words the answer first, in sentences
   * @param batches how many times the batter of the draft that is
   */
  record PlanAnswer(
      List<String> words,
      List<BlockAnswer> blocks,
      List<String> lanes,
      double start,
      double ready,
      double late,
      int pieces,
      int rounds,
      double cooking,
      double waits,
      double saved,
      double batches) {}

  /** Something that happens. */
  record BlockAnswer(Kind kind, int lane, String name, double from, double to, int pieces) {}
}
