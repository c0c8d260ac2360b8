package honeststack.app.figures;

import honeststack.app.draft.Draft;
import honeststack.app.figures.FiguresAnswer.TrailAnswer;
import honeststack.core.figures.Basis;
import jakarta.validation.Valid;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/figures")
class FiguresController {
  private final FiguresService service;

  FiguresController(FiguresService service) {
    this.service = service;
  }

  /**
   * A whole draft in, all its figures out; nothing is stored.
   *
   * @param recipe the recipe that it is the draft of; a preparation is not put into itself
   * @param bases that are shown; absent for all
   */
  @PostMapping
  FiguresAnswer figures(
      @Valid @RequestBody Draft draft,
      @RequestParam(required = false) String recipe,
      @ParameterObject Shown shown,
      @RequestParam(required = false) Set<Basis> bases) {
    return service.answer(
        service.read(draft, Optional.ofNullable(recipe)),
        Optional.ofNullable(draft.goalSetId()),
        shown,
        bases == null ? EnumSet.allOf(Basis.class) : bases);
  }

  /**
   * Where one figure of a draft comes from.
   *
   * @param of the figure's tag
   */
  @PostMapping("/trail")
  TrailAnswer trail(
      @Valid @RequestBody Draft draft,
      @RequestParam(required = false) String recipe,
      @RequestParam Basis basis,
      @RequestParam String of) {
    return service.trail(service.read(draft, Optional.ofNullable(recipe)), basis, of);
  }
}
