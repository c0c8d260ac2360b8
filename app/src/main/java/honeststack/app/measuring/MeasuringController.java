package honeststack.app.measuring;

import honeststack.app.measuring.DoubtService.OwnConstant;
import honeststack.app.measuring.DoubtService.Row;
import honeststack.core.measure.DoubtTable.Way;
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
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class MeasuringController {
  private final DoubtService service;

  MeasuringController(DoubtService service) {
    this.service = service;
  }

  /** The table of doubt in force, beside what ships. */
  @GetMapping("/doubt")
  List<Row> table() {
    return service.rows();
  }

  record NewDoubt(double shared, double perUse) {}

  @PutMapping("/doubt/{way}")
  List<Row> change(@PathVariable Way way, @RequestBody NewDoubt doubt) {
    service.change(way, doubt.shared(), doubt.perUse());
    return service.rows();
  }

  /** Back to what ships. */
  @DeleteMapping("/doubt/{way}")
  List<Row> reset(@PathVariable Way way) {
    service.reset(way);
    return service.rows();
  }

  @DeleteMapping("/doubt")
  List<Row> resetAll() {
    service.resetAll();
    return service.rows();
  }

  @GetMapping("/weighings")
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

  @PostMapping("/weighings")
  @ResponseStatus(HttpStatus.CREATED)
  List<OwnConstant> keep(@Valid @RequestBody NewWeighing weighing) {
    return service.keep(weighing.line(), weighing.foodId(), weighing.weight());
  }

  @DeleteMapping("/weighings/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable String id) {
    service.forget(id);
  }
}
