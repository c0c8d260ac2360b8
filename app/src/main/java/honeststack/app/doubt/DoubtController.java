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
    return service.change(way, doubt.shared(), doubt.perUse());
  }

  record NewValue(double value) {}

  @PutMapping("/usual/{usual}")
  DoubtAnswer changeUsual(@PathVariable Usual usual, @RequestBody NewValue grams) {
    return service.change(usual, grams.value());
  }

  @PutMapping("/factors/{factor}")
  DoubtAnswer changeFactor(@PathVariable Factor factor, @RequestBody NewValue ratio) {
    return service.change(factor, ratio.value());
  }

  /** Back to what ships. */
  @DeleteMapping("/uncertainties/{way}")
  DoubtAnswer resetUncertainty(@PathVariable Way way) {
    return service.reset(way);
  }

  @DeleteMapping("/usual/{usual}")
  DoubtAnswer resetUsual(@PathVariable Usual usual) {
    return service.reset(usual);
  }

  @DeleteMapping("/factors/{factor}")
  DoubtAnswer resetFactor(@PathVariable Factor factor) {
    return service.reset(factor);
  }

  @DeleteMapping
  DoubtAnswer resetAll() {
    return service.resetAll();
  }
}
