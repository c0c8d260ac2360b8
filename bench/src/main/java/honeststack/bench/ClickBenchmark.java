package honeststack.bench;

import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** From a click on + at the griddle until the tally shows other figures, in Chromium. */
final class ClickBenchmark {
  private static final int WARM_UP = 15;
  private static final int CLICKS = 120;
  private static final int PAUSE_MS = 400;

  /** Resolves with the milliseconds until the tally's text changes after a click. */
  private static final String CLICK =
      """
      () => new Promise(resolve => {
        const tally = document.querySelector('table.tally');
        const before = tally.textContent;
        const start = performance.now();
        const observer = new MutationObserver(() => {
          if (tally.textContent === before) return;
          observer.disconnect();
          requestAnimationFrame(() => resolve(performance.now() - start));
        });
        observer.observe(tally, { subtree: true, childList: true, characterData: true });
        document.querySelector('button[aria-label="Came out: more"]').click();
      })
      """;

  private ClickBenchmark() {}

  static void run(Served served) throws IOException, InterruptedException {
    Object named = Map.of("name", "Clicked", "draft", SampleDraft.draft());
    String id = served.ask("POST", "/api/recipes", named).get("id").asString();
    try (Playwright playwright = Playwright.create()) {
      Page page =
          playwright
              .chromium()
              .launch(
                  new LaunchOptions()
                      .setExecutablePath(Path.of("/usr/bin/chromium"))
                      .setArgs(List.of("--no-sandbox", "--disable-gpu")))
              .newPage();
      page.navigate(served.address() + "/bench/" + id);
      page.waitForSelector("table.tally");
      double[] times = new double[CLICKS];
      for (int i = 0; i < WARM_UP + CLICKS; i++) {
        page.waitForTimeout(PAUSE_MS);
        double took = ((Number) page.evaluate(CLICK)).doubleValue();
        if (i >= WARM_UP) {
          times[i - WARM_UP] = took;
        }
      }
      System.out.printf(
          "a click on + until the tally changes: p50 %.0f ms, p95 %.0f ms (goal: at most 80)%n%n",
          Served.percentile(times, 50), Served.percentile(times, 95));
    }
  }
}
