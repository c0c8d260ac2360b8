package honeststack.app.goals;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.core.figures.Basis;
import honeststack.core.promise.Promise;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * A named list of limits on a serving, and of what it has to be free from.
 *
 * @param note where the limits are from, such as “invented for the workshop”
 * @param promises absent for none
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
public record GoalSet(
    String id,
    int revision,
    String name,
    @JsonInclude(JsonInclude.Include.ALWAYS) String note,
    @JsonInclude(JsonInclude.Include.ALWAYS) List<Limits> goals,
    @Nullable List<Promise> promises) {

  public GoalSet {
    promises = promises == null ? List.of() : List.copyOf(promises);
  }

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

  /**
   * A goal set as it is sent: at least one limit or promise.
   *
   * @param promises what a plate has to be free from; absent for nothing
   */
  public record NewGoalSet(
      @NotBlank @Size(max = 120) String name,
      @NotNull @Size(max = 300) String note,
      @NotNull @Size(max = 20) List<@NotNull @Valid Limits> goals,
      @Nullable @Size(max = 20) List<@NotNull Promise> promises) {

    public NewGoalSet {
      promises = promises == null ? List.of() : promises.stream().distinct().sorted().toList();
    }
  }
}
