package honeststack.app.goals;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.food.Component;
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

  /** Limits on one figure, in its component's unit; at least one of the two. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Limits(
      @NotNull Component component, @Nullable Double lower, @Nullable Double upper) {}

  /** A goal set as it is sent. */
  public record NewGoalSet(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 300) String note,
      @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid Limits> goals) {}
}
