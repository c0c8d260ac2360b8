package honeststack.app.recipes;

import honeststack.app.http.Revision;
import honeststack.app.recipes.RecipeAnswers.KeepRequest;
import honeststack.app.recipes.RecipeAnswers.NamedDraft;
import honeststack.app.recipes.RecipeAnswers.RecipeAnswer;
import honeststack.app.recipes.RecipeAnswers.ShelfEntry;
import honeststack.app.recipes.RecipeAnswers.UseEntry;
import honeststack.app.recipes.RecipeAnswers.VersionAnswer;
import jakarta.validation.Valid;
import java.net.URI;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RecipeController {
  private final RecipeService service;

  RecipeController(RecipeService service) {
    this.service = service;
  }

  @GetMapping("/recipes")
  List<ShelfEntry> shelf() {
    return service.shelf();
  }

  @PostMapping("/recipes")
  @ResponseStatus(HttpStatus.CREATED)
  ResponseEntity<RecipeAnswer> start(@Valid @RequestBody NamedDraft named) {
    String id = service.start(named.name(), named.draft());
    RecipeAnswer answer = service.recipe(id);
    return ResponseEntity.created(URI.create("/api/recipes/" + id))
        .header(HttpHeaders.ETAG, Revision.tag(answer.revision()))
        .body(answer);
  }

  @GetMapping("/recipes/{id}")
  ResponseEntity<RecipeAnswer> recipe(@PathVariable String id) {
    return tagged(service.recipe(id));
  }

  @PutMapping("/recipes/{id}/draft")
  ResponseEntity<RecipeAnswer> save(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody NamedDraft named) {
    return tagged(service.save(id, Revision.expected(ifMatch), named));
  }

  /** Keeps the stored draft as a version. */
  @PostMapping("/recipes/{id}/versions")
  @ResponseStatus(HttpStatus.CREATED)
  VersionAnswer keep(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody KeepRequest request) {
    return service.keep(id, Revision.expected(ifMatch), request.reason());
  }

  /** Kept versions that hold this preparation. */
  @GetMapping("/recipes/{id}/uses")
  List<UseEntry> usesOfPreparation(@PathVariable String id) {
    return service.usesOfPreparation(id);
  }

  /** Kept versions that hold this food. */
  @GetMapping("/foods/{id}/uses")
  List<UseEntry> usesOfFood(@PathVariable String id) {
    return service.usesOfFood(id);
  }

  @DeleteMapping("/recipes/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    service.delete(id);
  }

  @GetMapping("/versions/{id}")
  VersionAnswer version(@PathVariable String id) {
    return service.version(id);
  }

  private static ResponseEntity<RecipeAnswer> tagged(RecipeAnswer answer) {
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, Revision.tag(answer.revision()))
        .body(answer);
  }
}
