package honeststack.app.goals;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.figures.Basis;
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
   * @param basis what it is for; absent for a serving
   * @param wish nice to have; absent for must
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  public record Limits(
      @NotBlank @Size(max = 40) String measurand,
      @Nullable Basis basis,
      @Nullable Boolean wish,
      @Nullable Double lower,
      @Nullable Double upper) {

    public Limits {
      basis = basis == null ? Basis.AS_SERVED : basis;
    }

    /** On a serving, and a must. */
    public Limits(String measurand, Double lower, Double upper) {
      this(measurand, Basis.AS_SERVED, null, lower, upper);
    }
  }

  /** A goal set as it is sent. */
  public record NewGoalSet(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 300) String note,
      @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid Limits> goals) {}
}
