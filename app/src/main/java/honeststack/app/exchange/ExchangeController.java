package honeststack.app.exchange;

import honeststack.app.exchange.ExchangeService.ImportReport;
import honeststack.app.problem.Problem;
import java.io.OutputStreamWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/foods")
class ExchangeController {
  private final ExchangeService service;

  ExchangeController(ExchangeService service) {
    this.service = service;
  }

  /** All foods as CSV, under the headers of the reference file. */
  @GetMapping(path = "/export", produces = "text/csv")
  ResponseEntity<StreamingResponseBody> export() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"foods.csv\"")
        .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
        .body(out -> service.write(new OutputStreamWriter(out, StandardCharsets.UTF_8)));
  }

  /** Takes in foods as CSV, all or none; 422 with a report if a line cannot be taken. */
  @PostMapping(path = "/import", consumes = "text/csv")
  ResponseEntity<ImportReport> bring(@RequestBody byte[] csv) {
    String text;
    try {
      text = StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(csv)).toString();
    } catch (CharacterCodingException notText) {
      throw Problem.badInput("file", "", "The file is not UTF-8 text.", "CSV in UTF-8");
    }
    ImportReport report = service.bring(text);
    return ResponseEntity.status(
            report.problems().isEmpty() ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT)
        .body(report);
  }
}
