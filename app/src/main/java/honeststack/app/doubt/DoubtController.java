package honeststack.app.doubt;

import honeststack.core.measure.Factors.Factor;
import honeststack.core.measure.Uncertainties.Way;
import honeststack.core.measure.UsualAmounts.Usual;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/doubt")
class DoubtController {
  private final DoubtService service;

  DoubtController(DoubtService service) {
    this.service = service;
  }

  /** The tables of measuring in force, beside what ships. */
  @GetMapping
  DoubtAnswer tables() {
    return service.answer();
  }

  record NewDoubt(double shared, double perUse) {}

  @PutMapping("/uncertainties/{way}")
  DoubtAnswer changeUncertainty(@PathVariable Way way, @RequestBody NewDoubt doubt) {
    service.change(way, doubt.shared(), doubt.perUse());
    return service.answer();
  }

  record NewValue(double value) {}

  @PutMapping("/usual/{usual}")
  DoubtAnswer changeUsual(@PathVariable Usual usual, @RequestBody NewValue grams) {
    service.change(usual, grams.value());
    return service.answer();
  }

  @PutMapping("/factors/{factor}")
  DoubtAnswer changeFactor(@PathVariable Factor factor, @RequestBody NewValue ratio) {
    service.change(factor, ratio.value());
    return service.answer();
  }

  /** Back to what ships. */
  @DeleteMapping("/uncertainties/{way}")
  DoubtAnswer resetUncertainty(@PathVariable Way way) {
    service.reset(way);
    return service.answer();
  }

  @DeleteMapping("/usual/{usual}")
  DoubtAnswer resetUsual(@PathVariable Usual usual) {
    service.reset(usual);
    return service.answer();
  }

  @DeleteMapping("/factors/{factor}")
  DoubtAnswer resetFactor(@PathVariable Factor factor) {
    service.reset(factor);
    return service.answer();
  }

  @DeleteMapping
  DoubtAnswer resetAll() {
    service.resetAll();
    return service.answer();
  }
}
