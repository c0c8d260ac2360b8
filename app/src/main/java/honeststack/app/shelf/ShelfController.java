package honeststack.app.shelf;

import honeststack.app.problem.Revision;
import honeststack.app.shelf.ShelfAnswers.NamedDraft;
import honeststack.app.shelf.ShelfAnswers.RecipeAnswer;
import honeststack.app.shelf.ShelfAnswers.SavedAnswer;
import honeststack.app.shelf.ShelfAnswers.ShelfEntry;
import honeststack.app.shelf.ShelfAnswers.Tags;
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
@RequestMapping("/api/recipes")
class ShelfController {
  private final ShelfService service;

  ShelfController(ShelfService service) {
    this.service = service;
  }

  @GetMapping
  List<ShelfEntry> shelf() {
    return service.shelf();
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ResponseEntity<RecipeAnswer> start(@Valid @RequestBody NamedDraft named) {
    String id = service.start(named.name(), named.draft());
    RecipeAnswer answer = service.recipe(id);
    return ResponseEntity.created(URI.create("/api/recipes/" + id))
        .header(HttpHeaders.ETAG, Revision.tag(answer.revision()))
        .body(answer);
  }

  @GetMapping("/{id}")
  ResponseEntity<RecipeAnswer> recipe(@PathVariable String id) {
    RecipeAnswer answer = service.recipe(id);
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, Revision.tag(answer.revision()))
        .body(answer);
  }

  @PutMapping("/{id}/draft")
  ResponseEntity<SavedAnswer> save(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody NamedDraft named) {
    SavedAnswer answer = service.save(id, Revision.expected(ifMatch), named);
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, Revision.tag(answer.revision()))
        .body(answer);
  }

  /** Sets the words that a recipe is found by. */
  @PutMapping("/{id}/tags")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void tag(@PathVariable String id, @Valid @RequestBody Tags tags) {
    service.tag(id, tags.tags());
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable String id) {
    service.delete(id);
  }
}
