package honeststack.app.stove;

import honeststack.app.draft.Draft;
import honeststack.app.stove.StoveAnswers.MethodAnswer;
import honeststack.app.stove.StoveAnswers.PlanAnswer;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class StoveController {
  private static final int DAY = 1440;

  private final StoveService service;

  StoveController(StoveService service) {
    this.service = service;
  }

  /** What the steps of a draft say. */
  @PostMapping("/method")
  MethodAnswer method(
      @Valid @RequestBody Draft draft, @RequestParam(required = false) String recipe) {
    return service.method(draft, Optional.ofNullable(recipe));
  }

  /**
   * A pan or an iron.
   *
   * @param pieces in a round
   * @param minutes of a round
   */
  record PanRequest(
      @NotBlank @Size(max = 60) String name,
      @Min(1) @Max(200) int pieces,
      @DecimalMin("0.1") @DecimalMax("240") double minutes) {}

  /**
   * What is asked of a morning; times are minutes after midnight.
   *
   * @param eaters so many servings; absent for one batch as it is
   * @param done pieces that are cooked already
   * @param heating of pan or iron, minutes
   * @param serving when all is to be ready
   * @param now nothing can begin before this; absent while it lies ahead
   * @param mixed the batter is ready: only cooking is left
   */
  record PlanRequest(
      @NotNull @Valid Draft draft,
      @Nullable @Min(1) @Max(1000) Integer eaters,
      @Min(0) @Max(1000) int done,
      @NotEmpty @Size(max = 8) List<@NotNull @Valid PanRequest> pans,
      @DecimalMin("0") @DecimalMax("240") double heating,
      @Min(0) @Max(2 * DAY) int serving,
      @Nullable @Min(0) @Max(2 * DAY) Integer now,
      boolean mixed) {}

  /** When to begin what, so that all is ready in time. */
  @PostMapping("/plan")
  PlanAnswer plan(
      @Valid @RequestBody PlanRequest request, @RequestParam(required = false) String recipe) {
    return service.plan(request, Optional.ofNullable(recipe));
  }
}
