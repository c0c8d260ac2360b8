package honeststack.app.compare;

import honeststack.app.compare.CompareAnswer.CompareRequest;
import honeststack.app.compare.CompareAnswer.SideBySide;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/compare")
class CompareController {
  private final CompareService service;

  CompareController(CompareService service) {
    this.service = service;
  }

  /** Two to six versions in, all figures, differences and causes out; nothing is stored. */
  @PostMapping
  SideBySide compare(@Valid @RequestBody CompareRequest request) {
    return service.compare(request);
  }
}
