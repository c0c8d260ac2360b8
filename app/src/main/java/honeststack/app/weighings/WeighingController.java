package honeststack.app.weighings;

import honeststack.app.weighings.WeighingService.OwnConstant;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/weighings")
class WeighingController {
  private final WeighingService service;

  WeighingController(WeighingService service) {
    this.service = service;
  }

  @GetMapping
  List<OwnConstant> constants() {
    return service.constants();
  }

  /**
   * @param line what was filled: "1 cup rye flour, spooned"
   * @param weight what it weighed: "104 g"
   */
  record NewWeighing(
      @NotBlank @Size(max = 300) String line,
      @Nullable @Size(max = 60) String foodId,
      @NotBlank @Size(max = 100) String weight) {}

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  List<OwnConstant> keep(@Valid @RequestBody NewWeighing weighing) {
    return service.keep(weighing.line(), weighing.foodId(), weighing.weight());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable String id) {
    service.forget(id);
  }
}
