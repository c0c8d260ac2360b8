package honeststack.app.paper;

import honeststack.app.figures.Shown;
import honeststack.app.problem.Problem;
import honeststack.core.claim.Rounding;
import honeststack.core.compare.Mode;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
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
@RequestMapping("/api")
class PaperController {
  private static final int MOST_BESIDE = 4;

  private final Sheets sheets;
  private final ComparisonSheet beside;
  private final KitchenSheets kitchen;

  PaperController(Sheets sheets, ComparisonSheet beside, KitchenSheets kitchen) {
    this.kitchen = kitchen;
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
  @GetMapping(path = "/versions/{id}/card.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> card(@PathVariable String id, @ParameterObject Shown shown) {
    return pdf("card", sheets.card(id, shown));
  }

  /** A handout for a class. */
  @GetMapping(path = "/versions/{id}/handout.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> handout(@PathVariable String id, @ParameterObject Shown shown) {
    return pdf("handout", sheets.handout(id, shown));
  }

  /**
   * A label of a serving, to teach with.
   *
   * @param manner UNITED_STATES or EUROPEAN_UNION
   */
  @GetMapping(path = "/versions/{id}/panel.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> panelSheet(@PathVariable String id, @RequestParam Rounding manner) {
    return pdf("label", sheets.panelSheet(id, manner));
  }

  /** The same as a picture. */
  @GetMapping(path = "/versions/{id}/panel.svg", produces = "image/svg+xml")
  String panelPicture(@PathVariable String id, @RequestParam Rounding manner) {
    return PanelDrawing.svg(sheets.panel(id, manner));
  }

  /** What was told of a morning, and what came of it. */
  @GetMapping(path = "/runs/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> morning(@PathVariable String id) {
    return pdf("morning", kitchen.morning(id));
  }

  /** A label for something that was put away. */
  @GetMapping(path = "/stock/{id}/label.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> label(@PathVariable String id) {
    return pdf("kept-label", kitchen.label(id));
  }

  /** Two to four kept versions side by side, on one page. */
  @GetMapping(path = "/versions/beside.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> comparison(
      @RequestParam List<String> versions,
      @RequestParam(defaultValue = "SAME_BOWL") Mode mode,
      @RequestParam(required = false) String goals,
      @ParameterObject Shown shown) {
    if (versions.size() < 2 || versions.size() > MOST_BESIDE) {
      throw Problem.badInput(
          "versions",
          versions.size() + " versions",
          "One page does not hold " + versions.size() + " versions.",
          "2 to " + MOST_BESIDE + " kept versions");
    }
    return pdf("side-by-side", beside.of(versions, mode, goals, shown));
  }
}
