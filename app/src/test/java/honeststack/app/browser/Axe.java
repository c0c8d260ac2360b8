package honeststack.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Runs axe-core in a page. */
final class Axe {
  private static final Path SCRIPT = Path.of("../web/node_modules/axe-core/axe.min.js");

  private Axe() {}

  /** Fails if axe finds anything serious or critical. */
  static void check(Page page) {
    try {
      page.evaluate(Files.readString(SCRIPT));
    } catch (IOException missing) {
      throw new UncheckedIOException("axe-core is not installed; build the pages first", missing);
    }
    Object found =
        page.evaluate(
            """
            async () => {
              const result = await axe.run(document);
              return result.violations
                .filter((v) => v.impact === 'serious' || v.impact === 'critical')
                .map((v) => v.id + ': ' + v.nodes.map((n) => n.html).slice(0, 3).join(' | '));
            }
            """);
    assertThat((List<?>) found).as("axe on " + page.url()).isEmpty();
  }
}
