package honeststack.app.files;

import honeststack.app.figures.Shown;
import honeststack.app.files.FigureFile.Row;
import honeststack.app.files.FilesService.FileReview;
import honeststack.app.problem.Problem;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class FilesController {
  private static final int MOST_VERSIONS = 50;

  private final FilesService service;
  private final VersionFigures figures;
  private final RecipeSchema schema;

  FilesController(FilesService service, VersionFigures figures, RecipeSchema schema) {
    this.figures = figures;
    this.service = service;
    this.schema = schema;
  }

  private static <T> ResponseEntity<T> download(String name, T body) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(body);
  }

  /** A recipe whole: draft, versions with all that they pin, mornings. */
  @GetMapping("/recipes/{id}/file")
  ResponseEntity<RecipeFile> recipeFile(@PathVariable String id) {
    RecipeFile file = service.recipe(id);
    return download(file.name() + ".recipe.json", file);
  }

  /** The form of such a file (JSON Schema, draft 2020-12). */
  @GetMapping(path = "/schema/recipe-1.json", produces = MediaType.APPLICATION_JSON_VALUE)
  String recipeSchema() {
    return schema.text();
  }

  /** What lies on a recipe's bench as linked data (schema.org Recipe). */
  @GetMapping("/recipes/{id}/linked")
  ResponseEntity<Map<String, Object>> linkedBench(@PathVariable String id) {
    Map<String, Object> linked = service.linkedBench(id);
    return download(linked.get("name") + ".jsonld", linked);
  }

  /** A kept version as linked data (schema.org Recipe). */
  @GetMapping("/versions/{id}/linked")
  ResponseEntity<Map<String, Object>> linkedVersion(@PathVariable String id) {
    Map<String, Object> linked = service.linked(id);
    return download(linked.get("name") + ".jsonld", linked);
  }

  /** A kept version as plain text. */
  @GetMapping(path = "/versions/{id}/text", produces = "text/plain;charset=UTF-8")
  String textOfVersion(@PathVariable String id) {
    return service.text(id);
  }

  /**
   * Figures of kept versions, one row each.
   *
   * @param versions their identities
   */
  @GetMapping(path = "/versions/figures.csv", produces = "text/csv")
  ResponseEntity<String> figuresAsCsv(
      @RequestParam List<String> versions, @ParameterObject Shown shown) {
    return download("figures.csv", figures.csv(counted(versions), shown));
  }

  /** The same as JSON. */
  @GetMapping("/versions/figures.json")
  ResponseEntity<List<Row>> figuresAsJson(
      @RequestParam List<String> versions, @ParameterObject Shown shown) {
    return download("figures.json", figures.rows(counted(versions), shown));
  }

  private static List<String> counted(List<String> versions) {
    if (versions.isEmpty() || versions.size() > MOST_VERSIONS) {
      throw Problem.badInput(
          "versions",
          versions.size() + " versions",
          "Figures of " + versions.size() + " versions cannot be written.",
          "1 to " + MOST_VERSIONS + " versions");
    }
    return versions;
  }

  /** What a file holds; nothing is kept. */
  @PostMapping(path = "/files/review", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  FileReview review(@RequestBody(required = false) byte[] file) {
    return service.review(file == null ? new byte[0] : file);
  }

  /** A recipe that was brought in. */
  record Brought(String id) {}

  /**
   * Puts a recipe's file on the shelf.
   *
   * @param copy beside the same recipe, if that is there already
   */
  @PostMapping(path = "/files", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  Brought bring(@RequestBody byte[] file, @RequestParam(defaultValue = "false") boolean copy) {
    return new Brought(service.bring(file, copy));
  }
}
