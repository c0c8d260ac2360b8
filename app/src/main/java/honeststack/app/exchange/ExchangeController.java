package honeststack.app.exchange;

import honeststack.app.exchange.ExchangeService.ImportReport;
import honeststack.app.exchange.TableImport.TableProgress;
import honeststack.app.problem.Problem;
import java.io.OutputStreamWriter;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/foods")
class ExchangeController {
  private final ExchangeService service;
  private final TableImport tables;

  ExchangeController(ExchangeService service, TableImport tables) {
    this.service = service;
    this.tables = tables;
  }

  /** Begins to bring in a whole food table; it is read in the background. */
  @PostMapping(path = "/tables", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.ACCEPTED)
  TableProgress bringTable(@RequestBody byte[] file) {
    return tables.begin(file);
  }

  /** How far a table is. */
  @GetMapping("/tables/{id}")
  TableProgress tableProgress(@PathVariable String id) {
    return tables.progress(id);
  }

  /** Reads a table no further. */
  @DeleteMapping("/tables/{id}")
  TableProgress cancelTable(@PathVariable String id) {
    return tables.cancel(id);
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
