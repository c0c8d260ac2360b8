package honeststack.app.goals;

import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A named list of limits on a serving.
 *
 * @param note where the limits are from, such as “invented for the workshop”
 */
public record GoalSet(String id, int revision, String name, String note, List<Limits> goals) {

  /**
   * Limits on one figure, in its unit; at least one of the two.
   *
   * @param measurand the figure's tag
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Limits(
      @NotBlank @Size(max = 40) String measurand, @Nullable Double lower, @Nullable Double upper) {}

  /** A goal set as it is sent. */
  public record NewGoalSet(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 300) String note,
      @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid Limits> goals) {}
}
