package honeststack.app.kept;

import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.app.figures.Shown;
import honeststack.app.kept.KeptAnswers.KeepAnswer;
import honeststack.app.kept.KeptAnswers.KeepRequest;
import honeststack.app.kept.KeptAnswers.UseEntry;
import honeststack.app.kept.KeptAnswers.VersionAnswer;
import honeststack.app.kept.KeptAnswers.VersionEntry;
import honeststack.app.problem.Revision;
import honeststack.core.figures.Basis;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class KeptController {
  private final KeptService service;
  private final KeptShelf whole;

  KeptController(KeptService service, KeptShelf whole) {
    this.service = service;
    this.whole = whole;
  }

  /**
   * Kept versions, by recipe, oldest first.
   *
   * @param recipe only those of this recipe
   */
  @GetMapping("/versions")
  List<VersionEntry> versions(@RequestParam(required = false) String recipe) {
    return service.versions(Optional.ofNullable(recipe));
  }

  /** Keeps the stored draft as a version. */
  @PostMapping("/recipes/{id}/versions")
  @ResponseStatus(HttpStatus.CREATED)
  KeepAnswer keep(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody KeepRequest request) {
    return service.keep(id, Revision.expected(ifMatch), request.reason());
  }

  /** A kept version. */
  @GetMapping("/versions/{id}")
  VersionAnswer version(@PathVariable String id, @ParameterObject Shown shown) {
    return service.version(id, shown);
  }

  /** Puts a version into the bin. */
  @DeleteMapping("/versions/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable String id) {
    whole.remove(id);
  }

  /**
   * Where one figure of a kept version comes from.
   *
   * @param of the figure's tag
   */
  @GetMapping("/versions/{id}/trail")
  TrailAnswer trailOfVersion(
      @PathVariable String id, @RequestParam Basis basis, @RequestParam String of) {
    return service.trail(id, basis, of);
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
}
