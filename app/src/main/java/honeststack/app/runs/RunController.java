package honeststack.app.runs;

import honeststack.app.runs.RunAnswers.NewRun;
import honeststack.app.runs.RunAnswers.RunAnswer;
import honeststack.app.runs.RunAnswers.RunsAnswer;
import honeststack.app.runs.RunAnswers.Telling;
import jakarta.validation.Valid;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/runs")
class RunController {
  private final RunService service;

  RunController(RunService service) {
    this.service = service;
  }

  /**
   * Runs, oldest first.
   *
   * @param version only those of this version
   * @param recipe only those of this recipe
   */
  @GetMapping
  RunsAnswer runs(
      @RequestParam(required = false) String version,
      @RequestParam(required = false) String recipe) {
    return service.runs(Optional.ofNullable(version), Optional.ofNullable(recipe));
  }

  @GetMapping("/{id}")
  RunAnswer run(@PathVariable String id) {
    return service.run(id);
  }

  /** Begins a run, under an identity given at the stove. */
  @PutMapping("/{id}")
  RunAnswer startRun(@PathVariable String id, @Valid @RequestBody NewRun run) {
    return service.start(id, run);
  }

  /** Adds what was told. */
  @PostMapping("/{id}/events")
  RunAnswer tell(@PathVariable String id, @Valid @RequestBody Telling telling) {
    return service.tell(id, telling.events());
  }

  /** The version that a run became. */
  record KeptRun(String versionId) {}

  /** Keeps a run as a version. */
  @PostMapping("/{id}/version")
  @ResponseStatus(HttpStatus.CREATED)
  KeptRun keepRun(@PathVariable String id) {
    return new KeptRun(service.keep(id));
  }
}
