package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.MeasurandAnswer;
import honeststack.core.figures.Measurand;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class MeasurandController {
  /**
   * What figures and goals can be about.
   *
   * @param shown what the tally shows, in its order
   * @param others all others
   */
  record Measurands(List<MeasurandAnswer> shown, List<MeasurandAnswer> others) {}

  @GetMapping("/api/measurands")
  Measurands measurands() {
    return new Measurands(
        FiguresService.TALLY.stream().map(AnswerWriter::measurand).toList(),
        Measurand.values().stream()
            .filter(one -> !FiguresService.TALLY.contains(one))
            .map(AnswerWriter::measurand)
            .toList());
  }
}
