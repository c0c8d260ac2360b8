package honeststack.app.figures;

import honeststack.app.figures.FiguresAnswer.MeasurandAnswer;
import honeststack.core.figures.Measurand;
import honeststack.core.figures.School;
import honeststack.core.promise.Promise;
import java.util.Arrays;
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

  /** A promise in words. */
  record Promised(Promise promise, String words) {}

  /** What goals can ask a plate to be free from. */
  @GetMapping("/api/promises")
  List<Promised> promises() {
    return Arrays.stream(Promise.values()).map(one -> new Promised(one, one.words())).toList();
  }

  @GetMapping("/api/measurands")
  Measurands measurands() {
    return new Measurands(
        School.USUAL.tally().stream().map(AnswerWriter::measurand).toList(),
        Measurand.values().stream()
            .filter(one -> !School.USUAL.tally().contains(one))
            .map(AnswerWriter::measurand)
            .toList());
  }
}
