package honeststack.app.paper;

import honeststack.app.problem.Problem;
import honeststack.core.claim.Rounding;
import honeststack.core.compare.Mode;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets to print. */
@RestController
@RequestMapping("/api/versions")
class PaperController {
  private static final int MOST_BESIDE = 4;

  private final Sheets sheets;
  private final ComparisonSheet beside;

  PaperController(Sheets sheets, ComparisonSheet beside) {
    this.sheets = sheets;
    this.beside = beside;
  }

  private static ResponseEntity<byte[]> pdf(String name, byte[] sheet) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
        .contentType(MediaType.APPLICATION_PDF)
        .body(sheet);
  }

  /** A recipe card of a kept version, one page. */
  @GetMapping(path = "/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> card(@PathVariable String id) {
    return pdf("card", sheets.card(id));
  }

  /** A handout for a class. */
  @GetMapping(path = "/{id}/handout.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> handout(@PathVariable String id) {
    return pdf("handout", sheets.handout(id));
  }

  /**
   * A label of a serving, to teach with.
   *
   * @param manner UNITED_STATES or EUROPEAN_UNION
   */
  @GetMapping(path = "/{id}/panel.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> panelSheet(@PathVariable String id, @RequestParam Rounding manner) {
    return pdf("label", sheets.panelSheet(id, manner));
  }

  /** The same as a picture. */
  @GetMapping(path = "/{id}/panel.svg", produces = "image/svg+xml")
  String panelPicture(@PathVariable String id, @RequestParam Rounding manner) {
    return PanelDrawing.svg(sheets.panel(id, manner));
  }

  /** Two to four kept versions side by side, on one page. */
  @GetMapping(path = "/beside.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> comparison(
      @RequestParam List<String> versions,
      @RequestParam(defaultValue = "SAME_BOWL") Mode mode,
      @RequestParam(required = false) String goals) {
    if (versions.size() < 2 || versions.size() > MOST_BESIDE) {
      throw Problem.badInput(
          "versions",
          versions.size() + " versions",
          "One page does not hold " + versions.size() + " versions.",
          "2 to " + MOST_BESIDE + " kept versions");
    }
    return pdf("side-by-side", beside.of(versions, mode, goals));
  }
}
