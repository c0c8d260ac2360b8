package honeststack.app.archive;

import honeststack.app.archive.ArchiveForm.ArchiveReview;
import honeststack.app.archive.ArchiveForm.Restored;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/archive")
class ArchiveController {
  private final Archive archive;

  ArchiveController(Archive archive) {
    this.archive = archive;
  }

  /** All that is kept, in one file. */
  @GetMapping(produces = "application/zip")
  ResponseEntity<StreamingResponseBody> archive() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"honest-stack.zip\"")
        .body(archive::write);
  }

  /** What restoring an archive would do; nothing is done. */
  @PostMapping(path = "/review", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  ArchiveReview reviewArchive(@RequestBody byte[] file) {
    return archive.review(file);
  }

  /**
   * Puts everything of an archive in its place, or nothing.
   *
   * @param merge beside what is there already
   */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  Restored restore(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean merge) {
    return archive.restore(file, merge);
  }
}
