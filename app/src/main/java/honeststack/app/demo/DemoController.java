package honeststack.app.demo;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** How far the demo has come, for whoever looks at the shelf meanwhile. */
@RestController
class DemoController {
  private final ObjectProvider<DemoLoader> loader;

  DemoController(ObjectProvider<DemoLoader> loader) {
    this.loader = loader;
  }

  /**
   * Steps of putting the demo on the shelf.
   *
   * @param done equal to {@code of} where none are left
   */
  record Arriving(int done, int of) {}

  /** How much of the demo is on the shelf. */
  @GetMapping("/api/demo")
  Arriving arriving() {
    DemoLoader loading = loader.getIfAvailable();
    return loading == null ? new Arriving(0, 0) : new Arriving(loading.done(), loading.of());
  }
}
