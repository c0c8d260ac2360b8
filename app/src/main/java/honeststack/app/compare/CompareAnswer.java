package honeststack.app.compare;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.Shown;
import honeststack.core.compare.Cause;
import honeststack.core.compare.Mode;
import honeststack.core.estimate.Bound;
import honeststack.core.figures.Basis;
import honeststack.core.food.Role;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What side by side reads and sends. */
public final class CompareAnswer {
  private CompareAnswer() {}

  /**
   * @param mode what the versions are taken to share
   * @param goalSetId the goals that they are judged by; absent for none
   * @param shown which figures are compared; absent for those of the tally
   */
  public record CompareRequest(
      @NotNull @Size(min = 2, max = 6) List<@NotNull @Valid Item> items,
      @NotNull Mode mode,
      @Nullable String goalSetId,
      @Nullable @Valid Shown shown) {}

  /**
   * One side: a kept version, the draft on a recipe's bench, or a draft that is sent along.
   *
   * @param recomputed a kept version's text, read with the foods and weights of now
   */
  public record Item(
      @Nullable String versionId,
      @Nullable String recipeId,
      @Nullable @Valid Draft draft,
      boolean recomputed) {}

  /** All sides, each later one held against the first. */
  public record SideBySide(List<Side> sides, List<LineRow> lines, List<Against> against) {}

  public record Side(
      String label, String note, Draft.Kind kind, double pieces, FiguresAnswer figures) {}

  /** The lines of all sides that stand for each other: by food, then by role. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record LineRow(String where, @Nullable Role role, List<Cell> cells) {}

  /**
   * @param text the line as written, where it was not understood and is not in the numbers
   * @param food what it is taken for; absent where this side has no such line
   * @param grams absent where nothing was measured
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Cell(
      @Nullable String text,
      @Nullable String food,
      @Nullable String amount,
      @Nullable Double grams) {}

  /** A later side against the first. */
  public record Against(int side, List<String> changes, List<DifferenceAnswer> differences) {}

  /**
   * @param real more than the noise of how it was measured
   * @param words the same in a sentence
   */
  public record DifferenceAnswer(
      Basis basis,
      String measurand,
      double value,
      double u,
      double low,
      double high,
      Bound bound,
      boolean real,
      String words,
      List<CauseAnswer> causes) {}

  public record CauseAnswer(Cause.Kind kind, String words, double effect) {}
}
