package honeststack.app.figures;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/figures")
class FiguresController {
  private final FiguresService service;

  FiguresController(FiguresService service) {
    this.service = service;
  }

  /** A whole draft in, all its figures out; nothing is stored. */
  @PostMapping
  FiguresAnswer figures(@Valid @RequestBody Draft draft) {
    return service.answer(draft);
  }
}
